/** A part of a view, told by what its address says behind `?part=`. */
export interface Part {
  part: string;
  /** As the command box lists it; null: it is led to from its view alone. */
  listed: string | null;
}

export interface View {
  /** Its address; a name behind a colon stands for what is shown. */
  path: string;
  name: string;
  /** In the list at the left: with the work, or at its foot. */
  rail?: 'work' | 'foot';
  /** Alt with this digit leads here. */
  altDigit?: number;
  /** As the command box lists it, where that is not its name; null: it does not, as it is of some one thing. */
  listed?: string | null;
  /** As the command box lists it for each piece: the group, and the words before the piece's name. */
  ofPiece?: { group: string; before: string };
  parts?: readonly Part[];
}

/** Every view there is: routes, the list at the left, the command box, keys and the tests of all views (`view-examples.ts`) go by it. */
export const VIEWS = [
  {
    path: '/tonight',
    name: 'Tonight',
    rail: 'work',
    altDigit: 1,
    parts: [
      { part: 'card', listed: null },
      { part: 'cautions', listed: null },
    ],
  },
  { path: '/pieces', name: 'Pieces', rail: 'work', altDigit: 2 },
  {
    path: '/pieces/:pieceId',
    name: 'A piece',
    listed: null,
    ofPiece: { group: 'Open a piece', before: '' },
  },
  {
    path: '/pieces/:pieceId/wishes',
    name: 'Wishes',
    listed: null,
    ofPiece: { group: 'Wishes', before: 'Wishes for ' },
  },
  {
    path: '/pieces/:pieceId/film',
    name: 'Film build',
    listed: null,
    ofPiece: { group: 'Film', before: 'Film build of ' },
  },
  {
    path: '/pieces/:pieceId/card',
    name: 'Card of a piece',
    listed: null,
    ofPiece: { group: 'Print', before: 'Card of ' },
  },
  {
    path: '/evenings',
    name: 'Evenings',
    rail: 'work',
    altDigit: 3,
    parts: [
      { part: 'one', listed: 'one evening' },
      { part: 'sure', listed: 'how sure' },
      { part: 'if', listed: 'what if' },
      { part: 'waiting', listed: 'waiting, batches in two' },
    ],
  },
  {
    path: '/shelf',
    name: 'Shelf',
    rail: 'work',
    altDigit: 4,
    parts: [
      { part: 'needs', listed: 'what runs out, shopping' },
      { part: 'count', listed: 'count the stock' },
      { part: 'sealants', listed: 'sealants compared' },
      { part: 'own', listed: null },
      { part: 'catalogue', listed: null },
    ],
  },
  {
    path: '/mixing',
    name: 'Mixing',
    rail: 'work',
    listed: 'Mixing: what to mix',
    parts: [
      { part: 'cup', listed: 'a cup' },
      { part: 'ladder', listed: 'tone ladder' },
      { part: 'find', listed: 'find a recipe' },
      { part: 'kept', listed: 'kept mixes' },
    ],
  },
  { path: '/finishes', name: 'Finishes' },
  {
    path: '/finishes/compare',
    name: 'Two finishes side by side',
    listed: null,
  },
  {
    path: '/log',
    name: 'Log',
    rail: 'work',
    parts: [{ part: 'learnt', listed: null }],
  },
  { path: '/deleted', name: 'Recently deleted' },
  {
    path: '/handbook',
    name: 'Handbook',
    rail: 'foot',
    listed: 'Handbook: rules',
    parts: [
      { part: 'effects', listed: 'effects' },
      { part: 'techniques', listed: 'techniques' },
      { part: 'materials', listed: 'materials' },
    ],
  },
  { path: '/handbook/rules/:ruleId', name: 'A rule', listed: null },
  { path: '/handbook/materials/:materialId', name: 'A material', listed: null },
  { path: '/workshop', name: 'Workshop', rail: 'foot', altDigit: 5 },
] as const satisfies readonly View[];

export type Path = (typeof VIEWS)[number]['path'];

/** The same, without what each one alone has: to go through. */
const all: readonly View[] = VIEWS;

export const inRail = (where: 'work' | 'foot') => VIEWS.filter((view) => 'rail' in view && view.rail === where);

/** Where Alt with a digit leads; null: nowhere. */
export const viewOfDigit = (digit: number): View | null => all.find(({ altDigit }) => altDigit === digit) ?? null;

/** Views whose key is a digit, in the order of the digits. */
export const viewsByDigit = (): View[] =>
  all.filter(({ altDigit }) => altDigit !== undefined).sort((a, b) => (a.altDigit ?? 0) - (b.altDigit ?? 0));

/** Views and their parts as the command box lists them. */
export const listedViews = (): { to: string; name: string }[] =>
  all.flatMap(({ path, name, listed = name, parts = [] }) => [
    ...(listed === null ? [] : [{ to: path, name: listed }]),
    ...parts.flatMap((part) => (part.listed === null ? [] : [{ to: `${path}?part=${part.part}`, name: `${name}: ${part.listed}` }])),
  ]);

/** The same for a piece. */
export const listedForPiece = (piece: { id: string; name: string }): { group: string; to: string; name: string }[] =>
  all.flatMap(({ path, ofPiece }) =>
    ofPiece ? [{ group: ofPiece.group, to: path.replace(':pieceId', piece.id), name: ofPiece.before + piece.name }] : [],
  );
