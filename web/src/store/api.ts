import type { Air } from '@eveningtide/core/climate';
import type { AnyDeviceState, DeviceId, DeviceState } from '@eveningtide/core/devices';
import type { Lab } from '@eveningtide/core/colour';
import type { Finish } from '@eveningtide/core/finishes';
import type { LogEntry } from '@eveningtide/core/log';
import type { Bottle, OwnMaterial } from '@eveningtide/core/materials';
import type { Mix } from '@eveningtide/core/mixing';
import type { PlanFault, PlanFile } from '@eveningtide/core/plan-file';
import type { Workshop } from '@eveningtide/core/schedule';
import type { Picture, Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { createApi, fetchBaseQuery, retry, type BaseQueryApi, type FetchArgs } from '@reduxjs/toolkit/query/react';
import { heardOf } from './in-step.js';

export interface StoredPiece {
  version: number;
  deletedAt: string | null;
  piece: Piece;
}

export interface StoredBottle {
  version: number;
  bottle: Bottle;
}

export interface StoredMaterial {
  version: number;
  material: OwnMaterial;
}

/** A backup that the server keeps. */
export interface Backup {
  name: string;
  madeAt: string;
  bytes: number;
}

export interface StoredFinish {
  version: number;
  finish: Finish;
}

export interface StoredMix {
  version: number;
  mix: Mix;
}

export interface StoredEntry {
  version: number;
  entry: LogEntry;
}

export type AirReading = Air & { at: string };

export type StoredPicture = Pick<Picture, 'fileName' | 'takenOn' | 'widthPx' | 'heightPx'>;

export interface StoredWorkshop {
  version: number;
  workshop: Workshop;
}

/** A screen on the network that was paired. */
export interface PairedScreen {
  id: string;
  name: string;
  /** ISO 8601, UTC. */
  pairedAt: string;
  seenAt: string;
}

export interface ScreensState {
  /** How another is paired; null: the network was not asked for. */
  pairing: { address: string; code: string; qr: string; lockedUntil: string | null; /** Null: closed. */ openUntil: string | null } | null;
  screens: PairedScreen[];
}

/** What was deleted and can still be brought back. */
export interface Deleted {
  kind: 'piece' | 'bottle' | 'material' | 'mix' | 'finish';
  id: string;
  name: string;
  /** ISO 8601, UTC. */
  deletedAt: string;
  /** Until it goes for good. */
  daysLeft: number;
}

/** What the server says when it refuses. */
export interface Refusal {
  error: string;
  message: string;
  faults?: PlanFault[];
  stored?: StoredPiece;
  users?: string[];
}

/** Names this screen to the server, so that it is not told of its own changes. */
export const SCREEN = nanoid(12);

export const TAGS = [
  'devices',
  'pieces',
  'bottles',
  'materials',
  'mixes',
  'finishes',
  'workshop',
  'backups',
  'log',
  'screens',
  'deleted',
] as const;
export type Tag = (typeof TAGS)[number];

/** This page was not fetched on the machine that the server runs on. */
export const IS_SECOND = typeof location !== 'undefined' && !['localhost', '127.0.0.1', '[::1]'].includes(location.hostname);

const ask = fetchBaseQuery({
  baseUrl: '/api',
  prepareHeaders: (headers) => {
    headers.set('x-eveningtide-screen', SCREEN);
  },
});

/** What the shelf saves is sent again where no answer came or the server could not just then; a save that came through twice is answered like once. */
const PATIENT = { maxTries: 5 };

/** No answer came, or the server could not do it just now. */
const isPassing = (error: unknown): boolean => {
  const status = typeof error === 'object' && error !== null && 'status' in error ? error.status : null;
  return typeof status !== 'number' || status >= 500;
};

const asked = async (request: string | FetchArgs, queryApi: BaseQueryApi, extra: { maxTries?: number }) => {
  const answer = await ask(request, queryApi, extra);
  heardOf(answer.meta?.response?.headers.get('x-eveningtide-state') ?? null);
  // a second screen that was sent away, or never paired
  if (IS_SECOND && answer.error?.status === 401) location.assign('/pair');
  return answer;
};

/**
 * What came from the server is changed by nobody, so it is told to be frozen at its top: the store then does not go through all its thousands of parts to freeze
 * them one by one, which would hold up the page.
 */
const asItCame = <T>(list: T[]): T[] => Object.freeze(list) as T[];

export const api = createApi({
  reducerPath: 'api',
  baseQuery: retry(asked, {
    retryCondition: (error, _request, { attempt, extraOptions }) =>
      attempt < ((extraOptions as { maxTries?: number } | undefined)?.maxTries ?? 1) && isPassing(error),
  }),
  tagTypes: TAGS,
  refetchOnReconnect: true,
  endpoints: (build) => ({
    pieces: build.query<StoredPiece[], void>({ query: () => 'pieces', transformResponse: asItCame<StoredPiece>, providesTags: ['pieces'] }),
    bottles: build.query<StoredBottle[], void>({ query: () => 'bottles', providesTags: ['bottles'] }),
    materials: build.query<StoredMaterial[], void>({ query: () => 'materials', providesTags: ['materials'] }),
    workshop: build.query<StoredWorkshop, void>({ query: () => 'workshop', providesTags: ['workshop'] }),
    finishes: build.query<StoredFinish[], void>({ query: () => 'finishes', providesTags: ['finishes'] }),
    mixes: build.query<StoredMix[], void>({ query: () => 'mixes', providesTags: ['mixes'] }),
    devices: build.query<AnyDeviceState[], void>({ query: () => 'devices', providesTags: ['devices'] }),
    airReadings: build.query<AirReading[], void>({ query: () => 'devices/hygrometer/readings', providesTags: ['devices'] }),
    setDevice: build.mutation<AnyDeviceState[], { id: DeviceId; on: boolean; isSilent: boolean }>({
      query: ({ id, ...body }) => ({ url: `devices/${id}`, method: 'PUT', body }),
      invalidatesTags: ['devices'],
    }),
    // what is read comes over the line to every screen: nothing is asked for again
    putOnPan: build.mutation<void, number>({ query: (grams) => ({ url: 'devices/scale/pan', method: 'POST', body: { grams } }) }),
    measureColour: build.mutation<NonNullable<DeviceState<'colour-meter'>['last']>, Lab>({
      query: (lab) => ({ url: 'devices/colour-meter/measure', method: 'POST', body: lab }),
    }),
    screens: build.query<ScreensState, void>({ query: () => 'screens', providesTags: ['screens'] }),
    renewCode: build.mutation<ScreensState, void>({ query: () => ({ url: 'screens/code', method: 'POST' }), invalidatesTags: ['screens'] }),
    revokeScreen: build.mutation<void, string>({
      query: (id) => ({ url: `screens/${id}`, method: 'DELETE' }),
      invalidatesTags: ['screens'],
    }),
    log: build.query<StoredEntry[], void>({ query: () => 'log', transformResponse: asItCame<StoredEntry>, providesTags: ['log'] }),
    backups: build.query<Backup[], void>({ query: () => 'backups', providesTags: ['backups'] }),
    // the list is patched in place: fetching it again after each autosave would be work for nothing
    savePiece: build.mutation<StoredPiece, { version: number; piece: Piece }>({
      query: ({ version, piece }) => ({ url: `pieces/${piece.id}`, method: 'PUT', body: { version, piece } }),
      async onQueryStarted(_sent, { dispatch, queryFulfilled }) {
        try {
          const { data } = await queryFulfilled;
          dispatch(
            api.util.updateQueryData('pieces', undefined, (list) => {
              const at = list.findIndex((stored) => stored.piece.id === data.piece.id);
              if (at >= 0) list[at] = data;
              else list.push(data);
            }),
          );
        } catch {
          // whoever saved tells the painter
        }
      },
    }),
    deletePiece: build.mutation<void, string>({
      query: (id) => ({ url: `pieces/${id}`, method: 'DELETE' }),
      invalidatesTags: ['pieces', 'deleted'],
    }),
    deleted: build.query<Deleted[], void>({ query: () => 'deleted', providesTags: ['deleted'] }),
    // whatever used it has it again
    restoreDeleted: build.mutation<void, Pick<Deleted, 'kind' | 'id'>>({
      query: ({ kind, id }) => ({ url: `deleted/${kind}/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['pieces', 'bottles', 'materials', 'mixes', 'finishes', 'log', 'deleted'],
    }),
    forgetDeleted: build.mutation<void, Pick<Deleted, 'kind' | 'id'>>({
      query: ({ kind, id }) => ({ url: `deleted/${kind}/${id}`, method: 'DELETE' }),
      invalidatesTags: ['deleted', 'log'],
    }),
    saveBottle: build.mutation<StoredBottle, StoredBottle>({
      extraOptions: PATIENT,
      query: ({ version, bottle }) => ({ url: `bottles/${bottle.id}`, method: 'PUT', body: { version, bottle } }),
      invalidatesTags: ['bottles'],
    }),
    // all of them, or none
    saveBottles: build.mutation<StoredBottle[], { bottles: readonly StoredBottle[]; materials?: readonly StoredMaterial[] }>({
      extraOptions: PATIENT,
      query: (body) => ({ url: 'bottles', method: 'PUT', body }),
      invalidatesTags: ['bottles', 'materials'],
    }),
    // steps and mixes that used the bottle lose it
    deleteBottle: build.mutation<void, string>({
      query: (id) => ({ url: `bottles/${id}`, method: 'DELETE' }),
      invalidatesTags: ['bottles', 'pieces', 'mixes', 'deleted'],
    }),
    saveMix: build.mutation<StoredMix, StoredMix>({
      extraOptions: PATIENT,
      query: ({ version, mix }) => ({ url: `mixes/${mix.id}`, method: 'PUT', body: { version, mix } }),
      invalidatesTags: ['mixes'],
    }),
    // steps that used the mix lose it
    deleteMix: build.mutation<void, string>({
      query: (id) => ({ url: `mixes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['mixes', 'pieces', 'deleted'],
    }),
    // the list is patched in place: the bench must not flicker at each press
    saveEntry: build.mutation<StoredEntry, StoredEntry>({
      query: ({ version, entry }) => ({ url: `log/${entry.id}`, method: 'PUT', body: { version, entry } }),
      async onQueryStarted(_sent, { dispatch, queryFulfilled }) {
        try {
          const { data } = await queryFulfilled;
          dispatch(
            api.util.updateQueryData('log', undefined, (list) => {
              const at = list.findIndex(({ entry }) => entry.id === data.entry.id);
              if (at >= 0) list[at] = data;
              else list.push(data);
            }),
          );
        } catch {
          // whoever saved tells the painter
        }
      },
    }),
    deleteEntry: build.mutation<void, string>({
      query: (id) => ({ url: `log/${id}`, method: 'DELETE' }),
      async onQueryStarted(id, { dispatch, queryFulfilled }) {
        try {
          await queryFulfilled;
          dispatch(api.util.updateQueryData('log', undefined, (list) => list.filter(({ entry }) => entry.id !== id)));
        } catch {
          // whoever took it back tells the painter
        }
      },
    }),
    saveMaterial: build.mutation<StoredMaterial, StoredMaterial>({
      extraOptions: PATIENT,
      query: ({ version, material }) => ({ url: `materials/${material.id}`, method: 'PUT', body: { version, material } }),
      invalidatesTags: ['materials'],
    }),
    deleteMaterial: build.mutation<void, string>({
      query: (id) => ({ url: `materials/${id}`, method: 'DELETE' }),
      invalidatesTags: ['materials', 'deleted'],
    }),
    saveFinish: build.mutation<StoredFinish, StoredFinish>({
      extraOptions: PATIENT,
      query: ({ version, finish }) => ({ url: `finishes/${finish.id}`, method: 'PUT', body: { version, finish } }),
      invalidatesTags: ['finishes'],
    }),
    deleteFinish: build.mutation<void, string>({
      query: (id) => ({ url: `finishes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['finishes', 'deleted'],
    }),
    storePicture: build.mutation<StoredPicture, File>({
      query: (file) => ({
        url: 'pictures',
        method: 'POST',
        body: file,
        headers: { 'content-type': file.type || 'application/octet-stream' },
      }),
    }),
    makeBackup: build.mutation<Backup, void>({ query: () => ({ url: 'backups', method: 'POST' }), invalidatesTags: ['backups'] }),
    restoreBackup: build.mutation<void, File | string>({
      query: (from) =>
        typeof from === 'string'
          ? { url: `backups/${from}/restore`, method: 'POST' }
          : { url: 'backups', method: 'PUT', body: from, headers: { 'content-type': 'application/gzip' } },
      invalidatesTags: [...TAGS],
    }),
    saveWorkshop: build.mutation<StoredWorkshop, StoredWorkshop>({
      query: (body) => ({ url: 'workshop', method: 'PUT', body }),
      async onQueryStarted(_sent, { dispatch, queryFulfilled }) {
        try {
          const { data } = await queryFulfilled;
          dispatch(api.util.updateQueryData('workshop', undefined, () => data));
        } catch {
          // whoever saved tells the painter; what is stored is read again
          dispatch(api.util.invalidateTags(['workshop']));
        }
      },
    }),
    importPlan: build.mutation<{ pieces: number; bottles: number }, { file: unknown; today: string }>({
      query: ({ file, today }) => ({ url: `plan-file?today=${today}`, method: 'PUT', body: file }),
      invalidatesTags: TAGS.filter((tag) => tag !== 'backups'),
    }),
    exportPlan: build.query<PlanFile, void>({ query: () => 'plan-file', keepUnusedDataFor: 0 }),
  }),
});

export const {
  usePiecesQuery,
  useLazyPiecesQuery,
  useBottlesQuery,
  useMaterialsQuery,
  useWorkshopQuery,
  useLazyWorkshopQuery,
  useDevicesQuery,
  useScreensQuery,
  useRenewCodeMutation,
  useRevokeScreenMutation,
  usePutOnPanMutation,
  useMeasureColourMutation,
  useAirReadingsQuery,
  useSetDeviceMutation,
  useLogQuery,
  useSaveEntryMutation,
  useDeleteEntryMutation,
  useBackupsQuery,
  useSaveBottleMutation,
  useSaveBottlesMutation,
  useMixesQuery,
  useSaveMixMutation,
  useDeleteMixMutation,
  useDeleteBottleMutation,
  useSaveMaterialMutation,
  useDeleteMaterialMutation,
  useStorePictureMutation,
  useMakeBackupMutation,
  useRestoreBackupMutation,
  useFinishesQuery,
  useSaveFinishMutation,
  useDeleteFinishMutation,
  useSavePieceMutation,
  useDeletePieceMutation,
  useDeletedQuery,
  useRestoreDeletedMutation,
  useForgetDeletedMutation,
  useSaveWorkshopMutation,
  useImportPlanMutation,
  useLazyExportPlanQuery,
} = api;

/** One entry of the log as it stands now, put into the list in place; null: it was taken back. */
export const entryIs = (id: string, stored: StoredEntry | null) =>
  api.util.updateQueryData('log', undefined, (list) => {
    const at = list.findIndex(({ entry }) => entry.id === id);
    if (stored && at >= 0) list[at] = stored;
    else if (stored) list.push(stored);
    else if (at >= 0) list.splice(at, 1);
  });

/** The server's own words for a refusal; null when it did not answer at all. */
export function refusalOf(error: unknown): { status: number; data: Refusal } | null {
  if (typeof error !== 'object' || error === null || !('status' in error) || typeof error.status !== 'number' || !('data' in error))
    return null;
  return { status: error.status, data: error.data as Refusal };
}
