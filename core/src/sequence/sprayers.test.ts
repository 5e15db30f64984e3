import { describe, expect, test } from '@jest/globals';
import { constantAir } from '../climate/index.js';
import { CATALOGUE, suppliesOf, type Supplies } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { checkSequence, incomingOf, subjectOf, usualTool } from './index.js';

const having = (airbrush: boolean, cans: boolean): Supplies => suppliesOf({ bottles: [], materials: [], sprayers: { airbrush, cans } });
const piece = pieceFromTemplate(templateById('wall'), { id: 'w', name: 'Wall', scaleRatio: 76 });

/** A wash that lifts the coat below. */
const LIFTING = [
  plainStep({ id: 'a', technique: 'brush-coat', material: 'enamel-matt', zones: ['all'] }),
  plainStep({ id: 'b', technique: 'wash', material: 'wash-enamel', zones: ['all'] }),
];

/** Kinds that fixes would lay. */
function laidByFixes(supplies: Supplies, steps: Step[] = LIFTING, on: Piece = piece): string[] {
  const { findings } = checkSequence(
    {
      subject: subjectOf(on),
      steps,
      startsMin: steps.map((_, i) => i * 1440),
      durationsMin: steps.map(() => 10),
      bench: constantAir({ tempC: 20, rhPct: 50 }),
      supplies,
    },
    { propose: true },
  );
  return findings
    .flatMap(({ fixes }) => fixes)
    .flatMap(({ edits }) => edits)
    .flatMap((edit) => (edit.kind === 'insert' && edit.step.material !== null ? [edit.step.material] : []));
}

describe('what there is to spray with', () => {
  test('an unnamed tool is one that is there and takes the material', () => {
    const clear = techniqueById('clear-coat');
    const acrylic = CATALOGUE.material('clear-matt-acrylic');
    expect(usualTool(clear, acrylic, CATALOGUE)).toBe('airbrush');
    expect(usualTool(clear, acrylic, having(false, true))).toBe('flat brush');
    expect(usualTool(clear, CATALOGUE.material('clear-matt-lacquer-aerosol'), having(false, true))).toBe('aerosol');
    const step = plainStep({ id: 's', technique: 'clear-coat', material: 'clear-matt-acrylic', zones: ['all'] });
    expect([incomingOf(step, CATALOGUE).sprayed, incomingOf(step, having(false, false)).sprayed]).toEqual([true, false]);
    // what the painter names is what is used
    expect(incomingOf({ ...step, tool: 'airbrush' }, having(false, false)).sprayed).toBe(true);
  });

  test('fixes bring no can where there is none', () => {
    const isCan = (id: string): boolean => CATALOGUE.material(id).aerosol;
    expect(laidByFixes(having(true, true)).some(isCan)).toBe(true);
    const without = laidByFixes(having(false, false));
    expect(without.length).toBeGreaterThan(0);
    expect(without.filter(isCan)).toEqual([]);
  });

  test('what bare metal and bare card want first is brushed where there is no can', () => {
    const bare = (substrate: 'brass' | 'card'): Piece => ({
      ...piece,
      zones: piece.zones.map((zone) => ({ ...zone, substrate, startSheen: 'bare' })),
    });
    const paint = [plainStep({ id: 'a', technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'] })];
    const first = (cans: boolean, substrate: 'brass' | 'card') => laidByFixes(having(true, cans), paint, bare(substrate));
    expect(first(true, 'brass')).toEqual(['primer-etch-aerosol']);
    expect(first(false, 'brass')).toEqual(['primer-etch-brush']);
    expect(first(true, 'card')).toContain('primer-lacquer-aerosol');
    expect(first(false, 'card')).toContain('primer-shellac-brush');
    // and what is brushed first is heard as what it is
    const grounded = [plainStep({ id: 'g', technique: 'brush-coat', material: 'primer-etch-brush', zones: ['all'] }), ...paint];
    expect(laidByFixes(having(false, false), grounded, bare('brass'))).toEqual([]);
  });
});
