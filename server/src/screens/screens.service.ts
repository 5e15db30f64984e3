import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { Injectable } from '@nestjs/common';
import { Writes } from '../database/writes.js';
import { ScreenRow } from './screen.row.js';
import { notFound } from '../http/errors.js';
import { LiveService } from '../live/live.service.js';
import type { Network } from './network.js';
import { NetworkDoor } from './network-door.js';
import { PairingCode } from './pairing-code.js';

export interface Screen {
  id: string;
  name: string;
  pairedAt: string;
  seenAt: string;
}

export type Pairing =
  { kind: 'paired'; token: string } | { kind: 'closed' } | { kind: 'wrong'; left: number } | { kind: 'locked'; untilMs: number };

/** So long a screen can be paired after the start, or after it was asked for: not whenever somebody in the network tries. */
const OPEN_MS = 10 * 60_000;

/** That a screen is still there is written down at most so often. */
const SEEN_EVERY_MS = 60_000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Screens on the network: paired by a code, known by a token of which only the hash is kept, sent away again. */
@Injectable()
export class ScreensService {
  private readonly pairing = new PairingCode();
  private openUntilMs = Date.now() + OPEN_MS;
  private readonly written = new Map<string, number>();
  /** Told when the code changes: the terminal shows it. */
  onNewCode: (code: string) => void = () => undefined;

  constructor(
    private readonly writes: Writes,
    private readonly live: LiveService,
    private readonly door: NetworkDoor,
  ) {}

  /** How the server is reached from the network now; null: only from this machine. */
  get network(): Network | null {
    return this.door.network;
  }

  /** The network was asked for at the start, and stays. */
  get isFixed(): boolean {
    return this.door.isFixed;
  }

  /** Answers the network, and opens pairing. @throws NetworkError */
  async openNetwork(): Promise<void> {
    await this.door.open();
    this.renewCode();
  }

  /** Answers this machine only. What was paired stays so for the next time. */
  async closeNetwork(): Promise<void> {
    await this.door.close();
    this.tell();
  }

  get code(): string {
    return this.pairing.code;
  }

  lockedUntil(): number | null {
    return this.pairing.lockedUntil(Date.now());
  }

  /** LocalMoment until which a screen can be paired; null: pairing is closed. */
  openUntil(): number | null {
    return Date.now() < this.openUntilMs ? this.openUntilMs : null;
  }

  /** Draws another code and opens pairing for some minutes. */
  renewCode(): void {
    this.pairing.renew();
    this.openUntilMs = Date.now() + OPEN_MS;
    this.tell();
  }

  async all(): Promise<Screen[]> {
    const rows = await ScreenRow.findAll({ order: [['pairedAt', 'ASC']] });
    return rows.map(({ id, name, pairedAt, seenAt }) => ({ id, name, pairedAt, seenAt }));
  }

  /** Pairs a screen by the code it typed; what is wrong is answered slowly. */
  async pair(code: string, name: string): Promise<Pairing> {
    if (this.openUntil() === null) return { kind: 'closed' };
    const attempt = this.pairing.attempt(code, Date.now());
    if (attempt.kind === 'locked') {
      this.tell();
      return attempt;
    }
    if (attempt.kind === 'wrong') {
      await wait(attempt.waitMs);
      return { kind: 'wrong', left: attempt.left };
    }
    const token = randomBytes(32).toString('base64url');
    const now = new Date().toISOString();
    await this.writes.transaction((transaction) =>
      ScreenRow.create({ id: randomUUID(), name, tokenHash: hashOf(token), pairedAt: now, seenAt: now }, { transaction }),
    );
    this.tell();
    return { kind: 'paired', token };
  }

  /** The screen that a token belongs to; null: to none, or to one that was sent away. */
  async screenOf(token: string | null): Promise<string | null> {
    if (token === null) return null;
    const row = await ScreenRow.findOne({ where: { tokenHash: hashOf(token) } });
    if (!row) return null;
    if (Date.now() - (this.written.get(row.id) ?? 0) > SEEN_EVERY_MS) {
      this.written.set(row.id, Date.now());
      // who asks need not wait for it, and a full disk must not lock a screen out
      this.writes.transaction((transaction) => row.update({ seenAt: new Date().toISOString() }, { transaction })).catch(() => undefined);
    }
    return row.id;
  }

  /** Sends a screen away: what it asks for is refused from now on, and its open line is cut. */
  async revoke(id: string): Promise<void> {
    const gone = await this.writes.transaction((transaction) => ScreenRow.destroy({ where: { id }, transaction }));
    if (gone === 0) throw notFound('paired screen', id);
    this.live.cut(id);
    this.tell();
  }

  private tell(): void {
    this.onNewCode(this.pairing.code);
    this.live.changed(['screens'], null);
  }
}
