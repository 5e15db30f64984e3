import { nanoid } from '@reduxjs/toolkit';
import { fetchBaseQuery, retry, type BaseQueryApi, type FetchArgs } from '@reduxjs/toolkit/query/react';
import { heardOf } from './in-step.js';

/** Names this screen to the server, so that it is not told of its own changes. */
export const SCREEN = nanoid(12);

/** This page was not fetched on the machine that the server runs on. */
export const IS_SECOND = typeof location !== 'undefined' && !['localhost', '127.0.0.1', '[::1]'].includes(location.hostname);

const ask = fetchBaseQuery({
  baseUrl: '/api',
  prepareHeaders: (headers) => {
    headers.set('x-eveningtide-screen', SCREEN);
  },
});

/** What the shelf saves is sent again where no answer came or the server could not just then; a save that came through twice is answered like once. */
export const PATIENT = { maxTries: 5 };

/** No answer came, or the server could not do it just now. */
const isPassing = (error: unknown): boolean => {
  const status = typeof error === 'object' && error !== null && 'status' in error ? error.status : null;
  return typeof status !== 'number' || status >= 500;
};

const asked = async (request: string | FetchArgs, queryApi: BaseQueryApi, extra: { maxTries?: number }) => {
  const answer = await ask(request, queryApi, extra);
  heardOf(answer.meta?.response?.headers.get('x-eveningtide-state') ?? null);
  // a second screen that was sent away, or never paired
  if (IS_SECOND && answer.error?.status === 401) location.assign('/pair');
  return answer;
};

/** How the server is asked. */
export const baseQuery = retry(asked, {
  retryCondition: (error, _request, { attempt, extraOptions }) =>
    attempt < ((extraOptions as { maxTries?: number } | undefined)?.maxTries ?? 1) && isPassing(error),
});
