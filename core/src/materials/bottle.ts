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
}

/** Mean length of a month, days (365.25 / 12). */
export const DAYS_PER_MONTH = 30.4375;
