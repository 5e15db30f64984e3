import { MOST_AT_ONCE } from '@eveningtide/core/limits';
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

/** Bottles of a list: lines of text, a table copied from a spreadsheet, or CSV. Lines without a name are left out. */
export function paintRows(text: string, supplies: Supplies, newId: () => string): PaintRow[] {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ',', '|'] });
  const onShelf = new Set(supplies.bottles.map(({ name, material }) => `${name} ${material}`));
  return data
    .filter((cells) => !isHeading(cells))
    .slice(0, MOST_AT_ONCE)
    .flatMap((cells): PaintRow[] => {
      const paint = readPaint(cells, supplies);
      if (!paint) return [];
      const material = paint.material ?? COMMONEST;
      const colour = paint.colour ?? supplies.material(material).colour;
      const isKnown = onShelf.has(`${paint.name} ${material}`);
      const { name, sizeMl, leftMl } = paint;
      return [
        {
          bottle: plainBottle({ id: newId(), name, material, colour, sizeMl, leftMl }),
          kindGuessed: paint.material === null,
          isKnown,
          isTaken: !isKnown,
        },
      ];
    });
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
