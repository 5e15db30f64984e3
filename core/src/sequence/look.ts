import { covered, linearOf, lightnessOfLight, toneOf, type Linear, type Tone } from '../colour/index.js';
import type { Material } from '../materials/index.js';
import type { Step, Substrate } from '../subjects/index.js';
import type { AccentKind, Technique } from '../techniques/index.js';
import type { SubjectZone } from './subject.js';
import { PLAINLY_APART_L, newTone, veiled, wetted, type TonePatch } from './tones.js';

/**
 * What a zone looks like: the mean colour of its recesses, faces and crests, as light. Simple layer mixing: each layer
 * hides a share of what lies below. It says which way a step goes and about how far, not what a colour meter would read.
 */
export interface ZoneLook {
  recess: Linear;
  face: Linear;
  crest: Linear;
  /** Nobody said what colour it is: a catalogue's grey, or paint that it came in. Nothing is judged by it. */
  guessed: boolean;
  /** Recess and crest once stood clearly apart in lightness. */
  deep: boolean;
  /** As it was under the powder that lies loose; null where none does. */
  underLoose: Places | null;
  /** The tone that lies loose, for what a clear coat leaves of it. */
  looseTone: Tone | null;
  /** As it was when the soluble layer came; null where there is none. */
  underSoluble: Places | null;
  /** Patches of one tone each that can still be told from what lies beside them. */
  tones: readonly TonePatch[];
  /** Share of the zone, 0–1, that accents of one kind take up together. */
  accents: Readonly<Partial<Record<AccentKind, number>>>;
}

type Places = Pick<ZoneLook, 'recess' | 'face' | 'crest'>;

/** How much of each kind of place a step hides, 0–1, and with what light. */
export interface Hides {
  recess: number;
  face: number;
  crest: number;
  light: Linear;
  /** Hides this much within the patches it makes; null where it makes none. */
  patch: number | null;
}

/** Of a zone's surface, what is recess, face and crest (our numbers, after planked and ribbed sides). */
export const AREA_OF_PLACES = { recess: 0.15, face: 0.7, crest: 0.15 } as const;

/** What a clear coat or fixer leaves of loose powder (common practice for the middle; the ends from memory). */
const LEFT_UNDER_CLEAR: Record<Tone, number> = { dark: 0.95, mid: 0.5, pale: 0.15 };
export const leftUnderClear = (tone: Tone): number => LEFT_UNDER_CLEAR[tone];

const hidden = (hiding: number, films: number): number => 1 - (1 - hiding) ** films;

/** How thin a wash or filter is mixed: its own share of the mix. */
function paintShare(step: Step): number {
  const { dilution } = step;
  if (!dilution || !('parts' in dilution)) return 1;
  const [paint, thinner] = dilution.parts;
  return paint / (paint + thinner);
}

/** What a step hides; null where it leaves nothing to be seen. Strength and allowance make it more or less. */
export function hidesOf(
  step: Step,
  technique: Technique,
  material: Material,
  laid: { dryUm: number; coverPct: number; colour: string },
): Hides | null {
  const hiding = material.hidingPct / 100;
  if (hiding === 0) return null;
  const { effect, deposit } = technique;
  const strength = Math.min(1, (step.strength ?? 1) * (step.allowance ?? 1));
  const cover = Math.min(1, laid.coverPct / 100);
  const light = linearOf(laid.colour);
  const mean = AREA_OF_PLACES.recess * deposit.recess + AREA_OF_PLACES.face * deposit.face + AREA_OF_PLACES.crest * deposit.crest;
  /** Cover of a kind of place that gets this share of all that is laid. */
  const gathered = (share: number): number => Math.min(1, mean > 0 ? (cover * share) / mean : cover);
  if (effect === 'film' || effect === 'tint' || effect === 'slurry' || effect === 'inlay') {
    const reference = material.drying?.referenceDryUm ?? laid.dryUm;
    const films = (reference > 0 ? laid.dryUm / reference : 1) * step.coats * (effect === 'tint' ? paintShare(step) : 1);
    // what goes into the lines alone has all of its cover there
    const at = (share: number): number => (deposit.face === 0 ? gathered(share) : cover) * strength * hidden(hiding, films * share);
    const patch = effect === 'slurry' ? hidden(hiding, films) : null;
    return { recess: at(deposit.recess), face: at(deposit.face), crest: at(deposit.crest), light, patch };
  }
  if (effect === 'accent' || effect === 'loose') {
    const patch = hidden(hiding, step.coats) * strength;
    const at = (share: number): number => gathered(share) * patch;
    return { recess: at(deposit.recess), face: at(deposit.face), crest: at(deposit.crest), light, patch };
  }
  return null;
}

/** The bare zone, or as it came: its own colour, else its substrate's. */
export function startLook(zone: Pick<SubjectZone, 'startColour' | 'startSheen'>, substrate: Substrate): ZoneLook {
  const light = linearOf(zone.startColour ?? substrate.colour);
  const guessed = zone.startColour === null && zone.startSheen !== 'bare';
  return {
    recess: light,
    face: light,
    crest: light,
    guessed,
    deep: false,
    underLoose: null,
    looseTone: null,
    underSoluble: null,
    tones: [],
    accents: {},
  };
}

/** The mean of the zone, as it is seen from far enough away. */
export const meanLight = ({ recess, face, crest }: Places): Linear => [
  AREA_OF_PLACES.recess * recess[0] + AREA_OF_PLACES.face * face[0] + AREA_OF_PLACES.crest * crest[0],
  AREA_OF_PLACES.recess * recess[1] + AREA_OF_PLACES.face * face[1] + AREA_OF_PLACES.crest * crest[1],
  AREA_OF_PLACES.recess * recess[2] + AREA_OF_PLACES.face * face[2] + AREA_OF_PLACES.crest * crest[2],
];

/** What a step does to the look of a zone. */
export interface LookStep {
  stepIndex: number;
  technique: Technique;
  material: Material | null;
  coverPct: number;
  colour: string | null;
  /** The painter said so, or the bottle: the colour is not the catalogue's. */
  colourTold: boolean;
  hides: Hides | null;
  /** It lies loose on this zone. */
  loose: boolean;
}

const between = (a: Places, b: Places, share: number): Places => ({
  recess: covered(a.recess, b.recess, share),
  face: covered(a.face, b.face, share),
  crest: covered(a.crest, b.crest, share),
});

/** A clear coat or fixer wets loose powder: part of it is no longer seen. */
function bound(look: ZoneLook): ZoneLook {
  if (!look.underLoose || !look.looseTone) return look;
  const left = leftUnderClear(look.looseTone);
  const tones = wetted(look.tones, look.underLoose.face, left);
  return { ...look, ...between(look.underLoose, look, left), tones, underLoose: null, looseTone: null };
}

/** Films, fixers and flooded glue wet what lies loose. */
export const bindsLoose = ({ effect, binds }: Technique): boolean => effect === 'film' || binds;

/** How much of each kind of place chips open: crests first (our numbers). */
export const chippedOpen = (coverPct: number): Record<keyof Places, number> => ({
  recess: 0,
  face: coverPct / 200,
  crest: Math.min(1, (3 * coverPct) / 100),
});

/** Chips show what lay under the soluble layer, on crests first. */
function opened(look: ZoneLook, coverPct: number): ZoneLook {
  const below = look.underSoluble;
  if (!below) return look;
  const open = chippedOpen(coverPct);
  return { ...look, crest: covered(look.crest, below.crest, open.crest), face: covered(look.face, below.face, open.face) };
}

const withAccent = (look: ZoneLook, { technique, coverPct }: LookStep): ZoneLook['accents'] => {
  const kind = technique.accent;
  if (kind === null) return look.accents;
  const before = look.accents[kind] ?? 0;
  return { ...look.accents, [kind]: 1 - (1 - before) * (1 - Math.min(1, coverPct / 100)) };
};

/** An opaque coat over most of a zone is a new ground: what lay below is no longer to be told apart. */
const NEW_GROUND_FROM = 0.75;

/** How a zone looks after a step that reaches it. */
// eslint-disable-next-line complexity -- one part of the look after the other
export function lookAfter(look: ZoneLook, step: LookStep): ZoneLook {
  const { technique, material, hides } = step;
  if (technique.effect === 'remove') return { ...opened(look, step.coverPct), accents: withAccent(look, step) };
  if (material?.role === 'soluble') return { ...look, underSoluble: look };
  const from = bindsLoose(technique) ? bound(look) : look;
  if (!hides) return from;
  const { light } = hides;
  const isGround = technique.effect === 'film' && hides.face >= NEW_GROUND_FROM && hides.crest >= NEW_GROUND_FROM / 2;
  const tones = isGround ? [] : veiled(from.tones, light, hides.face);
  const tone =
    hides.patch === null ? null : newTone(step.stepIndex, from.face, covered(from.face, light, hides.patch), step.coverPct, step.loose);
  const recess = covered(from.recess, light, hides.recess);
  const crest = covered(from.crest, light, hides.crest);
  return {
    recess,
    face: covered(from.face, light, hides.face),
    crest,
    deep: (from.deep && !isGround) || Math.abs(lightnessOfLight(recess) - lightnessOfLight(crest)) >= PLAINLY_APART_L,
    guessed: isGround ? !step.colourTold : from.guessed || !step.colourTold,
    underLoose: step.loose ? (from.underLoose ?? from) : from.underLoose,
    looseTone: step.loose && step.colour !== null ? toneOf(step.colour) : from.looseTone,
    underSoluble: from.underSoluble,
    tones: tone === null ? tones : [...tones, tone],
    accents: isGround ? {} : withAccent(from, step),
  };
}
