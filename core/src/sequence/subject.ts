import type { Feature, KeepClean, Likeness, Piece, Relief, Seen, Sheen, SubstrateId } from '../subjects/index.js';

/** What the walker must know of a piece; a plan's piece and a reference case both come down to this. */
export interface SubjectZone {
  id: string;
  name: string;
  /** The place it is on any piece of its kind. */
  role: string;
  substrate: SubstrateId;
  startSheen: Sheen;
  relief: Relief;
  /** Must stay free of paint: never part of `all`. */
  keepClean: KeepClean | null;
  /** Taken off and refitted with its part. */
  partId: string;
  /** What is never seen needs no finish. */
  seen: Seen;
  /** Colour it came in, #rrggbb; null: the bare substrate's. */
  startColour: string | null;
}

/** The pieces that one sequence is for, and how alike they should be. */
export interface Company {
  /** `alike`: a row that must match; `own`: each ages by its own story. */
  likeness: Likeness;
  /** Models of the batch, or of the train that the piece belongs to. */
  models: number;
  /** Their numbers differ: by seeded variation, or by hand. */
  varied: boolean;
  /** Mixes of other pieces that should match, with the minute each is used. */
  mixed: readonly MixedElsewhere[];
  /** What burns and was laid on other pieces at the same bench; told only where that matters to this one. */
  vapours: readonly VapourElsewhere[];
}

export interface VapourElsewhere {
  /** Name of the other piece. */
  name: string;
  /** What was laid there. */
  what: string;
  endMin: number;
}

export interface MixedElsewhere {
  /** Name of the other piece. */
  name: string;
  /** Key of what is mixed, as `mixKeyOf` makes it. */
  mix: string;
  technique: string;
  startMin: number;
}

export interface Subject {
  kind: Piece['kind'];
  handled: boolean;
  sheenWanted: Exclude<Sheen, 'bare'>;
  zones: SubjectZone[];
  keepClean: KeepClean[];
  /** Named places, with the zone they are on. */
  features: Pick<Feature, 'label' | 'zoneId'>[];
  /** Grease and release agent are off already: nothing asks for a cleaning step. */
  cleaned: boolean;
  company: Company;
}

export const ALONE: Company = { likeness: 'own', models: 1, varied: false, mixed: [], vapours: [] };

/** Zones that the model has: one of no area is not there, unless a step names it. A piece that was never measured has them all. */
function realZones({ zones, steps }: Piece): Piece['zones'] {
  if (zones.every(({ areaMm2 }) => areaMm2 === 0)) return zones;
  return zones.filter(({ id, areaMm2 }) => areaMm2 > 0 || steps.some((step) => step.zones.includes(id)));
}

/** Pieces are never changed in place, so what the rules see of one is made once. */
const subjects = new WeakMap<Piece, Subject>();

export function subjectOf(piece: Piece): Subject {
  const before = subjects.get(piece);
  if (before) return before;
  const made = seenByRules(piece);
  subjects.set(piece, made);
  return made;
}

function seenByRules(piece: Piece): Subject {
  const real = realZones(piece);
  return {
    kind: piece.kind,
    handled: piece.handled,
    sheenWanted: piece.sheenWanted,
    zones: real.map(({ id, name, role, substrate, startSheen, relief, keepClean, partId, seen, startColour }) => ({
      id,
      name,
      role,
      substrate,
      startSheen,
      relief,
      keepClean,
      partId,
      seen,
      startColour,
    })),
    keepClean: [...new Set(real.flatMap((zone) => (zone.keepClean ? [zone.keepClean] : [])))],
    features: piece.features.map(({ label, zoneId }) => ({ label, zoneId })),
    cleaned: piece.cleaned,
    company: {
      likeness: piece.likeness,
      models: piece.members.length,
      varied: piece.varySeed !== null || piece.steps.some((step) => step.members !== null),
      mixed: [],
      vapours: [],
    },
  };
}

/** The zones that a step's names stand for; `all` is every zone that need not be kept clean. */
export function zonesNamed(subject: Subject, names: readonly string[]): readonly SubjectZone[] {
  let known = named.get(subject);
  if (!known) named.set(subject, (known = new WeakMap()));
  const before = known.get(names);
  if (before) return before;
  const all = names.includes('all');
  const zones = subject.zones.filter((zone) => names.includes(zone.id) || (all && !zone.keepClean));
  known.set(names, zones);
  return zones;
}

/** Steps are never changed in place, so the zones that a list of names stands for are looked up once. */
const named = new WeakMap<Subject, WeakMap<readonly string[], readonly SubjectZone[]>>();
