import { ruleById, type Finding } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';
import type { Block } from './blocks.js';
import { finished } from './finishing.js';
import { curesIt, helpersAtEnd, helpersBefore, type Helper } from './helpers.js';
import type { Precedence } from './order.js';
import { Path, changesIn, type Setting } from './path.js';

/** What an order costs; compared one after the other. */
export interface Cost {
  /** Pairs of the painter's own steps that stand the other way round; counted only where the order is to be kept. */
  turned: number;
  /** Coats that nobody wished for. */
  coats: number;
  /** Minutes until all is dry-hard. */
  dryMin: number;
  /** Changes of medium and of the airbrush's colour. */
  changes: number;
}

/** Minutes that differ by less are the same: rounding in sums of drying times. */
const SAME_MIN = 1e-6;

export const compareCosts = (a: Cost, b: Cost): number =>
  a.turned - b.turned || a.coats - b.coats || (Math.abs(a.dryMin - b.dryMin) > SAME_MIN ? a.dryMin - b.dryMin : 0) || a.changes - b.changes;

/** Where a helper went and why. */
export interface PlacedOrder {
  step: Step;
  helper: Helper;
  /** The block it was put in for; null at the end. */
  block: number | null;
  /** What would have happened without it. */
  instead: Finding | null;
}

export interface Found {
  steps: Step[];
  order: number[];
  helpers: PlacedOrder[];
  cost: Cost;
}

/** Most coats that are put in before an order is given up. */
export const MOST_HELPERS = 9;

interface Node {
  path: Path;
  order: number[];
  done: ReadonlySet<number>;
  helpers: PlacedOrder[];
  turned: number;
  coats: number;
}

/** Zones that its last helper covers. */
const sealedZones = ({ helpers }: Node): number => helpers.at(-1)?.step.zones.length ?? 0;

/** Of paths that have done the same so many stay: one may have sealed more than the other. */
const MOST_ALIKE = 2;

/** The cheapest few; of those that have come to the same by other turns only the cheapest, so that they stay different. */
function best(reached: { node: Node; cost: Cost }[], width: number): Node[] {
  const out: Node[] = [];
  const alike = new Map<string, number>();
  for (const { node } of reached.sort((a, b) => compareCosts(a.cost, b.cost))) {
    const key = [...node.done].sort((a, b) => a - b).join(' ');
    const before = alike.get(key) ?? 0;
    if (before === MOST_ALIKE) continue;
    alike.set(key, before + 1);
    out.push(node);
    if (out.length === width) break;
  }
  return out;
}

/** One search: what is to be ordered, and how much effort it may take. */
export class Search {
  private readonly effort = { steps: 0 };
  private readonly needs: ReadonlySet<number>[];
  private best: Found | null = null;
  /** The trouble that came up where a path ended, and at which block: what a painter is told when nothing works. */
  readonly troubles: { block: number | null; finding: Finding }[] = [];

  constructor(
    private readonly blocks: readonly Block[],
    precedences: readonly Precedence[],
    private readonly setting: Setting,
    private readonly options: { keepOrder: boolean; mostEffort: number },
  ) {
    this.needs = blocks.map((_, i) => new Set(precedences.filter(({ after }) => after === i).map(({ before }) => before)));
  }

  /** The best order found, and whether all others were ruled out. */
  run(exactUpTo: number, beamWidth: number): { found: Found | null; exact: boolean } {
    this.beam(beamWidth);
    if (this.blocks.length > exactUpTo) {
      this.improve();
      return { found: this.best, exact: false };
    }
    const whole = this.deepen(this.root());
    return { found: this.best, exact: whole };
  }

  private root(): Node {
    return { path: Path.begin(this.setting, this.effort), order: [], done: new Set(), helpers: [], turned: 0, coats: 0 };
  }

  private isSpent(): boolean {
    return this.effort.steps > this.options.mostEffort;
  }

  private candidates(node: Node): number[] {
    return this.blocks.flatMap((_, i) =>
      node.done.has(i) || [...(this.needs[i] ?? [])].some((before) => !node.done.has(before)) ? [] : [i],
    );
  }

  /** The node with a block done, a helper before it where one is given; null with the trouble where it does not go. */
  private after(node: Node, index: number, helper: Helper | null, instead: Finding | null): { node: Node | null; trouble: Finding | null } {
    const block = this.blocks[index];
    if (!block) return { node: null, trouble: null };
    const path = node.path.fork();
    const trouble = (helper ? path.add([helper.step]) : null) ?? this.unfinishedBelow(block, path) ?? path.add(block.steps);
    // what is done cannot be helped any more
    if (trouble && !block.done) return { node: null, trouble };
    const done = new Set(node.done).add(index);
    const turned = node.turned + (this.options.keepOrder ? this.turnedBy(node, index) : 0);
    const helpers = helper ? [...node.helpers, { step: helper.step, helper, block: index, instead }] : node.helpers;
    return {
      node: { path, order: [...node.order, index], done, helpers, turned, coats: node.coats + (helper?.step.coats ?? 0) },
      trouble: null,
    };
  }

  /** What gleams comes after the last flat coat: loose powder or a wrong sheen below it is seen to before. */
  private unfinishedBelow(block: Block, path: Path): Finding | null {
    if (block.phase !== 'bright' || block.done) return null;
    return (
      path.atEnd().find(({ rule, zones }) => ruleById(rule).curedBy !== undefined && zones.some((zone) => block.zones.has(zone))) ?? null
    );
  }

  /** Own steps that the painter had after this one and that are done before it. */
  private turnedBy(node: Node, index: number): number {
    const rank = this.blocks[index]?.ownRank ?? null;
    if (rank === null) return 0;
    return node.order.filter((other) => (this.blocks[other]?.ownRank ?? -1) > rank).length;
  }

  private costSoFar(node: Node): Cost {
    return { turned: node.turned, coats: node.coats, dryMin: node.path.clockMin, changes: changesIn(node.path.steps, this.setting) };
  }

  /** Nothing that comes after can make it better than the best. */
  private isHopeless(node: Node): boolean {
    return node.coats > MOST_HELPERS || (this.best !== null && compareCosts(this.costSoFar(node), this.best.cost) >= 0);
  }

  /** All orders, one block after the other; what cannot become better than the best is left. True when it came to the end. */
  private deepen(node: Node): boolean {
    if (this.isSpent()) return false;
    if (node.done.size === this.blocks.length) {
      this.close(node);
      return true;
    }
    let whole = true;
    for (const index of this.candidates(node)) {
      const plain = this.after(node, index, null, null);
      if (plain.node && !this.isHopeless(plain.node)) whole = this.deepen(plain.node) && whole;
      const block = this.blocks[index];
      if (!block || block.done || this.isHopeless({ ...node, coats: node.coats + 1 })) continue;
      for (const helper of helpersBefore(block, node.path.state, this.setting)) {
        const helped = this.after(node, index, helper, plain.trouble);
        if (helped.node && !this.isHopeless(helped.node)) whole = this.deepen(helped.node) && whole;
        if (this.isSpent()) return false;
      }
    }
    return whole;
  }

  /** A few good paths side by side; a coat is put in only where the next block does not go without. */
  private beam(width: number): void {
    let nodes = [this.root()];
    for (let level = 0; level < this.blocks.length; level++) {
      const next: Node[] = [];
      for (const node of nodes) for (const index of this.candidates(node)) next.push(...this.reached(node, index));
      nodes = best(
        next.map((node) => ({ node, cost: this.costSoFar(node) })),
        width,
      );
    }
    for (const node of nodes) this.close(node);
  }

  /** The block done as it is; where that does not go, after each coat that could cure it. */
  private reached(node: Node, index: number): Node[] {
    const plain = this.after(node, index, null, null);
    if (plain.node) return [plain.node];
    const block = this.blocks[index];
    if (!block || !plain.trouble || node.coats >= MOST_HELPERS) return [];
    const { trouble } = plain;
    const out: Node[] = [];
    let told = trouble;
    for (const helper of helpersBefore(block, node.path.state, this.setting)) {
      if (!curesIt(helper, trouble.rule)) continue;
      const helped = this.after(node, index, helper, trouble);
      if (helped.node) out.push(helped.node);
      // the coat that would cure it brings trouble of its own: that is what stands in the way
      else if (helped.trouble && helped.trouble.rule !== trouble.rule) told = helped.trouble;
    }
    if (out.length === 0 && this.troubles.length < 50) this.troubles.push({ block: index, finding: told });
    return out;
  }

  /** One block taken out of the best order and put in elsewhere, as long as that makes it better and there is effort left. */
  private improve(): void {
    for (let better = true; better && this.best !== null;) {
      better = false;
      const { order, cost } = this.best;
      for (let from = 0; from < order.length && !better; from++)
        for (let to = 0; to < order.length && !better; to++) {
          if (this.isSpent()) return;
          const moved = order.toSpliced(from, 1).toSpliced(to, 0, order[from] ?? 0);
          if (to === from || !this.isAllowed(moved)) continue;
          for (const widest of [false, true]) this.inOrder(moved, widest);
          better = compareCosts(this.best.cost, cost) < 0;
        }
    }
  }

  private isAllowed(order: readonly number[]): boolean {
    const done = new Set<number>();
    return order.every((index) => [...(this.needs[index] ?? [])].every((before) => done.has(before)) && Boolean(done.add(index)));
  }

  /** The blocks in this very order, with the coats that they turn out to need: on their own zones, or on all at once. */
  private inOrder(order: readonly number[], widest: boolean): void {
    let node = this.root();
    for (const index of order) {
      const reached = this.reached(node, index);
      const next = widest ? reached.toSorted((a, b) => sealedZones(b) - sealedZones(a))[0] : reached[0];
      if (!next || this.isHopeless(next)) return;
      node = next;
    }
    this.close(node);
  }

  /** Ends an order: loose powder bound, the sheen as wanted, then all that is seen to when the order stands. */
  private close(node: Node): void {
    const wrong = node.path.atEnd();
    if (wrong.length === 0) {
      this.keep(node);
      return;
    }
    const sheen = wrong.find(({ rule }) => rule === 'sheen-at-end')?.zones ?? [];
    for (const helper of helpersAtEnd(node.path.state, sheen, this.setting)) {
      const path = node.path.fork();
      if (path.add([helper.step])) continue;
      const ended: Node = {
        ...node,
        path,
        coats: node.coats + helper.step.coats,
        helpers: [...node.helpers, { step: helper.step, helper, block: null, instead: wrong[0] ?? null }],
      };
      if (ended.coats > MOST_HELPERS || this.isHopeless(ended)) continue;
      if (path.atEnd().length === 0) this.keep(ended);
      else if (node.helpers.at(-1)?.block !== null) this.close(ended);
    }
    if (this.best === null && wrong[0]) this.troubles.push({ block: null, finding: wrong[0] });
  }

  private keep(node: Node): void {
    const cost: Cost = { ...this.costSoFar(node), dryMin: node.path.dryMin() };
    if (this.best !== null && compareCosts(cost, this.best.cost) >= 0) return;
    const { steps, trouble } = finished(node.path.steps, this.setting);
    if (trouble) this.troubles.push({ block: null, finding: trouble });
    else this.best = { steps, order: node.order, helpers: node.helpers, cost };
  }
}
