import { deltaE00 } from '../colour/index.js';
import { CATALOGUE, type Material } from '../materials/index.js';
import {
  APART_MIN,
  checkSequence,
  exampleProblem,
  strokesApart,
  strokesOfAll,
  subjectOf,
  type Rule,
  type ZoneStrokes,
} from '../sequence/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { techniqueById, type Technique } from '../techniques/index.js';

/** A van whose side examples are painted on; made when it is first asked for, so that who paints cards alone does not carry it. */
let made: Piece | null = null;
const van = (): Piece => (made ??= pieceFromTemplate(templateById('van'), { id: 'example', name: 'Van', scaleRatio: 76 }));
const ZONE = 'side-upper';
/** What is moved wet comes at once, chips the hour after the coat that they break. */
const [WET_MIN, CHIPS_MIN] = [2, 60];

type Bare = Partial<Step> & Pick<Step, 'technique'>;

/** What steps do to the side of the van, each when all before it is hard, or at minutes of their own. */
export function exampleStrokes(steps: readonly Bare[], startsMin?: readonly number[], zoneId = ZONE): ZoneStrokes {
  const its = steps.map((step, i) => plainStep({ zones: [zoneId], ...step, id: `s${String(i)}` }));
  return strokesApart({ subject: subjectOf(van()), steps: its }, zoneId, startsMin);
}

/** A dull red that light and dark both show on, and what is laid on it. */
const [GROUND, DARK, PALE] = ['#8a5a44', '#2e2620', '#d8cdb4'] as const;
const BASE: Bare = { technique: 'airbrush-coat', material: 'acrylic-matt', colour: GROUND };

/** Of the first role that the technique is done with, what is seen best and comes out of its tools. */
function materialFor({ roles, tools }: Technique): Material | undefined {
  const shown = CATALOGUE.materials.filter(
    ({ hidingPct, aerosol, etches }) => hidingPct > 0 && etches !== true && (!aerosol || tools.includes('aerosol')),
  );
  const its = roles.map((role) => shown.filter((material) => material.role === role)).find(({ length }) => length > 0);
  return its?.reduce((best, one) => (one.hidingPct > best.hidingPct ? one : best));
}

/** What must lie there for it: a wash that is still wet, a soluble layer with a coat over it, or what is smooth. */
function groundFor({ need, id, effect }: Technique): Bare[] {
  if (need === 'chip')
    return [
      { technique: 'brush-coat', material: 'chipping-medium' },
      { technique: 'airbrush-coat', material: 'acrylic-matt', colour: PALE },
    ];
  if (need === 'workable' && id !== 'wet-blend') return [{ technique: 'wash', material: 'wash-enamel', colour: DARK }];
  if (effect === 'inlay') return [{ technique: 'clear-coat', material: 'clear-gloss-acrylic' }];
  if (need === 'wet-glue') return [{ technique: 'glue', material: 'white-glue' }];
  return [];
}

/** A technique on the side of the van; null where it leaves nothing to be seen. Shaded dark, lit pale, what has a colour of its own as it comes. */
export function exampleOf(techniqueId: string): ZoneStrokes | null {
  const technique = techniqueById(techniqueId);
  const material = materialFor(technique);
  const moves = technique.leaves < 1;
  if (!material && !moves && technique.effect !== 'remove') return null;
  const before = [BASE, ...groundFor(technique)];
  const colour = technique.effect === 'tint' || technique.accent === 'chips' || technique.accent === 'streaks' ? DARK : PALE;
  const own: Bare =
    material && !moves
      ? { technique: techniqueId, material: material.id, ...(material.role === 'aggregate' ? {} : { colour }) }
      : { technique: techniqueId, material: technique.effect === 'remove' ? 'water' : 'white-spirit' };
  const waits = moves || technique.need === 'wet-glue' ? WET_MIN : technique.need === 'chip' ? CHIPS_MIN : APART_MIN;
  const starts = [...before.map((_, i) => i * APART_MIN), (before.length - 1) * APART_MIN + waits];
  const zone = exampleStrokes([...before, own], starts);
  return zone.strokes.at(-1)?.stepIndex === before.length ? zone : null;
}

/** What is seen of an example: one zone, after so many of its strokes. */
export interface SeenExample {
  zone: ZoneStrokes;
  count: number;
}

/** Colours this far apart are told apart at a glance, ΔE₀₀ (our number). */
const TOLD_DE = 3;

/** One is told from the other: by harm, or by the colour of grooves, faces or edges. */
function differ(a: SeenExample, b: SeenExample): boolean {
  const [one, other] = [a, b].map(({ zone, count }) => zone.strokes[count - 1]?.places ?? zone.start.places);
  const isHarmed = a.zone.strokes.slice(0, a.count).some(({ spoilt }) => spoilt.length > 0);
  return isHarmed || (['recess', 'face', 'crest'] as const).some((place) => one && other && deltaE00(one[place], other[place]) >= TOLD_DE);
}

/** Both examples of a rule on the zone that it warns of, where it warns and when all is done; null where one does not see the difference. */
export function seenExamples({ id, examples }: Rule): Record<keyof Rule['examples'], SeenExample> | null {
  const problems = { fires: exampleProblem(examples.fires), silent: exampleProblem(examples.silent) };
  const found = checkSequence(problems.fires).findings.find(({ rule }) => rule === id);
  const zoneId = found?.zones[0] ?? problems.fires.subject.zones[0]?.id;
  const seen = (problem: typeof problems.fires, until: number): SeenExample | null => {
    const zone = zoneId === undefined ? undefined : strokesOfAll(problem).get(zoneId);
    const count = zone?.strokes.filter(({ stepIndex }) => stepIndex <= until).length ?? 0;
    return zone ? { zone, count } : null;
  };
  const [fires, silent] = [seen(problems.fires, found?.stepIndex ?? Infinity), seen(problems.silent, Infinity)];
  return fires && silent && differ(fires, silent) ? { fires, silent } : null;
}
