import { chromaOf } from '../colour/index.js';
import type { Fitting } from '../effects/index.js';
import { incomingOf } from '../sequence/index.js';
import type { Block } from './blocks.js';
import { PHASES, type Phase } from '../techniques/index.js';

/** Which block must come before which, as far as the trade settles it before chemistry has its say. */
export interface Precedence {
  before: number;
  after: number;
  why: string;
}

interface OrderRule {
  before: readonly Block['phase'][];
  after: readonly Block['phase'][];
  /** Holds only where both touch the same zone. */
  sameZone: boolean;
  why: string;
}

/** What makes room for the finish, lies under it or over it; all else is colour. */
const NO_COLOUR: ReadonlySet<Phase> = new Set(['prepare', 'protect', 'undercoat', 'seal', 'final', 'close']);
const COLOUR = PHASES.filter((phase) => !NO_COLOUR.has(phase));
const WEAR = ['worn-paint', 'shade', 'run', 'light', 'crust', 'powder', 'bright', 'spill', 'growth'] as const;
const FINISHES = ['undercoat', ...COLOUR, 'seal', 'final'] as const;
/** What no coat may come over any more. */
const UNCOATED: ReadonlySet<Phase> = new Set(['bright', 'growth']);

/** Common practice, one line each. */
const RULES: readonly OrderRule[] = [
  {
    before: ['prepare'],
    after: [...FINISHES],
    sameZone: false,
    why: 'Mechanics and cleaning come first: later handling spoils the finish.',
  },
  { before: ['undercoat'], after: [...COLOUR, 'seal'], sameZone: true, why: 'Everything else lies on the undercoat.' },
  { before: ['base'], after: ['lettering', ...WEAR, 'load'], sameZone: true, why: 'Wear begins on the colour that was painted.' },
  { before: ['lettering'], after: [...WEAR], sameZone: true, why: 'Lettering ages with the paint it stands on.' },
  {
    before: ['worn-paint'],
    after: ['shade', 'run', 'light', 'crust', 'powder', 'bright'],
    sameZone: true,
    why: 'Fading, chips and bare wood are part of the paint; dirt lies over them.',
  },
  { before: ['shade'], after: ['run', 'light'], sameZone: true, why: 'A wash dulls what lies under it: runs and lights come after.' },
  {
    before: ['shade', 'run', 'light'],
    after: ['crust', 'powder'],
    sameZone: true,
    why: 'What is wet or rubs drags loose powder about: dirt comes on top.',
  },
  {
    before: ['undercoat', 'base', 'worn-paint', 'shade', 'run', 'light', 'crust', 'powder', 'load'],
    after: ['growth'],
    sameZone: true,
    why: 'What grows comes after everything that is brushed: fibres and flock catch every brush.',
  },
  { before: ['crust'], after: ['powder'], sameZone: true, why: 'Paste is matt and takes powder well.' },
  {
    before: ['shade', 'run', 'light', 'crust', 'powder'],
    after: ['spill'],
    sameZone: true,
    why: 'A spill lies on the old dirt, and its clumps do not stand a brush over them.',
  },
  {
    before: ['shade', 'run', 'light', 'crust', 'powder', 'spill', 'seal'],
    after: ['bright'],
    sameZone: true,
    why: 'A gleam is put on last: anything matt over it dulls it.',
  },
  {
    before: ['undercoat', ...COLOUR.filter((phase) => !UNCOATED.has(phase)), 'seal'],
    after: ['final'],
    sameZone: true,
    why: 'The coat that protects lies over all that is flat.',
  },
  { before: ['final'], after: [...UNCOATED], sameZone: true, why: 'A clear coat dulls what gleams and glues down what grows.' },
  { before: ['load'], after: ['powder', 'light'], sameZone: true, why: 'Dust and lights go over the load.' },
  {
    before: [...FINISHES, 'protect'],
    after: ['close'],
    sameZone: false,
    why: 'Treads are cleaned and all is looked at when nothing more is put on.',
  },
];

/** School: on dark engines some lay powders first and tie them with a wash. */
const POWDERS_FIRST: OrderRule = {
  before: ['powder'],
  after: ['shade'],
  sameZone: true,
  why: 'Your school: powders first, the wash ties them together.',
};

const share = (a: ReadonlySet<string>, b: ReadonlySet<string>): boolean => [...a].some((zone) => b.has(zone));

const applies = (rule: OrderRule, a: Block, b: Block): boolean =>
  rule.before.includes(a.phase) && rule.after.includes(b.phase) && (!rule.sameZone || share(a.zones, b.zones));

const HIGHLIGHTS = new Set(['drybrush', 'edge-highlight']);

const HIGHLIGHTS_LAST = 'Highlights follow the last opaque coat of their zone.';

const hasHighlight = (block: Block): boolean => block.steps.some(({ technique }) => HIGHLIGHTS.has(technique));

/** A coat that hides what lies below it, on most of the zone. */
const hasGround = (block: Block, { supplies }: Fitting): boolean =>
  block.steps.some((step) => {
    const { technique, material, coverPct } = incomingOf(step, supplies);
    return technique.effect === 'film' && (material?.role === 'paint' || material?.role === 'primer') && coverPct >= 50;
  });

/** The bright powder comes before the dull one that ties it in. */
function brightFirst(a: Block, b: Block, fitting: Fitting): boolean {
  const chroma = (block: Block): number =>
    Math.max(
      ...block.steps.map((step) =>
        step.technique === 'powder-dry' ? chromaOf(incomingOf(step, fitting.supplies).colour ?? '#808080') : -1,
      ),
    );
  return a.phase === 'powder' && b.phase === 'powder' && share(a.zones, b.zones) && chroma(a) > chroma(b) + 2;
}

/** Between what the painter brought along: what is done comes first, what is masked or taken off stays where it was put. Undefined: the trade says. */
function whyAsBrought(a: Block, b: Block): string | null | undefined {
  if (a.done && (!b.done || (a.ownRank ?? 0) < (b.ownRank ?? 0))) return 'Done already.';
  if (b.done) return null;
  // what is masked or taken off, and the painter's own seals, stand where the painter put them among the own steps
  if (a.ownRank !== null && b.ownRank !== null && (a.phase === 'protect' || b.phase === 'protect'))
    return a.ownRank < b.ownRank ? 'A part that is off or masked stays so for these steps.' : null;
  return undefined;
}

/** A chipped coat, of several steps, over a plain one. */
const isChippedOver = (a: Block, b: Block): boolean =>
  a.phase === 'base' && b.phase === 'base' && a.id !== b.id && b.steps.length > 2 && a.steps.length <= 2 && share(a.zones, b.zones);

function whyBefore(a: Block, b: Block, fitting: Fitting): string | null {
  const asBrought = whyAsBrought(a, b);
  if (asBrought !== undefined) return asBrought;
  if (isChippedOver(a, b)) return 'Chips open down to what was painted before.';
  if (hasGround(a, fitting) && !hasGround(b, fitting) && hasHighlight(b) && share(a.zones, b.zones)) return HIGHLIGHTS_LAST;
  const powdersFirst = fitting.schools.order === 'powder' && fitting.piece.kind === 'rolling-stock';
  if (powdersFirst && applies(POWDERS_FIRST, a, b)) return POWDERS_FIRST.why;
  if (powdersFirst && applies(POWDERS_FIRST, b, a)) return null;
  const rule = RULES.find((one) => applies(one, a, b));
  if (rule) return rule.why;
  return brightFirst(a, b, fitting) ? 'Strong bright tones first; earthier ones tie them together.' : null;
}

/**
 * All precedences among the blocks. Between the painter's own steps the trade's order is only advice where they are to
 * keep theirs, or where the rules would run in a ring; what chemistry says is found out by checking.
 */
export function precedencesOf(blocks: readonly Block[], fitting: Fitting, keepOrder: boolean): Precedence[] {
  const all: Precedence[] = [];
  for (const [i, a] of blocks.entries())
    for (const [j, b] of blocks.entries()) {
      if (i === j) continue;
      const why = whyBefore(a, b, fitting);
      if (why !== null) all.push({ before: i, after: j, why });
    }
  if (!keepOrder && !hasRing(all, blocks.length)) return all;
  const rank = (at: number): number | null => blocks[at]?.ownRank ?? null;
  return all.filter(({ before, after, why }) => {
    const [a, b] = [rank(before), rank(after)];
    return a === null || b === null || a < b || why === HIGHLIGHTS_LAST;
  });
}

/** Some block would have to come before itself. */
function hasRing(all: readonly Precedence[], count: number): boolean {
  const left = new Set(Array.from({ length: count }, (_, i) => i));
  for (;;) {
    const free = [...left].filter((i) => !all.some(({ before, after }) => after === i && left.has(before)));
    if (free.length === 0) return left.size > 0;
    for (const i of free) left.delete(i);
  }
}
