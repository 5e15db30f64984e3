import type { ListKey, OneOf, Stored } from '@eveningtide/core/kept';
import type { EndpointBuilder, MutationDefinition, QueryDefinition } from '@reduxjs/toolkit/query/react';
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { PATIENT, type baseQuery } from './ask.js';
import { parsing } from './raw-text.js';

interface Listed<One extends string> {
  /** What one is called in requests and answers. */
  one: One;
  /** What one is called on the page. */
  called: string;
  /** Other lists that lose what pointed to one when it is deleted. */
  loses: readonly ListKey[];
  /**
   * It is sent from a queue of its own, and its list is changed in place: reading it again after each save would be work for nothing, and would flicker at
   * each press. The others are sent again by themselves where no answer came, and their list is read again.
   */
  inPlace: boolean;
  /** It can be brought back for a while. */
  comesBack: boolean;
}

/** The lists of the core's register as the page reads and saves them; hooks, tags and addresses follow from it. */
export const LISTED = {
  materials: { one: 'material', called: 'Own material', loses: [], inPlace: false, comesBack: true },
  bottles: { one: 'bottle', called: 'Bottle', loses: ['pieces', 'mixes'], inPlace: false, comesBack: true },
  mixes: { one: 'mix', called: 'Mix', loses: ['pieces'], inPlace: false, comesBack: true },
  finishes: { one: 'finish', called: 'Finish', loses: [], inPlace: false, comesBack: true },
  strips: { one: 'strip', called: 'Strip', loses: [], inPlace: true, comesBack: true },
  cutlists: { one: 'cutlist', called: 'Cut list', loses: [], inPlace: true, comesBack: true },
  loads: { one: 'load', called: 'Load', loses: [], inPlace: true, comesBack: true },
  plantings: { one: 'planting', called: 'Planting', loses: [], inPlace: true, comesBack: true },
  shapes: { one: 'shape', called: 'Own shape', loses: [], inPlace: false, comesBack: true },
  pieces: { one: 'piece', called: 'Piece', loses: [], inPlace: true, comesBack: true },
  log: { one: 'entry', called: 'Entry', loses: [], inPlace: true, comesBack: false },
} as const satisfies { [K in ListKey]: Listed<OneOf<K>> };

export const LISTS = Object.keys(LISTED) as ListKey[];

/** What is read again when it has changed. */
export const TAGS = [...LISTS, 'devices', 'workshop', 'backups', 'screens', 'deleted'] as const;
export type Tag = (typeof TAGS)[number];

/** What one is called that can come back when it was deleted. */
export type DeletedKind = { [K in ListKey]: (typeof LISTED)[K]['comesBack'] extends true ? OneOf<K> : never }[ListKey];

/** What the page calls one of a kind. */
export const calledOf = (kind: DeletedKind): string => Object.values(LISTED).find(({ one }) => one === kind)?.called ?? kind;

type Definitions = { [K in ListKey]: QueryDefinition<void, typeof baseQuery, Tag, Stored<K>[], 'api'> } & {
  [K in ListKey as `save${Capitalize<OneOf<K>>}`]: MutationDefinition<Stored<K>, typeof baseQuery, Tag, Stored<K>, 'api'>;
} & { [K in ListKey as `delete${Capitalize<OneOf<K>>}`]: MutationDefinition<string, typeof baseQuery, Tag, void, 'api'> };

/** One of a list of which only is known that it is one: `{ version, [one]: thing }`. */
type Row = object;
export type Recipe = (list: Row[]) => Row[] | undefined;
/** What the store does to change what was read of a list. */
export type ListPatch = ThunkAction<unknown, unknown, unknown, UnknownAction>;
type Patch = (key: ListKey, recipe: Recipe) => ListPatch;

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** The thing that a row is about. */
const thingIn = (key: ListKey, row: Row): { id: string } => (row as Record<string, { id: string }>)[LISTED[key].one] as { id: string };

/** Puts one into its list, in place of what was known of it; null: it is gone. */
export const changed =
  (key: ListKey, id: string, row: Row | null): Recipe =>
  (list) => {
    const at = list.findIndex((known) => thingIn(key, known).id === id);
    if (row && at >= 0) list[at] = row;
    else if (row) list.push(row);
    else if (at >= 0) list.splice(at, 1);
    return undefined;
  };

/**
 * What came from the server is changed by nobody, so it is told to be frozen at its top: the store then does not go through all its thousands of parts to freeze
 * them one by one, which would hold up the page.
 */
const asItCame = (list: Row[]): Row[] => Object.freeze(list) as Row[];

/** Reading, saving and deleting of one list. */
function endpointsOf(key: ListKey, build: EndpointBuilder<typeof baseQuery, Tag, 'api'>, patch: Patch) {
  const { one, loses, inPlace, comesBack } = LISTED[key];
  const idOf = (row: Row): string => thingIn(key, row).id;
  /** Changes the list when the answer is there; whoever asked tells the painter where none comes. */
  const inList = (
    sent: { dispatch: (action: never) => unknown; queryFulfilled: Promise<unknown> },
    recipe: (answer: Row) => Recipe,
  ): Promise<void> =>
    sent.queryFulfilled.then(
      (answer) => void sent.dispatch(patch(key, recipe((answer as { data: Row }).data)) as never),
      () => undefined,
    );
  return {
    [key]: build.query<Row[], void>({
      query: () => ({ url: key, responseHandler: parsing(key) }),
      ...(inPlace ? { transformResponse: asItCame } : {}),
      providesTags: [key],
    }),
    [`save${capital(one)}`]: build.mutation<Row, Row>({
      query: (row) => ({
        url: `${key}/${idOf(row)}`,
        method: 'PUT',
        body: { version: (row as { version: number }).version, [one]: thingIn(key, row) },
      }),
      ...(inPlace
        ? { onQueryStarted: (row, sent) => inList(sent, (answer) => changed(key, idOf(row), answer)) }
        : { extraOptions: PATIENT, invalidatesTags: [key] }),
    }),
    [`delete${capital(one)}`]: build.mutation<void, string>({
      query: (id) => ({ url: `${key}/${id}`, method: 'DELETE' }),
      ...(comesBack
        ? { invalidatesTags: [key, ...loses, 'deleted'] }
        : { onQueryStarted: (id, sent) => inList(sent, () => changed(key, id, null)) }),
    }),
  };
}

/** Reading, saving and deleting, for each list of the register. */
export const listEndpoints = (build: EndpointBuilder<typeof baseQuery, Tag, 'api'>, patch: Patch): Definitions =>
  Object.assign({}, ...LISTS.map((key) => endpointsOf(key, build, patch))) as Definitions;
