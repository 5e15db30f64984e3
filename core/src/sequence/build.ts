import type { Layer } from './layer.js';

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

export const NO_BUILD: Build = { recessUm: 0, faceUm: 0, crestUm: 0, widthLostUm: 0, depthLostUm: 0 };

/** Film of one layer on recess, face and crest, µm: the mean over the zone, so a partial cover counts in part. */
export function filmOf(layer: Pick<Layer, 'technique' | 'dryUm' | 'coats' | 'coverPct'>): {
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

/** Film that stays: thinners leave none; glue lies under and between what it holds. */
const stays = ({ material, technique }: Layer): boolean =>
  material.role !== 'thinner' && material.role !== 'glue' && technique.effect !== 'wet';

export function withLayer(build: Build, layer: Layer): Build {
  if (!stays(layer)) return build;
  const film = filmOf(layer);
  const inGrooveUm = layer.coverPct >= WIDE_FROM_PCT ? layer.dryUm * layer.coats * layer.technique.deposit.recess : 0;
  return {
    recessUm: build.recessUm + film.recessUm,
    faceUm: build.faceUm + film.faceUm,
    crestUm: build.crestUm + film.crestUm,
    widthLostUm: build.widthLostUm + (layer.sprayed ? 2 * inGrooveUm : 0),
    depthLostUm: build.depthLostUm + (layer.sprayed ? 0 : inGrooveUm),
  };
}

/** Share of a groove that may be gone before it is a caution, a snag (our numbers). */
export const GROOVE_LIMITS = { cautionFrom: 0.3, snagFrom: 0.6 } as const;

/** Share of the groove that is gone, 0–1, by width or depth, whichever lost more. A smooth surface has nothing to lose. */
export function grooveLost(
  build: Build,
  relief: { grooveDepthUm: number; grooveWidthUm: number },
): { share: number; by: 'width' | 'depth' } {
  const width = relief.grooveWidthUm > 0 ? Math.min(1, build.widthLostUm / relief.grooveWidthUm) : 0;
  const depth = relief.grooveDepthUm > 0 ? Math.min(1, build.depthLostUm / relief.grooveDepthUm) : 0;
  return width >= depth ? { share: width, by: 'width' } : { share: depth, by: 'depth' };
}
