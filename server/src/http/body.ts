import { PayloadTooLargeException } from '@nestjs/common';
import type { Request } from 'express';

const MB = 1_000_000;

/** A body as it comes in. @throws PayloadTooLargeException as soon as it is longer than allowed. */
export async function* limitedBody(request: Request, mostBytes: number, what: string): AsyncGenerator<Buffer> {
  let length = 0;
  for await (const chunk of request as AsyncIterable<Buffer>) {
    length += chunk.length;
    if (length > mostBytes)
      throw new PayloadTooLargeException({
        error: 'too-large',
        message: `${what} is too large; allowed: up to ${String(mostBytes / MB)} MB`,
      });
    yield chunk;
  }
}

/** The whole body of a request that no parser has read. @throws PayloadTooLargeException */
export async function bodyOf(request: Request, mostBytes: number, what: string): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of limitedBody(request, mostBytes, what)) chunks.push(chunk);
  return Buffer.concat(chunks);
}
