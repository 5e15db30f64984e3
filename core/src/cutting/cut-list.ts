import { modelLengthMm, prototypeLengthMm } from '../units/index.js';
import { cutPlan, type CutPlan } from './cut-plan.js';
import type { MeasuredOn } from './typed-length.js';

/** Faces of a bundle that may be seen; a face that nobody sees gets no lines. */
export const FACES = ['top', 'left', 'right', 'front', 'back'] as const;
export type Face = (typeof FACES)[number];

/** A kind of strip, tube or wire on the shelf: what it measures, what a new one is long, what there is of it. */
export interface Strip {
  id: string;
  name: string;
  widthMm: number;
  heightMm: number;
  /** Of a new one. */
  lengthMm: number;
  /** New ones on the shelf. */
  have: number;
  /** What is left of earlier ones, on the shelf. */
  offcutsMm: number[];
}

/** Pieces of one length, each standing for one thing or for a bundle of boards. */
export interface CutLine {
  id: string;
  name: string;
  stripId: string;
  lengthMm: number;
  /** What `lengthMm` was measured on. */
  of: MeasuredOn;
  count: number;
  /** Boards across and up; 1 and 1: a single thing, without lines. */
  boardsWide: number;
  boardsHigh: number;
  seen: Face[];
  /** Straps round each. */
  bands: number;
}

/** Where bundles are to lie: a stall, a bin, a wagon. */
export interface Bin {
  widthMm: number;
  heightMm: number;
  depthMm: number;
}

export interface CutList {
  id: string;
  name: string;
  scaleRatio: number;
  /** What the saw takes away with each cut. */
  kerfMm: number;
  lines: CutLine[];
  bin: Bin | null;
  note: string;
  /** The day it was cut; null: it is still to be cut. */
  cutOn: string | null;
}

/** Length on the model. */
export const cutLengthMm = ({ lengthMm, of }: Pick<CutLine, 'lengthMm' | 'of'>, scaleRatio: number): number =>
  of === 'model' ? lengthMm : modelLengthMm(lengthMm, scaleRatio);

/** Length of the full-size thing. */
export const fullSizeMm = ({ lengthMm, of }: Pick<CutLine, 'lengthMm' | 'of'>, scaleRatio: number): number =>
  of === 'prototype' ? lengthMm : prototypeLengthMm(lengthMm, scaleRatio);

/** Where the stop of the mitre box stands for pieces of one length. */
export interface Stop {
  lengthMm: number;
  /** From the middle of the slot: half the cut more than the piece is long. */
  fromSlotMm: number;
  count: number;
}

/** What a line of the list comes to. */
export interface LineFacts {
  lengthMm: number;
  fullSizeMm: number;
  /** Pencil lines on the faces that are seen, of all its pieces. */
  linedMm: number;
  bandMm: number;
  /** So many lie side by side and on each other in the bin; null where there is none, or no room for the length. */
  inBin: { across: number; up: number } | null;
}

export interface StripFacts {
  strip: Strip;
  /** Null where it cannot be cut: `why` says so. */
  plan: CutPlan | null;
  why: string | null;
  stops: Stop[];
  toBuy: number;
  /** What is left and long enough to be kept. */
  keepMm: number[];
}

export interface CutListFacts {
  strips: StripFacts[];
  /** By the id of the line. */
  lines: ReadonlyMap<string, LineFacts>;
  linedMm: number;
  bandMm: number;
  /** Cutting, lining and strapping. */
  minutes: number;
}

/** A stop is set, a piece is cut, a line is drawn, a strap is put round (common practice; our numbers). */
const STOP_MIN = 2;
const CUT_MIN = 0.4;
const LINED_MM_PER_MIN = 250;
const BAND_MIN = 0.7;
/** A strap laps over. */
const LAP_MM = 2;
/** What is shorter is not kept (our number). */
const LEAST_OFFCUT_MM = 15;

/** Pencil lines on one piece: between its boards, on the faces that are seen. */
export function linesOnOne({ boardsWide, boardsHigh, seen }: CutLine, lengthMm: number, { widthMm, heightMm }: Strip): number {
  const [across, up] = [boardsWide - 1, boardsHigh - 1];
  const end = across * heightMm + up * widthMm;
  const on: Record<Face, number> = { top: across * lengthMm, left: up * lengthMm, right: up * lengthMm, front: end, back: end };
  return seen.reduce((sum, face) => sum + on[face], 0);
}

/** Offcuts are rounded down to this, so that nothing is promised that is not there, mm. */
const OFFCUT_STEP_MM = 0.5;

/**
 * What a cut list comes to: for each kind of strip what is cut from which, how the stop stands, what is to buy and what is left; for each line its lengths, lines,
 * straps and whether it goes into the bin. Lengths in mm. Kinds of strip that the list does not use are left out.
 */
export function cutListFacts({ scaleRatio, kerfMm, lines, bin }: CutList, onShelf: readonly Strip[]): CutListFacts {
  const strips = onShelf.filter(({ id }) => lines.some(({ stripId }) => stripId === id));
  const facts = new Map<string, LineFacts>();
  for (const strip of strips)
    for (const line of lines.filter(({ stripId }) => stripId === strip.id)) {
      const lengthMm = cutLengthMm(line, scaleRatio);
      facts.set(line.id, {
        lengthMm,
        fullSizeMm: fullSizeMm(line, scaleRatio),
        linedMm: linesOnOne(line, lengthMm, strip) * line.count,
        bandMm: line.bands * line.count * (2 * (strip.widthMm + strip.heightMm) + LAP_MM),
        inBin:
          bin && lengthMm <= bin.depthMm
            ? { across: Math.floor(bin.widthMm / strip.widthMm + 1e-9), up: Math.floor(bin.heightMm / strip.heightMm + 1e-9) }
            : null,
      });
    }
  const cut = strips.map((strip) =>
    stripFacts(
      strip,
      lines.filter(({ stripId, count }) => stripId === strip.id && count > 0),
      { scaleRatio, kerfMm },
    ),
  );
  const all = [...facts.values()];
  const linedMm = all.reduce((sum, one) => sum + one.linedMm, 0);
  const stops = cut.reduce((sum, one) => sum + one.stops.length, 0);
  const pieces = lines.reduce((sum, { count }) => sum + count, 0);
  const bands = lines.reduce((sum, one) => sum + one.bands * one.count, 0);
  return {
    strips: cut,
    lines: facts,
    linedMm,
    bandMm: all.reduce((sum, one) => sum + one.bandMm, 0),
    minutes: stops * STOP_MIN + pieces * CUT_MIN + linedMm / LINED_MM_PER_MIN + bands * BAND_MIN,
  };
}

function stripFacts(strip: Strip, lines: readonly CutLine[], { scaleRatio, kerfMm }: Pick<CutList, 'scaleRatio' | 'kerfMm'>): StripFacts {
  const demand = lines.map((line) => ({ lengthMm: cutLengthMm(line, scaleRatio), count: line.count }));
  const tooLong = lines.find((_, i) => (demand[i]?.lengthMm ?? 0) > strip.lengthMm);
  if (tooLong)
    return {
      strip,
      plan: null,
      why: `${tooLong.name} is longer than a strip of ${String(strip.lengthMm)} mm`,
      stops: [],
      toBuy: 0,
      keepMm: [],
    };
  const plan = cutPlan({ stockLengthMm: strip.lengthMm, kerfMm, demand, offcutsMm: strip.offcutsMm });
  const byLength = new Map<number, number>();
  for (const { lengthMm, count } of demand) {
    const rounded = Math.round(lengthMm * 100) / 100;
    byLength.set(rounded, (byLength.get(rounded) ?? 0) + count);
  }
  return {
    strip,
    plan,
    why: null,
    stops: [...byLength].sort(([a], [b]) => b - a).map(([lengthMm, count]) => ({ lengthMm, fromSlotMm: lengthMm + kerfMm / 2, count })),
    toBuy: Math.max(0, plan.newStrips - strip.have),
    keepMm: plan.strips
      .map(({ restMm }) => Math.floor(restMm / OFFCUT_STEP_MM) * OFFCUT_STEP_MM)
      .filter((mm) => mm >= LEAST_OFFCUT_MM)
      .sort((a, b) => b - a),
  };
}

/** The kinds of strip a list uses as they are once it is cut: what was used is gone, what is left of it has come. Null where something cannot be cut or is to be bought first. */
export function stripsOnceCut({ strips }: Pick<CutListFacts, 'strips'>): Strip[] | null {
  if (strips.some(({ plan, toBuy }) => plan === null || toBuy > 0)) return null;
  return strips.map(onceCut);
}

function onceCut({ strip, plan, keepMm, toBuy }: StripFacts): Strip {
  const offcutsMm = [...strip.offcutsMm];
  for (const { lengthMm, isOffcut } of plan?.strips ?? []) if (isOffcut) offcutsMm.splice(offcutsMm.indexOf(lengthMm), 1);
  return { ...strip, have: strip.have + toBuy - (plan?.newStrips ?? 0), offcutsMm: [...offcutsMm, ...keepMm].sort((x, y) => y - x) };
}

/** New strips that all lists together want bought: each takes from the shelf what the ones before it left. */
export function stripsToBuy(lists: readonly CutList[], onShelf: readonly Strip[]): { strip: Strip; count: number }[] {
  const shelf = new Map(onShelf.map((strip) => [strip.id, strip]));
  const wanted = new Map<string, number>();
  for (const list of lists.filter(({ cutOn }) => cutOn === null))
    for (const facts of cutListFacts(list, [...shelf.values()]).strips) {
      const { strip, toBuy } = facts;
      wanted.set(strip.id, (wanted.get(strip.id) ?? 0) + toBuy);
      shelf.set(strip.id, onceCut(facts));
    }
  return onShelf.flatMap((strip) => {
    const count = wanted.get(strip.id) ?? 0;
    return count > 0 ? [{ strip, count }] : [];
  });
}
