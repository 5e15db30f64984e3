import { LONGEST_NAME, LONGEST_TEXT, MOST_ML, MOST_PRICE } from '../limits/index.js';
import { MATERIALS, plainBottle, type Bottle, type Supplies } from '../materials/index.js';
import { isWithinReach } from '../units/index.js';

/**
 * Bottles as rows of words, the way a table file holds them. A first line names the columns; unknown columns are left alone,
 * missing ones leave what a known bottle has.
 */
export const BOTTLE_COLUMNS = [
  'name',
  'kind',
  'colour',
  'holds_ml',
  'left_ml',
  'opened_on',
  'tried_on',
  'price',
  'stands',
  'note',
] as const;
export type BottleColumn = (typeof BOTTLE_COLUMNS)[number];
export type BottleRow = Partial<Record<BottleColumn, string>>;

/** What is wrong with a line: which column, what stands there, what may. */
export interface RowFault {
  /** Line of the file, the heading is line 1. */
  line: number;
  column: string;
  value: string;
  allowed: string;
}

export interface RowsRead {
  /** Bottles to keep: new ones, and known ones with what the file says of them. */
  bottles: { bottle: Bottle; line: number; known: boolean }[];
  faults: RowFault[];
}

/** What counts of a name: its letters and figures, of whatever script. */
const fold = (text: string): string =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]/gu, '');
const COLOUR = /^#[0-9a-f]{6}$/i;

/** The cells of one line: what stands there, or what the known bottle has where the column is missing. Faults are gathered. */
class Line {
  readonly faults: RowFault[] = [];

  constructor(
    private readonly row: BottleRow,
    private readonly line: number,
  ) {}

  cell(column: BottleColumn): string {
    return this.row[column]?.trim() ?? '';
  }

  fault(column: BottleColumn, allowed: string): null {
    this.faults.push({ line: this.line, column, value: this.cell(column), allowed });
    return null;
  }

  text(column: 'stands' | 'note', was: string, longest: number): string {
    if (this.row[column] === undefined) return was;
    const typed = this.cell(column);
    if (typed.length > longest) this.fault(column, `at most ${String(longest)} characters`);
    return typed;
  }

  amount(column: 'holds_ml' | 'left_ml' | 'price', was: number | null, most: number): number | null {
    if (this.row[column] === undefined) return was;
    const typed = this.cell(column).replace(',', '.');
    if (typed === '') return null;
    const value = Number(typed);
    return Number.isFinite(value) && value >= 0 && value <= most ? value : this.fault(column, `a number of 0–${String(most)}, or nothing`);
  }

  day(column: 'opened_on' | 'tried_on', was: string | null): string | null {
    if (this.row[column] === undefined) return was;
    const typed = this.cell(column);
    if (typed === '') return null;
    return isWithinReach(typed) ? typed : this.fault(column, 'a date such as 2026-11-25, or nothing');
  }

  colour(was: string): string {
    const typed = this.cell('colour');
    if (typed !== '' && !COLOUR.test(typed)) this.fault('colour', 'a colour such as #6b4a32, or nothing');
    return typed === '' ? was : typed.toLowerCase();
  }

  name(): string {
    const name = this.cell('name');
    if (name === '' || name.length > LONGEST_NAME) this.fault('name', `a name of 1–${String(LONGEST_NAME)} characters`);
    return name;
  }
}

/**
 * Reads rows into bottles. A bottle of the same name and kind on the shelf is changed, any other is new. A line with any fault
 * gives no bottle; nothing is guessed. `newId` makes ids for new ones.
 */
export function bottlesFromRows(rows: readonly BottleRow[], supplies: Supplies, newId: () => string): RowsRead {
  const kinds = new Map(
    supplies.materials.flatMap(({ id, name }) => [id, name].flatMap((word) => (fold(word) === '' ? [] : [[fold(word), id] as const]))),
  );
  const out: RowsRead = { bottles: [], faults: [] };
  const seen = new Map<string, number>();
  for (const [i, row] of rows.entries()) {
    const number = i + 2;
    const line = new Line(row, number);
    const name = line.name();
    const kind =
      kinds.get(fold(row.kind ?? '')) ??
      line.fault('kind', `a kind of the catalogue or of your own, such as “${MATERIALS[0]?.name ?? ''}”`);
    const key = `${name} ${kind ?? ''}`;
    const before = seen.get(key);
    if (name !== '' && kind !== null && before !== undefined)
      line.fault('name', `each bottle once: it stands on line ${String(before)} already`);
    seen.set(key, number);
    const known = supplies.bottles.find((bottle) => bottle.name === name && bottle.material === kind);
    const bottle = bottleOf(line, known ?? newBottle(name, kind, supplies));
    if (line.faults.length > 0) out.faults.push(...line.faults);
    else out.bottles.push({ bottle: known ? bottle : { ...bottle, id: newId() }, line: number, known: known !== undefined });
  }
  return out;
}

const newBottle = (name: string, kind: string | null, supplies: Supplies): Bottle =>
  plainBottle({ id: '', name, material: kind ?? '', colour: kind === null ? '#8b8a88' : supplies.material(kind).colour });

/** A bottle with what a line says of it. */
function bottleOf(line: Line, base: Bottle): Bottle {
  const bottle: Bottle = {
    ...base,
    colour: line.colour(base.colour),
    sizeMl: line.amount('holds_ml', base.sizeMl, MOST_ML),
    leftMl: line.amount('left_ml', base.leftMl, MOST_ML),
    openedOn: line.day('opened_on', base.openedOn),
    triedOn: line.day('tried_on', base.triedOn),
    price: line.amount('price', base.price, MOST_PRICE),
    place: line.text('stands', base.place, LONGEST_NAME),
    note: line.text('note', base.note, LONGEST_TEXT),
  };
  if (line.faults.length === 0 && bottle.sizeMl !== null && bottle.leftMl !== null && bottle.leftMl > bottle.sizeMl)
    line.fault('left_ml', `at most what the bottle holds, ${String(bottle.sizeMl)}`);
  return bottle;
}

/** Bottles as rows to write. Reading them back gives the same bottles. */
export function rowsFromBottles(bottles: readonly Bottle[], supplies: Supplies): Record<BottleColumn, string>[] {
  const words = (value: number | string | null): string => (value === null ? '' : String(value));
  return bottles.map((bottle) => ({
    name: bottle.name,
    kind: supplies.isMaterial(bottle.material) ? supplies.material(bottle.material).name : bottle.material,
    colour: bottle.colour,
    holds_ml: words(bottle.sizeMl),
    left_ml: words(bottle.leftMl),
    opened_on: words(bottle.openedOn),
    tried_on: words(bottle.triedOn),
    price: words(bottle.price),
    stands: bottle.place,
    note: bottle.note,
  }));
}
