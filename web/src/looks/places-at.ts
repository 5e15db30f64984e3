import type { PlacesLight, ZoneStrokes } from '@eveningtide/core/sequence';

/** The kinds of place of a zone after so many strokes. */
export const placesAt = ({ start, strokes }: ZoneStrokes, count: number): PlacesLight => (strokes[count - 1] ?? start).places;
