import { plainBottle, suppliesOf, type Bottle } from '../materials/index.js';
import type { Mix } from '../mixing/index.js';
import { DEFAULT_WORKSHOP, planPieces } from '../schedule/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { needsOf } from './index.js';

/** Pieces, steps and bottles that the tests of this room begin with. */
export const DAY = '2026-11-24';
export const step = (id: string, technique: string, material: string | null, more: Partial<Step> = {}): Step =>
  plainStep({ id, technique, material, zones: ['all'], ...more });
export const van = (id: string, steps: Step[], more: Partial<Piece> = {}): Piece => ({
  ...pieceFromTemplate(templateById('van'), { id, name: `Van ${id}`, scaleRatio: 76 }),
  steps,
  ...more,
});
export const wash = (id = 'w', more: Partial<Step> = {}) =>
  step(id, 'wash', 'wash-enamel', { bottleId: 'umber', dilution: { thinner: 'white-spirit', parts: [1, 2] }, ...more });
export const bottle = (id: string, material: string, more: Partial<Bottle> = {}): Bottle =>
  plainBottle({ id, name: id, material, colour: '#3b2a1e', sizeMl: 20, leftMl: 20, ...more });
export const umber = bottle('umber', 'wash-enamel', { price: 5 });
export const spirit = bottle('spirit', 'white-spirit', { sizeMl: 500, leftMl: 3, price: 4 });
export const shelfOf = (...bottles: Bottle[]) => suppliesOf({ bottles, materials: [] });
export const outlookOf = (pieces: Piece[], bottles: Bottle[] = [umber, spirit]) =>
  planPieces({ pieces, workshop: DEFAULT_WORKSHOP, shelf: { bottles, materials: [] }, log: [], originDate: DAY, nowMin: 0 });
export const needs = (pieces: Piece[], bottles: Bottle[] = [umber, spirit], mixes: Mix[] = []) =>
  needsOf(pieces, outlookOf(pieces, bottles), { supplies: shelfOf(...bottles), mixes });
export const total = (uses: readonly { ml: number }[]): number => uses.reduce((sum, { ml }) => sum + ml, 0);
