import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { Inject, Injectable } from '@nestjs/common';
import { Sequelize } from 'sequelize-typescript';
import { ScreenRow } from '../database/models.js';
import { notFound } from '../http/errors.js';
import { LiveService } from '../live/live.service.js';
import type { Network } from './network.js';
import { PairingCode } from './pairing-code.js';

export const NETWORK = Symbol('network');

export interface Screen {
  id: string;
  name: string;
  pairedAt: string;
  seenAt: string;
}

export type Pairing = { kind: 'paired'; token: string } | { kind: 'wrong'; left: number } | { kind: 'locked'; untilMs: number };

/** That a screen is still there is written down at most so often. */
const SEEN_EVERY_MS = 60_000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Screens on the network: paired by a code, known by a token of which only the hash is kept, sent away again. */
@Injectable()
export class ScreensService {
  private readonly pairing = new PairingCode();
  private readonly written = new Map<string, number>();
  /** Told when the code changes: the terminal shows it. */
  onNewCode: (code: string) => void = () => undefined;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly live: LiveService,
    @Inject(NETWORK) readonly network: Network | null,
  ) {}

  get code(): string {
    return this.pairing.code;
  }

  lockedUntil(): number | null {
    return this.pairing.lockedUntil(Date.now());
  }

  renewCode(): void {
    this.pairing.renew();
    this.tell();
  }

  async all(): Promise<Screen[]> {
    const rows = await ScreenRow.findAll({ order: [['pairedAt', 'ASC']] });
    return rows.map(({ id, name, pairedAt, seenAt }) => ({ id, name, pairedAt, seenAt }));
  }

  /** Pairs a screen by the code it typed; what is wrong is answered slowly. */
  async pair(code: string, name: string): Promise<Pairing> {
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
    await this.sequelize.transaction((transaction) =>
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
      await row.update({ seenAt: new Date().toISOString() });
    }
    return row.id;
  }

  /** Sends a screen away: what it asks for is refused from now on, and its open line is cut. */
  async revoke(id: string): Promise<void> {
    const gone = await this.sequelize.transaction((transaction) => ScreenRow.destroy({ where: { id }, transaction }));
    if (gone === 0) throw notFound('paired screen', id);
    this.live.cut(id);
    this.tell();
  }

  private tell(): void {
    this.onNewCode(this.pairing.code);
    this.live.changed(['screens'], null);
  }
}
