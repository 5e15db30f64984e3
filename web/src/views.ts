/** A part of a view, told by what its address says behind `?part=`. */
export interface Part {
  part: string;
  /** As the command box lists it; null: it is led to from its view alone. */
  listed: string | null;
  /** It is made for paper: what it is called there, and what it holds. */
  prints?: { name: string; holds: string };
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
  /** As of a part. */
  prints?: Part['prints'];
  /** What the tour says of it; left out: the tour goes by. */
  tour?: { stop: number; says: string };
}

/** Every view there is: routes, the list at the left, the command box, keys and the tests of all views (`view-examples.ts`) go by it. */
export const VIEWS = [
  {
    path: '/tonight',
    tour: { stop: 5, says: 'What to do this evening, large enough to be read from the bench: start, done, timers.' },
    name: 'Tonight',
    rail: 'work',
    altDigit: 1,
    parts: [
      { part: 'card', listed: null, prints: { name: 'This evening', holds: 'The bench card: steps, mixes, times, where on the piece.' } },
      { part: 'cautions', listed: null, prints: { name: 'Safety tonight', holds: 'What to wear, to air and to keep away.' } },
    ],
  },
  {
    path: '/pieces',
    name: 'Pieces',
    rail: 'work',
    altDigit: 2,
    tour: { stop: 1, says: 'Everything you paint. Press a name to open it; New piece begins another.' },
  },
  {
    path: '/pieces/:pieceId',
    name: 'A piece',
    listed: null,
    ofPiece: { group: 'Open a piece', before: '' },
    tour: {
      stop: 2,
      says: 'Its steps in time order, with the drying between them. What would go wrong stands at the step, with a button that mends it.',
    },
  },
  {
    path: '/pieces/:pieceId/wishes',
    name: 'Wishes',
    listed: null,
    ofPiece: { group: 'Wishes', before: 'Wishes for ' },
    tour: { stop: 3, says: 'Say what it should look like, and the order of the steps is worked out, each with its reason.' },
  },
  {
    path: '/pieces/:pieceId/surface',
    name: 'How it will look',
    listed: null,
    ofPiece: { group: 'How it will look', before: 'Look of ' },
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
    tour: { stop: 4, says: 'All pieces in the evenings that you have. Coats dry overnight, so the nights count too.' },
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
    tour: { stop: 6, says: 'Your paints. What runs out and what to buy is worked out from the plan.' },
    name: 'Shelf',
    rail: 'work',
    altDigit: 4,
    parts: [
      {
        part: 'needs',
        listed: 'what runs out, shopping',
        prints: { name: 'Shopping list', holds: 'What the plan will use up, soonest first.' },
      },
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
    prints: { name: 'What to mix', holds: 'All cups of the plan, in drops or millilitres.' },
    parts: [
      { part: 'cup', listed: 'a cup' },
      { part: 'ladder', listed: 'tone ladder' },
      { part: 'find', listed: 'find a recipe' },
      { part: 'kept', listed: 'kept mixes', prints: { name: 'Labels', holds: 'For the lids of kept mixes.' } },
    ],
  },
  {
    path: '/loads',
    name: 'Loads',
    rail: 'work',
    listed: 'Loads: stone, glue, weight',
    prints: { name: 'Load cards', holds: 'What a load takes and weighs, and how it is built.' },
  },
  {
    path: '/planting',
    name: 'Planting',
    rail: 'work',
    listed: 'Planting: turf, grass, trees',
    prints: { name: 'Planting plan', holds: 'Where everything stands, at true size; what it takes and how it is laid.' },
  },
  {
    path: '/cutting',
    name: 'Cutting',
    rail: 'work',
    listed: 'Cutting: cut lists',
    parts: [{ part: 'strips', listed: 'strips on the shelf' }],
    prints: { name: 'Cut lists', holds: 'What to cut from which strip, drawn; stops of the mitre box; what to buy.' },
  },
  { path: '/finishes', name: 'Finishes', rail: 'work' },
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
  { path: '/begin', name: 'First steps' },
  { path: '/deleted', name: 'Recently deleted' },
  {
    path: '/handbook',
    tour: { stop: 7, says: 'Why each warning is given, how each technique is done, what each material needs.' },
    name: 'Handbook',
    rail: 'foot',
    listed: 'Handbook: rules',
    parts: [
      { part: 'effects', listed: 'effects' },
      { part: 'techniques', listed: 'techniques' },
      { part: 'materials', listed: 'materials' },
      { part: 'words', listed: 'words' },
    ],
  },
  { path: '/handbook/rules/:ruleId', name: 'A rule', listed: null },
  { path: '/handbook/techniques/:techniqueId', name: 'A technique', listed: null },
  { path: '/handbook/materials/:materialId', name: 'A material', listed: null },
  {
    path: '/print',
    name: 'Print',
    rail: 'foot',
    parts: [
      { part: 'evening', listed: 'any evening', prints: { name: 'Any evening', holds: 'The bench card of an evening that you choose.' } },
      { part: 'week', listed: 'the week', prints: { name: 'The week', holds: 'The evenings of seven days, a line a step.' } },
      {
        part: 'plan',
        listed: 'the plan of all evenings',
        prints: { name: 'Plan sheet', holds: 'All pieces against all evenings, for the wall.' },
      },
    ],
  },
  { path: '/workshop', name: 'Workshop', rail: 'foot', altDigit: 5 },
] as const satisfies readonly View[];

export type Path = (typeof VIEWS)[number]['path'];

/** The same, without what each one alone has: to go through. */
const all: readonly View[] = VIEWS;

/** What an address shows; the first view where it names none. */
export function pathAt(address: string): Path {
  const asked = address.split('/');
  const fits = (path: string): boolean => {
    const parts = path.split('/');
    return parts.length === asked.length && parts.every((part, i) => part.startsWith(':') || part === asked[i]);
  };
  return VIEWS.find(({ path }) => fits(path))?.path ?? '/pieces';
}

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

/** The stops of the tour, in their order: where they are, and what is said there. Of a piece the first one is shown; without any its views are left out. */
export const tourStops = (pieceId: string | null): { to: string; name: string; says: string }[] =>
  all
    .flatMap(({ path, name, tour }) => (tour && (pieceId !== null || !path.includes(':pieceId')) ? [{ path, name, ...tour }] : []))
    .sort((a, b) => a.stop - b.stop)
    .map(({ path, name, says }) => ({ to: path.replace(':pieceId', pieceId ?? ''), name, says }));

/** What is made for paper, but for the card of each piece. */
export const printed = (): { to: string; name: string; holds: string }[] =>
  all.flatMap(({ path, prints, parts = [] }) => [
    ...(prints ? [{ to: path, ...prints }] : []),
    ...parts.flatMap((part) => (part.prints ? [{ to: `${path}?part=${part.part}`, ...part.prints }] : [])),
  ]);
