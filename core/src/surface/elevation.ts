import type { ZoneStrokes } from '../sequence/index.js';
import { boxOf, type MadeOf, type Patch, type Point, type Relief, type View } from '../subjects/index.js';
import { fieldsOf } from './fields.js';
import { lit, type Lamp } from './lit.js';
import { PaintedSurface } from './painted-surface.js';
import { alongLine, insideOf, type PixelGrid } from './rasterise.js';
import { bareSurface, grainOf, groove, grooveReachMm, type HeightMap } from './relief.js';

/** A zone of a piece, as far as its surface matters. */
export interface ZoneGround {
  zoneId: string;
  of: MadeOf | null;
  relief: Relief;
}

/** One view of a piece that is to be painted. */
export interface ElevationGround {
  view: Pick<View, 'widthMm' | 'heightMm' | 'patches' | 'lines'>;
  zones: readonly ZoneGround[];
  pxPerMm: number;
  /** Another number, another piece of the same kind. */
  seed: number;
}

export interface Picture {
  widthPx: number;
  heightPx: number;
  /** Red, green, blue and alpha of each pixel, 0–255; nothing is drawn where no zone is. */
  rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** A zone where it lies on the view. */
interface Placed {
  zoneId: string;
  grid: PixelGrid;
  inside: Uint8Array;
  surface: PaintedSurface;
}

/** On what is smaller each way, a wheel or a sole bar, no seams are thought up where none are drawn, mm (our number). */
const USUAL_FROM_MM = 14;
/** Zones are seeded apart from each other. */
const NEXT_ZONE = 7919;

/** A view of a piece, its surface painted zone by zone; joints stand where they are drawn. Layers are kept as on a test card. */
export class PaintedElevation {
  readonly widthPx: number;
  readonly heightPx: number;
  private readonly placed: readonly Placed[];

  constructor({ view, zones, pxPerMm, seed }: ElevationGround) {
    this.widthPx = Math.max(1, Math.round(view.widthMm * pxPerMm));
    this.heightPx = Math.max(1, Math.round(view.heightMm * pxPerMm));
    const firstOf = (zoneId: string): number => view.patches.findIndex((patch) => patch.zoneId === zoneId);
    // what is drawn later lies over what was drawn before
    this.placed = zones
      .map((zone, i) => ({ zone, seed: seed + NEXT_ZONE * i }))
      .sort((a, b) => firstOf(a.zone.zoneId) - firstOf(b.zone.zoneId))
      .flatMap((one) => placedZone(one.zone, view, pxPerMm, one.seed) ?? []);
  }

  /** How it looks after the steps before `untilStep`, counted along the sequence. Zones of which nothing is told are left out. */
  after(strokes: ReadonlyMap<string, ZoneStrokes>, untilStep: number, lamp: Lamp): Picture {
    const { widthPx, heightPx } = this;
    const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
    const pixels = new Uint32Array(rgba.buffer);
    for (const { zoneId, grid, inside, surface } of this.placed) {
      const zone = strokes.get(zoneId);
      if (!zone) continue;
      const count = zone.strokes.filter(({ stepIndex }) => stepIndex < untilStep).length;
      const own = new Uint32Array(lit(surface.after(zone, count), surface.fields.map, lamp).buffer);
      const [left, top] = [Math.round(grid.xMm * grid.pxPerMm), Math.round(grid.yMm * grid.pxPerMm)];
      for (let row = 0; row < grid.heightPx; row++) {
        const y = top + row;
        if (y < 0 || y >= heightPx) continue;
        for (let column = 0; column < grid.widthPx; column++) {
          const x = left + column;
          const from = row * grid.widthPx + column;
          if (inside[from] !== 1 || x < 0 || x >= widthPx) continue;
          pixels[y * widthPx + x] = own[from] ?? 0;
        }
      }
    }
    return { widthPx, heightPx, rgba };
  }
}

function placedZone(
  { zoneId, of, relief }: ZoneGround,
  { patches, lines }: ElevationGround['view'],
  pxPerMm: number,
  seed: number,
): Placed | null {
  const its = patches.filter((patch) => patch.zoneId === zoneId);
  if (its.length === 0) return null;
  const box = boxOf(its.flatMap(({ outline }) => outline));
  // on whole pixels, so that zones meet without a gap
  const [left, top] = [Math.floor(box.xMm * pxPerMm), Math.floor(box.yMm * pxPerMm)];
  const widthPx = Math.ceil((box.xMm + box.widthMm) * pxPerMm) - left;
  const heightPx = Math.ceil((box.yMm + box.heightMm) * pxPerMm) - top;
  if (widthPx < 1 || heightPx < 1) return null;
  const grid: PixelGrid = { xMm: left / pxPerMm, yMm: top / pxPerMm, widthPx, heightPx, pxPerMm };
  const own = lines.filter((line) => crosses(boxOf(line), box));
  const isLarge = its.some(({ outline }) => Math.min(boxOf(outline).widthMm, boxOf(outline).heightMm) >= USUAL_FROM_MM);
  const drawn = own.length === 0 && isLarge ? null : { isUpright: standUpright(own), coursesMm: coursesOf(own, grid) };
  const size = { widthMm: widthPx / pxPerMm, heightMm: heightPx / pxPerMm, pxPerMm, drawn };
  const map = bareSurface(grainOf(of, relief), relief, size, seed);
  carve(map, own, relief, grid);
  return { zoneId, grid, inside: insideAny(its, grid), surface: new PaintedSurface(fieldsOf(map), seed) };
}

/** What lies in any of the patches: where two lie over each other both are there. */
function insideAny(patches: readonly Patch[], grid: PixelGrid): Uint8Array {
  const all = new Uint8Array(grid.widthPx * grid.heightPx);
  for (const { outline, holes } of patches)
    insideOf([outline, ...holes], grid).forEach((one, i) => {
      if (one === 1) all[i] = 1;
    });
  return all;
}

type Box = ReturnType<typeof boxOf>;

/** A line's box goes into that of a zone, and not only along its edge. */
const crosses = (line: Box, zone: Box): boolean =>
  line.xMm < zone.xMm + zone.widthMm &&
  line.xMm + line.widthMm > zone.xMm &&
  line.yMm < zone.yMm + zone.heightMm &&
  line.yMm + line.heightMm > zone.yMm;

/** More of the joints go up than across. */
function standUpright(lines: readonly (readonly Point[])[]): boolean {
  let [across, up] = [0, 0];
  for (const line of lines)
    line.slice(1).forEach((b, i) => {
      const a = line[i] ?? b;
      across += Math.abs(b.xMm - a.xMm);
      up += Math.abs(b.yMm - a.yMm);
    });
  return up > across;
}

/** Where lines lie right across, from the upper edge of the zone down. */
const coursesOf = (lines: readonly (readonly Point[])[], { yMm }: PixelGrid): number[] =>
  lines.flatMap(([a, b, ...more]) => (a && b && more.length === 0 && a.yMm === b.yMm ? [a.yMm - yMm] : [])).sort((a, b) => a - b);

/** Joints as they are drawn, as grooves. */
function carve({ um }: HeightMap, lines: readonly (readonly Point[])[], relief: Relief, grid: PixelGrid): void {
  const cut = new Float32Array(um.length);
  for (const line of lines)
    alongLine(line, grooveReachMm(relief), grid, (pixel, fromMm) => {
      cut[pixel] = Math.min(cut[pixel] ?? 0, groove(fromMm, relief));
    });
  for (let i = 0; i < um.length; i++) um[i] = (um[i] ?? 0) + (cut[i] ?? 0);
}
