import { jest } from '@jest/globals';

interface Asked {
  method: string;
  path: string;
  body: unknown;
}

type Answer = { status?: number; body?: unknown; after?: Promise<void> } | 'no answer';

/**
 * What a page asks its server, and what it gets. Lists are there from the beginning; `answers` says what else comes, by method and path, the next in turn or
 * always the last. What is to come late waits for `after`.
 */
export class FakeServer {
  readonly asked: Asked[] = [];
  private readonly answers = new Map<string, Answer[]>();

  constructor(lists: Record<string, unknown> = {}) {
    const usual = {
      pieces: [],
      bottles: [],
      materials: [],
      mixes: [],
      finishes: [],
      strips: [],
      cutlists: [],
      loads: [],
      log: [],
      deleted: [],
      devices: [],
      workshop: null,
    };
    for (const [name, body] of Object.entries({ ...usual, ...lists })) this.answer(`GET /api/${name}`, { body });
    globalThis.fetch = jest.fn((input: RequestInfo | URL, init?: RequestInit) => this.respond(new Request(input, init)));
  }

  /** The next time this is asked, the first of these comes, then the next; the last stays. */
  answer(what: string, ...answers: Answer[]): void {
    this.answers.set(what, answers);
  }

  /** What was sent of one kind, in order. */
  sent(method: string): Asked[] {
    return this.asked.filter((one) => one.method === method);
  }

  private async respond(request: Request): Promise<Response> {
    const path = new URL(request.url).pathname;
    const text = await request.text();
    this.asked.push({ method: request.method, path, body: text === '' ? null : JSON.parse(text) });
    const answers = this.answers.get(`${request.method} ${path}`);
    const answer = answers && answers.length > 1 ? answers.shift() : answers?.[0];
    if (answer === 'no answer') throw new TypeError('Failed to fetch');
    if (!answer) throw new Error(`nobody answers ${request.method} ${path}`);
    const { status = 200, body, after } = answer;
    await after;
    return new Response(status === 204 ? null : JSON.stringify(body ?? null), { status, headers: { 'content-type': 'application/json' } });
  }
}
