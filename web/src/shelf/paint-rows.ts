import { plainBottle, type Bottle, type Supplies } from '@eveningtide/core/materials';
import { isHeading, readPaint } from '@eveningtide/core/step-line';
import Papa from 'papaparse';
import { shelfCsv } from './shelf-file.js';

/** A bottle as it was read from a list, to be looked at before it goes on the shelf. */
export interface PaintRow {
  bottle: Bottle;
  /** No word of the line named its kind: the commonest paint was taken. */
  kindGuessed: boolean;
  /** One of that name and kind stands on the shelf already. */
  isKnown: boolean;
  isTaken: boolean;
}

/** What most bottles of a hobby shelf are (our guess, to be put right in the table). */
const COMMONEST = 'acrylic-matt';

/** So many lines can be looked at in one table. */
export const MOST_LINES = 400;

export interface PaintsRead {
  rows: PaintRow[];
  /** Lines, as they stood there, in which no name was found, or that are more than can be looked at. */
  leftOut: string[];
}

/** Bottles of a list: lines of text, a table copied from a spreadsheet, or CSV. */
export function readPaints(text: string, supplies: Supplies, newId: () => string): PaintsRead {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ',', '|'] });
  const onShelf = new Set(supplies.bottles.map(({ name, material }) => `${name} ${material}`));
  const [rows, leftOut]: [PaintRow[], string[]] = [[], []];
  for (const cells of data.filter((line) => !isHeading(line))) {
    const paint = rows.length < MOST_LINES ? readPaint(cells, supplies) : null;
    if (!paint) {
      leftOut.push(cells.join(' ').trim());
      continue;
    }
    const material = paint.material ?? COMMONEST;
    const colour = paint.colour ?? supplies.material(material).colour;
    const isKnown = onShelf.has(`${paint.name} ${material}`);
    const { name, sizeMl, leftMl } = paint;
    const bottle = plainBottle({ id: newId(), name, material, colour, sizeMl, leftMl });
    rows.push({ bottle, kindGuessed: paint.material === null, isKnown, isTaken: !isKnown });
  }
  return { rows, leftOut };
}

/** A list to fill in with a table program. */
export const templateCsv = (supplies: Supplies): string =>
  shelfCsv(
    [
      plainBottle({ id: '1', name: 'Peat brown', material: 'acrylic-matt', colour: '#4a3a2a', sizeMl: 17, leftMl: 12 }),
      plainBottle({ id: '2', name: 'Rust powder', material: 'pigment-dry', colour: '#8a4a25', sizeMl: 20, leftMl: 20 }),
      plainBottle({ id: '3', name: 'Matt clear', material: 'clear-matt-acrylic', colour: '#e8e6e0', sizeMl: 60, leftMl: 30 }),
    ],
    supplies,
  );
