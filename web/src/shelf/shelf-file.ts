import { plainBottle, type Bottle, type OwnMaterial, type Supplies } from '@eveningtide/core/materials';
import { BOTTLE_COLUMNS, bottlesFromRows, rowsFromBottles, type BottleRow, type RowsRead } from '@eveningtide/core/needs';
import { isObject } from '@eveningtide/core/kept';
import { MOST_AT_ONCE } from '@eveningtide/core/limits';
import Papa from 'papaparse';

/** So much is read: a shelf of thousands of bottles is far below it. */
const MOST_BYTES = 5_000_000;

/** A cell that begins like a formula, and the mark before one. */
const FORMULA = /^[=+\-@\t\r].*$/s;
const MARKED = /^'(?=[=+\-@\t\r])/;

/** The shelf alone as open JSON; the plan file holds it as well. */
export const SHELF_FORMAT = 'eveningtide-shelf';
const SHELF_VERSION = 1;

interface ShelfFile {
  format: typeof SHELF_FORMAT;
  version: 1;
  materials: OwnMaterial[];
  bottles: Bottle[];
}

export const shelfCsv = (bottles: readonly Bottle[], supplies: Supplies): string =>
  // what a table program would take for a formula is marked; reading it takes the mark off again
  Papa.unparse(rowsFromBottles(bottles, supplies), { columns: [...BOTTLE_COLUMNS], newline: '\n', escapeFormulae: FORMULA });

export const shelfJson = (bottles: readonly Bottle[], materials: readonly OwnMaterial[]): string =>
  `${JSON.stringify({ format: SHELF_FORMAT, version: 1, materials: [...materials], bottles: [...bottles] } satisfies ShelfFile, null, 2)}\n`;

/** What a file holds for the shelf; own materials come with JSON only. */
export interface FileRead extends RowsRead {
  materials: OwnMaterial[];
}

const refused = (column: string, value: string, allowed: string): FileRead => ({
  bottles: [],
  materials: [],
  faults: [{ line: 1, column, value, allowed }],
});

/** The text of a file: UTF-8, or UTF-16 that says so; null where it is neither, as no letter may be guessed. */
function decoded(bytes: ArrayBuffer): string | null {
  const [first, second] = new Uint8Array(bytes, 0, Math.min(2, bytes.byteLength));
  const isUtf16 = (first === 0xff && second === 0xfe) || (first === 0xfe && second === 0xff);
  try {
    return new TextDecoder(isUtf16 ? (first === 0xff ? 'utf-16le' : 'utf-16be') : 'utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

type TextRead = { text: string } | { value: string; allowed: string };

/** The text of a chosen file. One that is too large, or written in an encoding that has to be guessed, is refused at once. */
export async function textOf(file: File): Promise<TextRead> {
  if (file.size > MOST_BYTES)
    return { value: `${String(Math.round(file.size / 1e6))} MB`, allowed: `a file of at most ${String(MOST_BYTES / 1e6)} MB` };
  const text = decoded(await file.arrayBuffer());
  if (text === null) return { value: 'letters in another encoding', allowed: 'text saved as UTF-8 (in the table program: “CSV UTF-8”)' };
  return { text };
}

/** Reads a chosen shelf file. */
export async function readChosen(file: File, supplies: Supplies, newId: () => string): Promise<FileRead> {
  const read = await textOf(file);
  return 'text' in read ? readShelfFile(file.name, read.text, supplies, newId) : refused('file', read.value, read.allowed);
}

/** Reads bottles from CSV, or from JSON where the name or the text says so. Nothing is saved yet. */
export function readShelfFile(name: string, text: string, supplies: Supplies, newId: () => string): FileRead {
  return name.toLowerCase().endsWith('.json') || text.trimStart().startsWith('{')
    ? readJson(text, supplies)
    : readCsv(text, supplies, newId);
}

function readCsv(text: string, supplies: Supplies, newId: () => string): FileRead {
  const parsed = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase().replaceAll(' ', '_'),
  });
  const columns = parsed.meta.fields ?? [];
  if (!columns.includes('name') || !columns.includes('kind'))
    return refused('heading', columns.join(', ').slice(0, 80), `a first line that names the columns: ${BOTTLE_COLUMNS.join(', ')}`);
  const rows = parsed.data.map((row): BottleRow =>
    Object.fromEntries(
      BOTTLE_COLUMNS.flatMap((column) => (typeof row[column] === 'string' ? [[column, row[column].replace(MARKED, '')]] : [])),
    ),
  );
  if (rows.length > MOST_AT_ONCE)
    return refused('file', `${String(rows.length)} lines`, `at most ${String(MOST_AT_ONCE)} bottles in one file`);
  const broken = parsed.errors
    .filter(({ type }) => type === 'Quotes')
    .map(({ row = 0, message }) => ({ line: row + 2, column: 'line', value: message, allowed: 'quotes that are opened and closed' }));
  // where a quote is not closed nobody knows what is a line and what is not
  if (broken.length > 0) return { bottles: [], materials: [], faults: broken };
  return { ...bottlesFromRows(rows, supplies, newId), materials: [] };
}

function readJson(text: string, supplies: Supplies): FileRead {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch (error) {
    return refused('file', error instanceof Error ? error.message : String(error), 'JSON');
  }
  if (!isObject(file) || file['format'] !== SHELF_FORMAT || !Array.isArray(file['bottles']))
    return refused(
      'format',
      isObject(file) ? String(file['format']) : Array.isArray(file) ? 'a list' : typeof file,
      `${SHELF_FORMAT}, with a list of bottles`,
    );
  if (typeof file['version'] !== 'number' || file['version'] > SHELF_VERSION)
    return refused('version', String(file['version']), `${String(SHELF_VERSION)} or less: the file is from a newer version of Eveningtide`);
  if (file['bottles'].length > MOST_AT_ONCE)
    return refused('bottles', String(file['bottles'].length), `at most ${String(MOST_AT_ONCE)} bottles in one file`);
  const known = new Set(supplies.bottles.map(({ id }) => id));
  // what stands in the fields is checked by the server, field by field, before anything is saved
  const given = file['bottles'] as unknown[];
  const faults = given.flatMap((one, i) =>
    isObject(one)
      ? []
      : [{ line: i + 1, column: 'bottles', value: Array.isArray(one) ? 'a list' : String(one), allowed: 'a bottle with its fields' }],
  );
  const bottles = given.flatMap((one, i) => {
    if (!isObject(one)) return [];
    const bottle = { ...plainBottle({ id: '', name: '', material: '', colour: '' }), ...(one as Partial<Bottle>) };
    return [{ bottle, line: i + 1, known: known.has(bottle.id) }];
  });
  const materials = Array.isArray(file['materials']) ? (file['materials'] as OwnMaterial[]).filter(isObject) : [];
  return { bottles, materials, faults };
}
