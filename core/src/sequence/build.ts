import type { Relief } from '../subjects/index.js';
import type { Material } from '../materials/index.js';
import type { Technique } from '../techniques/index.js';

/**
 * Film laid on the three kinds of place of a surface, µm, and what it took of a groove: sprayed coats follow the surface,
 * so a groove keeps its depth and loses twice the film of its width; what is brushed, washed or pasted fills its depth.
 */
export interface Build {
  recessUm: number;
  faceUm: number;
  crestUm: number;
  widthLostUm: number;
  depthLostUm: number;
}

/** What of a layer makes film. */
export interface Laid {
  technique: Technique;
  material: Material;
  dryUm: number;
  coats: number;
  coverPct: number;
  sprayed: boolean;
}

export const NO_BUILD: Readonly<Build> = { recessUm: 0, faceUm: 0, crestUm: 0, widthLostUm: 0, depthLostUm: 0 };

/** Film of one layer on recess, face and crest, µm: the mean over the zone, so a partial cover counts in part. */
export function filmOf(layer: Pick<Laid, 'technique' | 'dryUm' | 'coats' | 'coverPct'>): {
  recessUm: number;
  faceUm: number;
  crestUm: number;
} {
  const { recess, face, crest } = layer.technique.deposit;
  const film = layer.dryUm * layer.coats * Math.min(1, layer.coverPct / 100);
  return { recessUm: film * recess, faceUm: film * face, crestUm: film * crest };
}

/** What covers less of a zone lies in patches: it is meant to hide what is under it and leaves the detail elsewhere (our number). */
const WIDE_FROM_PCT = 50;

/** Film that stays: thinners leave none, and what floods loose matter lies between its grains. */
const stays = ({ material, technique }: Laid): boolean =>
  material.role !== 'thinner' && technique.effect !== 'wet' && !technique.soaksLoose;

/** What one layer adds; null where it leaves no film. */
export function buildOf(layer: Laid): Build | null {
  if (!stays(layer) || layer.dryUm === 0) return null;
  const { recessUm, faceUm, crestUm } = filmOf(layer);
  // what is meant to bury the detail, as mud or ballast does, spoils none
  const fillsIt = layer.coverPct >= WIDE_FROM_PCT && !layer.technique.buries;
  const inGrooveUm = fillsIt ? layer.dryUm * layer.coats * layer.technique.deposit.recess : 0;
  return { recessUm, faceUm, crestUm, widthLostUm: layer.sprayed ? 2 * inGrooveUm : 0, depthLostUm: layer.sprayed ? 0 : inGrooveUm };
}

/** Lays one build onto another, in place: it happens on every zone at every step. */
export function addBuild(onto: Build, added: Build): void {
  onto.recessUm += added.recessUm;
  onto.faceUm += added.faceUm;
  onto.crestUm += added.crestUm;
  onto.widthLostUm += added.widthLostUm;
  onto.depthLostUm += added.depthLostUm;
}

/** Share of a groove that may be gone before it is a caution, a snag (our numbers). */
export const GROOVE_LIMITS = { cautionFrom: 0.5, snagFrom: 0.75 } as const;

/** How serious it is that this share of a groove is gone; null while it is not. */
export const grooveSeverity = (share: number): 'snag' | 'caution' | null =>
  share >= GROOVE_LIMITS.snagFrom ? 'snag' : share >= GROOVE_LIMITS.cautionFrom ? 'caution' : null;

type Groove = Pick<Relief, 'grooveDepthUm' | 'grooveWidthUm'>;

const shareOf = (lostUm: number, wholeUm: number): number => (wholeUm > 0 ? Math.min(1, lostUm / wholeUm) : 0);

/** Share of the groove that is gone, 0–1, by width or depth, whichever lost more. A smooth surface has nothing to lose. */
export function grooveLost(build: Pick<Build, 'widthLostUm' | 'depthLostUm'>, relief: Groove): { share: number; by: 'width' | 'depth' } {
  const width = shareOf(build.widthLostUm, relief.grooveWidthUm);
  const depth = shareOf(build.depthLostUm, relief.grooveDepthUm);
  return width >= depth ? { share: width, by: 'width' } : { share: depth, by: 'depth' };
}

/** The same share alone, with what a further layer would take: asked for every zone at every step. */
export const lostShare = (build: Build, added: Build, relief: Groove): number =>
  Math.max(
    shareOf(build.widthLostUm + added.widthLostUm, relief.grooveWidthUm),
    shareOf(build.depthLostUm + added.depthLostUm, relief.grooveDepthUm),
  );
