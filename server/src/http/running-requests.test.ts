import { expect, test } from '@jest/globals';
import type { CallHandler, ExecutionContext } from '@nestjs/common';
import { firstValueFrom, Subject } from 'rxjs';
import { RunningRequests } from './running-requests.js';

const NOWHERE = {} as ExecutionContext;

/** A request under way, and what ends it. */
function under(requests: RunningRequests) {
  const answer = new Subject<string>();
  const handler: CallHandler = { handle: () => answer };
  const answered = firstValueFrom(requests.intercept(NOWHERE, handler)).catch(() => 'failed');
  return { answer, answered };
}

test('stopping waits for the last request, whether it succeeds or fails', async () => {
  const requests = new RunningRequests();
  const [good, bad] = [under(requests), under(requests)];
  let stopped = false;
  const stop = requests.beforeApplicationShutdown().then(() => (stopped = true));
  good.answer.next('here');
  good.answer.complete();
  await good.answered;
  expect(stopped).toBe(false);
  bad.answer.error(new Error('no'));
  await stop;
  expect(await bad.answered).toBe('failed');
});

test('with nothing under way it stops at once', async () => {
  await new RunningRequests().beforeApplicationShutdown();
});
