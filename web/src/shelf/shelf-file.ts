import { plainBottle, type Bottle, type OwnMaterial, type Supplies } from '@eveningtide/core/materials';
import { BOTTLE_COLUMNS, bottlesFromRows, rowsFromBottles, type BottleRow, type RowsRead } from '@eveningtide/core/needs';
import Papa from 'papaparse';

/** The shelf alone as open JSON; the plan file holds it as well. */
export const SHELF_FORMAT = 'eveningtide-shelf';

interface ShelfFile {
  format: typeof SHELF_FORMAT;
  version: 1;
  materials: OwnMaterial[];
  bottles: Bottle[];
}

export const shelfCsv = (bottles: readonly Bottle[], supplies: Supplies): string =>
  Papa.unparse(rowsFromBottles(bottles, supplies), { columns: [...BOTTLE_COLUMNS], newline: '\n' });

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
    Object.fromEntries(BOTTLE_COLUMNS.flatMap((column) => (typeof row[column] === 'string' ? [[column, row[column]]] : []))),
  );
  const read = bottlesFromRows(rows, supplies, newId);
  const broken = parsed.errors
    .filter(({ type }) => type === 'Quotes')
    .map(({ row = 0, message }) => ({ line: row + 2, column: 'line', value: message, allowed: 'quotes that are opened and closed' }));
  return { ...read, faults: [...broken, ...read.faults], materials: [] };
}

const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;

function readJson(text: string, supplies: Supplies): FileRead {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch (error) {
    return refused('file', error instanceof Error ? error.message : String(error), 'JSON');
  }
  if (!isObject(file) || file['format'] !== SHELF_FORMAT || !Array.isArray(file['bottles']))
    return refused('format', isObject(file) ? String(file['format']) : typeof file, `${SHELF_FORMAT}, with a list of bottles`);
  const known = new Set(supplies.bottles.map(({ id }) => id));
  // what stands in the fields is checked by the server, field by field, before anything is saved
  const bottles = (file['bottles'] as Bottle[]).filter(isObject).map((given, i) => {
    const bottle = { ...plainBottle({ id: '', name: '', material: '', colour: '' }), ...given };
    return { bottle, line: i + 1, known: known.has(bottle.id) };
  });
  const materials = Array.isArray(file['materials']) ? (file['materials'] as OwnMaterial[]).filter(isObject) : [];
  return { bottles, materials, faults: [] };
}
