import type { IncomingMessage } from 'node:http';
import { json, type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { shown } from '../validation/shown.js';

const MB = 1_000_000;
const BYTE_ORDER_MARK = Buffer.from([0xef, 0xbb, 0xbf]);

/** How a body is written that cannot be read as JSON. */
class EncodingError extends Error {}

function verified(_request: IncomingMessage, _response: unknown, body: Buffer, encoding: string): void {
  if (encoding !== 'utf-8') throw new EncodingError(`text as ${encoding}`);
  if (body.subarray(0, BYTE_ORDER_MARK.length).equals(BYTE_ORDER_MARK)) throw new EncodingError('a byte order mark');
}

/** Reads JSON bodies: UTF-8 and nothing else, so that what is stored is what was sent. */
export const jsonBody = (limitBytes: number): RequestHandler => json({ limit: limitBytes, verify: verified });

interface BodyError extends Error {
  type: string;
  status: number;
  body?: unknown;
  limit?: number;
}

const isBodyError = (error: unknown): error is BodyError =>
  error instanceof Error && 'type' in error && 'status' in error && typeof error.status === 'number';

const refusal = (value: string) => {
  const fault = { path: '(body)', value, allowed: 'JSON, written as UTF-8 without a byte order mark' };
  return { error: 'invalid', message: `${fault.path}: ${value} is not allowed here; allowed: ${fault.allowed}`, faults: [fault] };
};

/** A body that was not taken is refused with words, like one whose fields are wrong. */
export function refusedBody(error: unknown, _request: Request, response: Response, next: NextFunction): void {
  if (!isBodyError(error)) next(error);
  else if (error.type === 'entity.parse.failed') response.status(400).json(refusal(shown(error.body).replaceAll('\u0000', '\\u0000')));
  else if (error.type === 'entity.verify.failed') response.status(400).json(refusal(error.message));
  else if (error.type === 'entity.too.large')
    response.status(413).json({ error: 'too-large', message: `It is too large; allowed: up to ${String((error.limit ?? 0) / MB)} MB` });
  else response.status(error.status).json({ error: 'unreadable', message: error.message });
}
