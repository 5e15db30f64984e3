import { describe, expect, test } from '@jest/globals';
import { MATERIALS } from '../materials/index.js';
import { HOW_TO, TECHNIQUES, TOOLS, isTechniqueId, techniqueById } from './index.js';

/** The table of the trade: where each leaves most. */
const MOST = {
  wash: 'recess',
  'pin-wash': 'recess',
  drybrush: 'crest',
  'edge-highlight': 'crest',
  'powder-dry': 'face',
  'airbrush-zenithal': 'crest',
  scrape: 'crest',
} as const;

describe('techniques', () => {
  test('ids are unique and figures make sense', () => {
    expect(new Set(TECHNIQUES.map((t) => t.id)).size).toBe(TECHNIQUES.length);
    for (const t of TECHNIQUES) {
      expect(t.tools.length).toBeGreaterThan(0);
      expect(t.tools.every((tool) => TOOLS.includes(tool))).toBe(true);
      for (const share of Object.values(t.deposit)) expect(share >= 0 && share <= 1).toBe(true);
      expect(t.usualCoverPct > 0 && t.usualCoverPct <= 100).toBe(true);
      expect(t.handsOn.perPieceMin).toBeGreaterThan(0);
      expect(t.source).toContain('common practice');
    }
  });

  test('each says how it is done and when it is right, and nothing else does', () => {
    expect(Object.keys(HOW_TO).sort()).toEqual(TECHNIQUES.map(({ id }) => id).sort());
    for (const { steps, right } of Object.values(HOW_TO)) {
      expect(steps.length).toBeGreaterThan(1);
      for (const words of [...steps, right]) expect(words).toMatch(/^[A-Z].*\.$/);
    }
  });

  test.each(Object.entries(MOST))('%s leaves most on the %s', (id, where) => {
    const { deposit } = techniqueById(id);
    expect(deposit[where]).toBe(Math.max(...Object.values(deposit)));
  });

  test('full coats go everywhere alike when sprayed; a wash leaves almost nothing on crests', () => {
    expect(techniqueById('airbrush-coat').deposit).toEqual({ recess: 1, face: 1, crest: 1 });
    expect(techniqueById('wash').deposit.crest).toBeLessThan(0.05);
  });

  test('what takes a material has one to take', () => {
    for (const t of TECHNIQUES) for (const role of t.roles) expect(MATERIALS.some((m) => m.role === role)).toBe(true);
  });

  test('an unknown id is named', () => {
    expect(isTechniqueId('sneeze')).toBe(false);
    expect(() => techniqueById('sneeze')).toThrow("technique 'sneeze' is not known");
  });
});
