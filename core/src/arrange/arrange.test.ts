import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { constantAir } from '../climate/index.js';
import { EFFECTS, RECIPES, proposedWishes, recipeWishes, recipesFor, suits } from '../effects/index.js';
import { CATALOGUE, suppliesOf } from '../materials/index.js';
import { checkSequence, handsOnMinutes, incomingOf, subjectOf } from '../sequence/index.js';
import {
  ERAS,
  NO_INTENT,
  PRIMER_GREY,
  REGIONS,
  TEMPLATES,
  UPKEEPS,
  USUAL_STORY,
  asItComes,
  pieceFromTemplate,
  plainStep,
  templateById,
  type Intent,
  type Piece,
  type Step,
  type Story,
  type Wish,
} from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { arrange, type ArrangeProblem } from './arrange.js';

const AIR = { tempC: 20, rhPct: 50 };

const wish = (effect: string, more: Partial<Wish> = {}): Wish => ({
  id: effect,
  effect,
  way: null,
  zones: null,
  featureId: null,
  intensity: 0.5,
  priority: 'must',
  colour: null,
  ...more,
});
const bare = (template: string, more: Partial<Piece> = {}): Piece => ({
  ...pieceFromTemplate(templateById(template), { id: 'p', name: 'P', scaleRatio: 76 }),
  ...more,
});
const asked = (piece: Piece, intent: Partial<Intent>, more: Partial<ArrangeProblem> = {}): ArrangeProblem => ({
  piece,
  story: USUAL_STORY,
  supplies: CATALOGUE,
  schools: USUAL_SCHOOLS,
  today: '2026-11-25',
  air: AIR,
  intent: { ...NO_INTENT, ...intent },
  ...more,
});
const order = (steps: readonly Step[] | null) => steps?.map(({ technique, material }) => `${technique} ${material ?? ''}`.trim());
const placeOf = (steps: readonly Step[] | null, wishId: string) => steps?.findIndex(({ fromWish }) => fromWish === wishId) ?? -1;

/** What the public check says of an arranged sequence. */
function alarms(steps: readonly Step[], piece: Piece): string[] {
  const { findings } = checkSequence({
    subject: subjectOf(piece),
    steps,
    startsMin: [],
    durationsMin: steps.map((step) => handsOnMinutes(step, piece)),
    bench: constantAir(AIR),
  });
  return findings.filter(({ severity }) => severity !== 'hint').map(({ rule, stepIndex }) => `${rule}@${String(stepIndex + 1)}`);
}

describe('an order from wishes', () => {
  test('seals what the next medium would lift, masks the windows, and says why', () => {
    const piece = bare('van');
    const { steps, reasons, cost, collision } = arrange(
      asked(piece, {
        wishes: [wish('undercoat'), wish('body-colour'), wish('recess-shade', { way: 'enamel' }), wish('dust', { way: 'powder' })],
      }),
    );
    expect(collision).toBeNull();
    expect(alarms(steps!, piece)).toEqual([]);
    expect(placeOf(steps, 'undercoat')).toBeLessThan(placeOf(steps, 'body-colour'));
    expect(placeOf(steps, 'recess-shade')).toBeLessThan(placeOf(steps, 'dust'));
    expect(steps!.at(-1)!.technique).toBe('clean-treads');
    expect(cost!.coats).toBeGreaterThan(0);
    for (const step of steps!) expect(reasons.some(({ stepId }) => stepId === step.id)).toBe(true);
    expect(reasons.find(({ kind }) => kind === 'seal')?.text).toMatch(/Without it: /);
  });

  test('powder that a clear or fixer covers is put on stronger', () => {
    const { steps } = arrange(asked(bare('van'), { wishes: [wish('body-colour'), wish('dust', { way: 'powder' })] }));
    const powder = steps!.find(({ technique }) => technique === 'powder-dry')!;
    expect(powder.allowance).toBe(2);
  });

  test('a shelf piece keeps its powder loose: no coat is added for it', () => {
    const wishes = [wish('undercoat'), wish('dust', { way: 'powder' })];
    expect(arrange(asked(bare('wall'), { wishes })).cost).toMatchObject({ coats: 0 });
    expect(arrange(asked(bare('wall', { handled: true }), { wishes })).cost).toMatchObject({ coats: 1 });
  });

  test('chipping stays together, opens within its window, and is hard enough below', () => {
    const piece = bare('tracked');
    const { steps } = arrange(
      asked(piece, {
        wishes: [wish('undercoat'), wish('soluble-chips', { zones: ['side-upper'] }), wish('recess-shade', { way: 'acrylic' })],
      }),
    );
    expect(alarms(steps!, piece)).toEqual([]);
    const at = steps!.findIndex(({ technique }) => technique === 'chip');
    expect(order(steps)!.slice(at - 2, at + 1)).toEqual(['spray-coat chipping-medium', 'airbrush-coat acrylic-matt', 'chip water']);
  });

  test('what is never seen, and what must be kept clean, gets no work', () => {
    const piece = bare('load');
    const { steps, leftOut } = arrange(asked(piece, { wishes: [wish('undercoat'), wish('green-foot')] }));
    expect(steps!.flatMap(({ zones }) => zones)).not.toContain('base');
    expect(leftOut.map(({ id }) => id)).toEqual(['green-foot']);
  });

  test('a template of every kind gets a sequence without snag or caution from its story', () => {
    for (const template of TEMPLATES) {
      const piece = bare(template.id);
      const proposed = proposedWishes(piece, USUAL_STORY, 'heavy');
      const base = ['undercoat', 'body-colour', 'underframe-colour'].filter(
        (id) =>
          !proposed.some(({ effect }) => effect === id) &&
          suits(
            EFFECTS.find((effect) => effect.id === id)!,
            piece,
          ),
      );
      const wishes = [...base.map((id) => wish(id)), ...proposed];
      const { steps } = arrange(asked(piece, { wishes }));
      expect([template.id, steps === null ? ['no order'] : alarms(steps, piece)]).toEqual([template.id, []]);
    }
  });
});

describe('what a story proposes', () => {
  const stories = REGIONS.flatMap((region) =>
    ERAS.flatMap((era) =>
      UPKEEPS.flatMap((upkeep) => [1, 8, 20, 50].map((ageYears): Story => ({ ...USUAL_STORY, region, era, upkeep, ageYears }))),
    ),
  );

  test('has an order on every template, without snag or caution, in sixteen steps at most', () => {
    const seen = new Set<string>();
    for (const template of TEMPLATES) {
      const piece = bare(template.id);
      for (const story of stories) {
        const wishes = proposedWishes(piece, story);
        // what differs in strength only is ordered alike
        const key = `${template.id} ${wishes.map(({ effect }) => effect).join(' ')}`;
        if (seen.has(key)) continue;
        seen.add(key);
        const { steps } = arrange(asked(piece, { wishes, story }, { story }));
        expect([key, steps === null ? ['no order'] : alarms(steps, piece)]).toEqual([key, []]);
        expect(steps!.length).toBeLessThanOrEqual(16);
      }
    }
    expect(seen.size).toBeGreaterThan(300);
  }, 300_000);
});

describe('a recipe to start from', () => {
  const comes = [
    { comes: 'bare', colour: PRIMER_GREY, sheen: 'matt' },
    { comes: 'primed', colour: PRIMER_GREY, sheen: 'matt' },
    { comes: 'painted', colour: '#5a4330', sheen: 'gloss' },
  ] as const;

  test('has an order on every piece that it suits, however that comes, without snag or caution', () => {
    let tried = 0;
    for (const template of TEMPLATES)
      for (const how of comes) {
        const piece = asItComes(pieceFromTemplate(template, { id: 'p', name: 'P', scaleRatio: 76 }), how);
        for (const recipe of recipesFor(piece)) {
          const wishes = recipeWishes(piece, recipe, how.comes === 'painted' ? null : '#6b5a3e');
          const { steps } = arrange(asked(piece, { wishes }));
          const key = `${recipe.id} on ${template.id}, ${how.comes}`;
          expect([key, steps === null ? ['no order'] : alarms(steps, piece)]).toEqual([key, []]);
          expect(steps!.some(({ colour }) => colour === '#6b5a3e')).toBe(how.comes !== 'painted');
          tried++;
        }
      }
    expect(tried).toBeGreaterThan(200);
  }, 120_000);

  test('is laid with what there is: without airbrush or cans nothing is sprayed, and still no alarm', () => {
    const brushes = suppliesOf({ bottles: [], materials: [], sprayers: { airbrush: false, cans: false } });
    for (const template of TEMPLATES) {
      const piece = asItComes(pieceFromTemplate(template, { id: 'p', name: 'P', scaleRatio: 76 }), comes[0]);
      for (const recipe of recipesFor(piece)) {
        const { steps, letStand } = arrange(asked(piece, { wishes: recipeWishes(piece, recipe, '#6b5a3e') }, { supplies: brushes }));
        const key = `${recipe.id} on ${template.id}`;
        expect([key, steps === null ? 'no order' : letStand]).toEqual([key, []]);
        const sprayed = steps!
          .filter((step) => incomingOf(step, brushes).sprayed)
          .map(({ technique, material }) => `${technique} ${material ?? ''}`);
        expect([key, sprayed]).toEqual([key, []]);
      }
    }
  }, 120_000);

  test('bare metal and card get a ground that is there: from the can, else with a brush, and no alarm', () => {
    for (const [cans, substrate, ground] of [
      [true, 'brass', 'primer-etch-aerosol'],
      [false, 'brass', 'primer-etch-brush'],
      [false, 'card', 'primer-shellac-brush'],
    ] as const) {
      const supplies = suppliesOf({ bottles: [], materials: [], sprayers: { airbrush: false, cans } });
      const van = pieceFromTemplate(templateById('van'), { id: 'p', name: 'P', scaleRatio: 76 });
      const bare = van.zones.map((zone) => ({
        ...zone,
        startSheen: 'bare' as const,
        substrate: zone.keepClean ? zone.substrate : substrate,
      }));
      const piece = { ...van, zones: bare };
      const recipe = recipesFor(piece)[0]!;
      const { steps, letStand } = arrange(asked(piece, { wishes: recipeWishes(piece, recipe, '#6b5a3e') }, { supplies }));
      expect([substrate, cans, steps?.some(({ material }) => material === ground)]).toEqual([substrate, cans, true]);
      expect([substrate, cans, letStand]).toEqual([substrate, cans, []]);
    }
  });

  test('every recipe suits something, and every kind of piece has one', () => {
    const pieces = TEMPLATES.map((template) => pieceFromTemplate(template, { id: 'p', name: 'P', scaleRatio: 76 }));
    expect(new Set(pieces.flatMap((piece) => recipesFor(piece)))).toEqual(new Set(RECIPES));
    for (const piece of pieces) expect([piece.template, recipesFor(piece).length > 1]).toEqual([piece.template, true]);
  });
});

describe('what the painter has already', () => {
  const own = (id: string, technique: string, material: string | null, more: Partial<Step> = {}) =>
    plainStep({ id, technique, material, zones: ['all'], ...more });

  test('steps of one’s own stay, and keep their order where it is right', () => {
    const piece = bare('wall', {
      steps: [
        own('a', 'brush-coat', 'primer-acrylic-brush'),
        own('b', 'brush-coat', 'acrylic-matt'),
        own('c', 'speckle', 'acrylic-matt'),
        own('d', 'sponge', 'acrylic-matt', { coverPct: 5 }),
      ],
    });
    const { steps } = arrange(asked(piece, { wishes: [wish('green-foot')], keepOrder: true }));
    expect(steps!.filter(({ fromWish }) => fromWish === null).map(({ id }) => id)).toEqual(['a', 'b', 'c', 'd']);
  });

  test('an own step that stands wrong is moved, and the reason says so', () => {
    const piece = bare('wall', {
      steps: [own('light', 'drybrush', 'acrylic-matt', { coverPct: 8 }), own('coat', 'brush-coat', 'acrylic-matt')],
    });
    const { steps, reasons } = arrange(asked(piece, { wishes: [wish('green-foot')] }));
    expect(steps!.filter(({ fromWish }) => fromWish === null).map(({ id }) => id)).toEqual(['coat', 'light']);
    expect(reasons.find(({ stepId }) => stepId === 'light')).toMatchObject({ kind: 'moved' });
  });

  test('what is done stays in front, as it is, whatever the trade says', () => {
    const piece = bare('wall', {
      steps: [own('light', 'drybrush', 'acrylic-matt', { coverPct: 8 }), own('coat', 'brush-coat', 'acrylic-matt')],
    });
    const { steps } = arrange(asked(piece, { wishes: [wish('moss', { way: 'sponge' })], doneSteps: 2 }));
    expect(steps!.slice(0, 2)).toEqual(piece.steps);
  });

  test('arranging again replaces what was arranged before, and nothing else', () => {
    const piece = bare('wall', { steps: [own('a', 'brush-coat', 'primer-acrylic-brush')] });
    const intent = { wishes: [wish('body-colour'), wish('recess-shade', { way: 'enamel' })] };
    const first = arrange(asked(piece, intent)).steps!;
    expect(arrange(asked({ ...piece, steps: first }, intent)).steps).toEqual(first);
  });
});

describe('a time box', () => {
  const wishes = [
    wish('undercoat'),
    wish('body-colour'),
    wish('recess-shade', { priority: 'should', way: 'acrylic' }),
    wish('edge-lights', { priority: 'may' }),
    wish('speckles', { priority: 'may' }),
  ];

  test('drops what may be dropped before what should be there, and never a must', () => {
    const whole = arrange(asked(bare('wall'), { wishes }));
    const tight = arrange(asked(bare('wall'), { wishes, timeBoxMin: whole.minutes - 2 }));
    expect(tight.leftOut.map(({ id }) => id)).toEqual([expect.stringMatching(/edge-lights|speckles/)]);
    const least = arrange(asked(bare('wall'), { wishes, timeBoxMin: 1 }));
    expect(least.leftOut.map(({ id }) => id).sort()).toEqual(['edge-lights', 'recess-shade', 'speckles']);
    expect(least.overMin).toBeGreaterThan(0);
    expect(placeOf(least.steps, 'body-colour')).toBeGreaterThan(-1);
  });

  test('with time enough nothing is left out', () => {
    expect(arrange(asked(bare('wall'), { wishes, timeBoxMin: 10_000 })).leftOut).toEqual([]);
  });
});

describe('wishes that collide', () => {
  // done already: edges picked out; a new body colour would cover them
  const piece = bare('wall', {
    steps: [plainStep({ id: 'light', technique: 'drybrush', material: 'acrylic-matt', zones: ['face'], coverPct: 8 })],
  });
  const problem = asked(
    piece,
    { wishes: [wish('body-colour', { zones: ['face'] }), wish('green-foot')], doneSteps: 1 },
    { severities: { 'highlight-before-colour': 'snag' } },
  );

  test('are named, with what goes wrong and what frees them', () => {
    const { steps, collision } = arrange(problem);
    expect(steps).toBeNull();
    expect(collision!.between.map(({ id }) => id)).toEqual(['body-colour']);
    expect(collision!.trouble).toMatch(/highlights/);
    expect(collision!.freedBy).toContainEqual({ label: 'Without body colour', wishId: 'body-colour', way: null });
  });

  test('a caution alone keeps no order back: it is let stand and named', () => {
    const { steps, letStand, collision } = arrange({ ...problem, severities: {} });
    expect(collision).toBeNull();
    expect(letStand).toEqual(['highlight-before-colour']);
    expect(alarms(steps!, piece)).toEqual(['highlight-before-colour@1']);
  });

  test('each thing that is offered does free them', () => {
    for (const { wishId, way } of arrange(problem).collision!.freedBy) {
      const wishes = problem.intent.wishes.flatMap((one) => (one.id !== wishId ? [one] : way === null ? [] : [{ ...one, way }]));
      expect(arrange({ ...problem, intent: { ...problem.intent, wishes } }).steps).not.toBeNull();
    }
  });
});

test('whatever is wished for: no snag and no caution, every wish there, and the same again', () => {
  const problems = fc.constantFrom(...TEMPLATES).chain((template) => {
    const piece = bare(template.id);
    const fitting = EFFECTS.filter((effect) => suits(effect, piece));
    const wishes = fc.uniqueArray(
      fc.constantFrom(...fitting).chain((effect) =>
        fc
          .record({ way: fc.constantFrom(null, ...effect.ways.map(({ id }) => id)), intensity: fc.integer({ min: 0, max: 10 }) })
          .map(({ way, intensity }) => {
            const feature = effect.needsFeature ? piece.features.find(({ kind }) => effect.features.includes(kind)) : undefined;
            return wish(effect.id, { way, intensity: intensity / 10, featureId: feature?.id ?? null });
          }),
      ),
      { minLength: 1, maxLength: 8, selector: ({ id }) => id },
    );
    return wishes.map((list) => asked(piece, { wishes: list }));
  });
  fc.assert(
    fc.property(problems, (problem) => {
      const arranged = arrange(problem);
      expect(arrange(problem)).toEqual(arranged);
      if (!arranged.steps) {
        expect(arranged.collision!.between.length).toBeGreaterThan(0);
        return;
      }
      // a caution stands only where no order is without it, and it is named
      const told = alarms(arranged.steps, problem.piece).map((one) => one.split('@')[0]!);
      expect(told.filter((rule) => !arranged.letStand.includes(rule))).toEqual([]);
      for (const { id } of problem.intent.wishes)
        if (!arranged.leftOut.some((left) => left.id === id)) expect(placeOf(arranged.steps, id)).toBeGreaterThan(-1);
    }),
    { numRuns: 60 },
  );
});

describe('schools', () => {
  const wishes = [wish('undercoat'), wish('body-colour'), wish('recess-shade'), wish('edge-lights')];
  const by = (given: Partial<typeof USUAL_SCHOOLS>) =>
    arrange(asked(bare('wall'), { wishes }, { schools: { ...USUAL_SCHOOLS, ...given } })).steps!;

  test('the undercoat, the base and the shading are done the painter’s way', () => {
    const steps = by({ ground: 'black', base: 'airbrush', shading: 'acrylic' });
    expect(steps.find(({ fromWish }) => fromWish === 'undercoat')).toMatchObject({ technique: 'spray-coat', colour: '#2a2a2b' });
    expect(steps.find(({ fromWish }) => fromWish === 'body-colour')?.technique).toBe('airbrush-coat');
    expect(steps.find(({ fromWish }) => fromWish === 'recess-shade')?.material).toBe('wash-acrylic');
  });

  test('who seals after every layer gets a seal after each', () => {
    const seals = (steps: readonly Step[]) => steps.filter(({ technique }) => technique === 'clear-coat').length;
    expect(seals(by({ sealing: 'every-layer' }))).toBe(2 + seals(by({ sealing: 'at-changes' })));
  });

  test('a wish that names its way keeps it', () => {
    const named = [wish('recess-shade', { way: 'oil' })];
    expect(arrange(asked(bare('wall'), { wishes: named })).steps!.find(({ fromWish }) => fromWish === 'recess-shade')?.material).toBe(
      'wash-oil',
    );
  });
});

describe('the painter’s own steps', () => {
  const loadSteps = (): Step[] => {
    const made = arrange(ownProblem([])).steps ?? [];
    return made.filter(({ fromWish }) => fromWish === 'loose-load').map((step, i) => ({ ...step, id: `own${String(i)}`, fromWish: null }));
  };
  const ownProblem = (steps: Step[]): ArrangeProblem => asked({ ...bare('open-wagon'), steps }, { wishes: [wish('loose-load')] });

  test('count: what they do already is not done a second time, and that is told', () => {
    const own = loadSteps();
    expect(own.length).toBeGreaterThan(1);
    const { steps, leftOut } = arrange(ownProblem(own));
    expect(leftOut).toEqual([expect.objectContaining({ id: 'loose-load', why: 'Your own steps do it already.' })]);
    expect(steps!.filter(({ technique }) => technique === own[0]!.technique)).toHaveLength(1);
  });

  test('stand for one wish each: the same wished twice is done once more', () => {
    const problem = ownProblem(loadSteps());
    const twice = { ...problem, intent: { ...problem.intent, wishes: [wish('loose-load'), wish('loose-load', { id: 'more' })] } };
    const { steps, leftOut } = arrange(twice);
    expect(leftOut.map(({ id }) => id)).toEqual(['loose-load']);
    expect(steps!.filter(({ fromWish }) => fromWish === 'more').length).toBeGreaterThan(1);
  });

  test('of another colour, or only half of it, do not', () => {
    const own = loadSteps();
    expect(arrange(ownProblem(own.slice(0, -1))).leftOut).toEqual([]);
    expect(arrange(ownProblem(own.map((step) => ({ ...step, colour: '#20c020' })))).leftOut).toEqual([]);
  });
});
