import { urlencoded, type NextFunction, type Request, type Response } from 'express';
import { pairPage } from './pair-page.js';
import { comesFrom } from '../http/screen-id.js';
import type { ScreensService } from './screens.service.js';

const LOCAL_NAMES = new Set(['localhost', '127.0.0.1', '[::1]']);
const COOKIE = 'eveningtide_screen';
const YEAR_MS = 365 * 24 * 60 * 60 * 1000;
const LONGEST_NAME = 60;
const USUAL_NAME = 'Second screen';

/** Host without its port. */
const nameOf = (host: string): string => host.replace(/:\d+$/, '');

/** Requests that only read: a link from another page may lead here. */
const READS = new Set(['GET', 'HEAD']);
/** What a browser calls a request that no other page caused. */
const OWN_SITES = new Set(['same-origin', 'none']);

/** No page from elsewhere asks, nor one of another program on this machine: the origin is the address that is asked, with its port. */
function comesFromHere({ method, headers }: Request): boolean {
  const { host, origin } = headers;
  if (origin !== undefined) return origin === `http://${String(host)}`;
  const site = headers['sec-fetch-site'];
  return READS.has(method) || site === undefined || OWN_SITES.has(site);
}

/** This machine asking itself. */
const isLoopback = (address: string | undefined): boolean =>
  address !== undefined && (address === '::1' || address.startsWith('127.') || address.startsWith('::ffff:127.'));

function refuse(response: Response, status: number, error: string, message: string): void {
  response.status(status).json({ error, message });
}

const form = urlencoded({ extended: false, limit: '2kb', parameterLimit: 4 });

/**
 * Who may come in, asked before anything else, the app's own files too. This machine may, by its own names; from the network only what is paired, and
 * only when the network was asked for. A page from elsewhere never may.
 */
export class Gate {
  constructor(private readonly screens: ScreensService) {}

  async enter(request: Request, response: Response, next: NextFunction): Promise<void> {
    const { host, origin } = request.headers;
    const name = host === undefined ? '' : nameOf(host);
    if (LOCAL_NAMES.has(name) && isLoopback(request.socket.remoteAddress)) {
      if (comesFromHere(request)) next();
      else refuse(response, 403, 'foreign-origin', `origin ${String(origin)} is not allowed here; allowed: http://${String(host)}`);
      return;
    }
    if (!this.screens.network?.addresses.includes(name)) {
      refuse(response, 403, 'foreign-host', `host ${String(host)} is not allowed here; allowed: localhost, 127.0.0.1`);
      return;
    }
    if (!comesFromHere(request)) {
      refuse(response, 403, 'foreign-origin', `origin ${String(origin)} is not allowed here; allowed: http://${String(host)}`);
      return;
    }
    await this.fromTheNetwork(request, response, next);
  }

  private async fromTheNetwork(request: Request, response: Response, next: NextFunction): Promise<void> {
    const screenId = await this.screens.screenOf(tokenIn(request.headers.cookie));
    if (screenId !== null) {
      comesFrom(response, screenId);
      // nothing of the bench stays in a browser that may be sent away
      if (request.path.startsWith('/api')) response.setHeader('Cache-Control', 'no-store');
      if (request.path === '/pair') response.redirect(303, '/tonight');
      else next();
      return;
    }
    if (request.path === '/pair' && request.method === 'POST') {
      form(request, response, (error?: unknown) => {
        if (error) refuse(response, 400, 'unreadable', 'the form cannot be read');
        else this.pair(request, response).catch(next);
      });
      return;
    }
    if (request.path === '/pair') page(response, 200, { code: wordIn(request.query['code']), name: USUAL_NAME, problem: null });
    else if (request.method === 'GET' && !request.path.startsWith('/api') && request.accepts('html')) response.redirect(303, '/pair');
    else refuse(response, 401, 'not-paired', 'this screen is not paired');
  }

  private async pair(request: Request, response: Response): Promise<void> {
    const sent = (request.body ?? {}) as Record<string, unknown>;
    const code = wordIn(sent['code']);
    const name = wordIn(sent['name']).trim().slice(0, LONGEST_NAME) || USUAL_NAME;
    const pairing = await this.screens.pair(code, name);
    if (pairing.kind === 'paired') {
      response.cookie(COOKIE, pairing.token, { httpOnly: true, sameSite: 'strict', path: '/', maxAge: YEAR_MS });
      response.redirect(303, '/tonight');
    } else if (pairing.kind === 'closed')
      page(response, 403, {
        code: '',
        name,
        problem: 'Pairing is closed. Open it at the bench: in Workshop under Second screen, or with Enter in the terminal.',
      });
    else if (pairing.kind === 'wrong')
      page(response, 403, {
        code: '',
        name,
        problem: `That is not the code. ${pairing.left === 1 ? 'One more try' : `${String(pairing.left)} more tries`}, then pairing is locked for a while.`,
      });
    else
      page(response, 429, {
        code: '',
        name,
        problem: `Too many wrong codes: pairing is locked for ${String(Math.ceil((pairing.untilMs - Date.now()) / 60_000))} more minutes.`,
      });
  }
}

/** A word that was sent; anything else is none. */
const wordIn = (sent: unknown): string => (typeof sent === 'string' ? sent.slice(0, 200) : '');

function page(response: Response, status: number, content: Parameters<typeof pairPage>[0]): void {
  response
    .status(status)
    .set({
      'Cache-Control': 'no-store',
      // with no referrer at all a browser hides where the form comes from, and it would be taken for foreign
      'Referrer-Policy': 'same-origin',
    })
    .type('html')
    .send(pairPage(content));
}

function tokenIn(cookies: string | undefined): string | null {
  for (const one of (cookies ?? '').split(';')) {
    const [name, value] = one.split('=').map((word) => word.trim());
    if (name === COOKIE && value) return value;
  }
  return null;
}
