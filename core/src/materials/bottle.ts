/** A bottle on the shelf: which kind it is, and what is its own. */
export interface Bottle {
  id: string;
  name: string;
  /** Id of its kind: of the catalogue, or of an own material. */
  material: string;
  colour: string;
  sizeMl: number | null;
  leftMl: number | null;
  /** Date, `YYYY-MM-DD`; null: not opened or not known. */
  openedOn: string | null;
  /** Date of the last trial on scrap, `YYYY-MM-DD`; null: never tried. */
  triedOn: string | null;
  place: string;
  note: string;
  /** What a full one costs, in the painter's own currency; null: not known. */
  price: number | null;
  /** A mix of it with white and how that looks: tells how strongly it tints. Null: assumed from its kind. */
  whiteSwatch: WhiteSwatch | null;
  /** Drops to the mL from its own dropper, counted; null: as its liquid. */
  dropsPerMl: number | null;
}

/** Paint and white by volume, and the colour of that mix, #rrggbb. */
export interface WhiteSwatch {
  parts: [own: number, white: number];
  colour: string;
}

/** Mean length of a month, days (365.25 / 12). */
export const DAYS_PER_MONTH = 30.4375;

/** Something is in it, as far as anybody knows. */
export const hasSome = ({ leftMl }: Pick<Bottle, 'leftMl'>): boolean => leftMl !== 0;

/** A bottle of which only kind and colour are told. */
export function plainBottle(given: Pick<Bottle, 'id' | 'name' | 'material' | 'colour'> & Partial<Bottle>): Bottle {
  return {
    sizeMl: null,
    leftMl: null,
    openedOn: null,
    triedOn: null,
    place: '',
    note: '',
    price: null,
    whiteSwatch: null,
    dropsPerMl: null,
    ...given,
  };
}
