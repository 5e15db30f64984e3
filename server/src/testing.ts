import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { emptyPlan, type PlanFile } from '@eveningtide/core/plan-file';
import { pieceFromTemplate, plainStep, templateById, type Piece } from '@eveningtide/core/subjects';
import { createApp } from './app.js';
import type { Network } from './screens/network.js';

export interface TestServer {
  app: NestExpressApplication;
  file: string;
  /** Ends the server; its data stay, for another to go on with. */
  stop: () => Promise<void>;
  end: () => Promise<void>;
}

/** A server on a database of its own in a temporary folder, for tests. */
export async function testApp(databaseFile?: string, network: Network | null = null): Promise<TestServer> {
  const folder = mkdtempSync(join(tmpdir(), 'eveningtide-test-'));
  const file = databaseFile ?? join(folder, 'workshop.sqlite');
  const app = await createApp({ databaseFile: file, webFolder: null, network });
  await app.init();
  let closing: Promise<void> | null = null;
  const stop = () => (closing ??= app.close());
  const end = async () => {
    await stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { app, file, stop, end };
}

export function testPiece(id = 'van-1', more: Partial<Piece> = {}): Piece {
  return {
    ...pieceFromTemplate(templateById('van'), { id, name: 'Salt van', scaleRatio: 76 }),
    steps: [
      plainStep({ id: 's1', technique: 'clean', material: 'water-detergent', zones: ['all'] }),
      plainStep({
        id: 's2',
        technique: 'wash',
        material: 'wash-enamel',
        zones: ['side-lower'],
        dilution: { thinner: 'white-spirit', parts: [1, 2] },
      }),
    ],
    ...more,
  };
}

export const testPlan = (more: Partial<PlanFile> = {}): PlanFile => ({
  ...emptyPlan(),
  bottles: [
    {
      id: 'umber',
      name: 'Umber wash',
      material: 'wash-enamel',
      colour: '#3b2a1e',
      sizeMl: 40,
      leftMl: 31,
      openedOn: '2026-06-02',
      triedOn: null,
      place: '',
      note: '',
      price: 6.5,
      whiteSwatch: { parts: [1, 4], colour: '#a99c90' },
      dropsPerMl: null,
    },
  ],
  pieces: [testPiece()],
  ...more,
});
