import type { Air } from '@eveningtide/core/climate';
import type { AnyDeviceState, DeviceId, DeviceState } from '@eveningtide/core/devices';
import type { Lab } from '@eveningtide/core/colour';
import type { ListKey, PlanFault, Stored } from '@eveningtide/core/kept';
import type { Choice, PartKey, PlanFile } from '@eveningtide/core/plan-file';
import type { Workshop } from '@eveningtide/core/schedule';
import type { Picture } from '@eveningtide/core/subjects';
import { QueryStatus, createApi } from '@reduxjs/toolkit/query/react';
import { PATIENT, baseQuery } from './ask.js';
import { LISTED, LISTS, TAGS, changed, listEndpoints, type DeletedKind, type ListPatch, type Recipe } from './kept-lists.js';

export type StoredPiece = Stored<'pieces'>;
export type StoredBottle = Stored<'bottles'>;
export type StoredMaterial = Stored<'materials'>;
export type StoredFinish = Stored<'finishes'>;
export type StoredMix = Stored<'mixes'>;
export type StoredEntry = Stored<'log'>;
export type StoredStrip = Stored<'strips'>;
export type StoredCutlist = Stored<'cutlists'>;
export type StoredLoad = Stored<'loads'>;
export type StoredPlanting = Stored<'plantings'>;

/** A backup that the server keeps. */
export interface Backup {
  name: string;
  madeAt: string;
  bytes: number;
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
  /** How another is paired; null: only this machine is answered. */
  pairing: { address: string; code: string; qr: string; lockedUntil: string | null; /** Null: closed. */ openUntil: string | null } | null;
  /** The network was asked for at the start, and is not switched off here. */
  isFixed: boolean;
  screens: PairedScreen[];
}

/** One thing of a file that was added, and the version it has now. */
export interface Written {
  list: PartKey;
  id: string;
  version: number;
}

/** What was deleted and can still be brought back. */
export interface Deleted {
  kind: DeletedKind;
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

export const api = createApi({
  reducerPath: 'api',
  baseQuery,
  tagTypes: TAGS,
  refetchOnReconnect: true,
  endpoints: (build) => ({
    ...listEndpoints(build, patchList),
    workshop: build.query<StoredWorkshop, void>({ query: () => 'workshop', providesTags: ['workshop'] }),
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
    setNetwork: build.mutation<ScreensState, boolean>({
      query: (on) => ({ url: 'screens/network', method: on ? 'POST' : 'DELETE' }),
      invalidatesTags: ['screens'],
    }),
    revokeScreen: build.mutation<void, string>({
      query: (id) => ({ url: `screens/${id}`, method: 'DELETE' }),
      invalidatesTags: ['screens'],
    }),
    backups: build.query<Backup[], void>({ query: () => 'backups', providesTags: ['backups'] }),
    deleted: build.query<Deleted[], void>({ query: () => 'deleted', providesTags: ['deleted'] }),
    // whatever used it has it again
    restoreDeleted: build.mutation<void, Pick<Deleted, 'kind' | 'id'>>({
      query: ({ kind, id }) => ({ url: `deleted/${kind}/${id}/restore`, method: 'POST' }),
      invalidatesTags: [...LISTS, 'deleted'],
    }),
    forgetDeleted: build.mutation<void, Pick<Deleted, 'kind' | 'id'>>({
      query: ({ kind, id }) => ({ url: `deleted/${kind}/${id}`, method: 'DELETE' }),
      invalidatesTags: ['deleted', 'log'],
    }),
    // all of them, or none
    saveBottles: build.mutation<StoredBottle[], { bottles: readonly StoredBottle[]; materials?: readonly StoredMaterial[] }>({
      extraOptions: PATIENT,
      query: (body) => ({ url: 'bottles', method: 'PUT', body }),
      invalidatesTags: ['bottles', 'materials'],
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
    addPart: build.mutation<
      { written: readonly Written[] },
      { part: unknown; choices: readonly { list: PartKey; id: string; choice: Choice }[] }
    >({
      query: (body) => ({ url: 'plan-file/add', method: 'POST', body }),
      invalidatesTags: [...LISTS, 'deleted'],
    }),
    // what was new goes, what was replaced has its place again
    takeBackPart: build.mutation<null, { written: readonly Written[]; before: PlanFile }>({
      async queryFn({ written, before }, _api, _options, ask) {
        for (const { list, id, version } of [...written].reverse()) {
          const own = (before[list] as readonly { id: string }[]).find((thing) => thing.id === id);
          const answer = own
            ? await ask({ url: `${list}/${id}`, method: 'PUT', body: { version, [LISTED[list].one]: own } })
            : await ask({ url: `${list}/${id}`, method: 'DELETE' });
          if (answer.error) return { error: answer.error };
        }
        return { data: null };
      },
      invalidatesTags: [...LISTS, 'deleted'],
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
  useSetNetworkMutation,
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
  useStripsQuery,
  useSaveStripMutation,
  useDeleteStripMutation,
  useCutlistsQuery,
  useSaveCutlistMutation,
  useDeleteCutlistMutation,
  useLoadsQuery,
  useLazyLoadsQuery,
  useLazyPlantingsQuery,
  usePlantingsQuery,
  useSavePlantingMutation,
  useDeletePlantingMutation,
  useShapesQuery,
  useSaveShapeMutation,
  useDeleteShapeMutation,
  useSaveLoadMutation,
  useDeleteLoadMutation,
  useFinishesQuery,
  useSaveFinishMutation,
  useDeleteFinishMutation,
  useSavePieceMutation,
  useDeletePieceMutation,
  useDeletedQuery,
  useRestoreDeletedMutation,
  useForgetDeletedMutation,
  useSaveWorkshopMutation,
  useAddPartMutation,
  useTakeBackPartMutation,
  useImportPlanMutation,
  useLazyExportPlanQuery,
} = api;

/** Changes what was read of a list, in place. What was asked for before may come with what was then: it is read once more. */
function patchList(key: ListKey, recipe: Recipe): ListPatch {
  return (dispatch, getState) => {
    dispatch(api.util.updateQueryData(key, undefined, recipe as never) as never);
    const { status } = api.endpoints[key].select()(getState() as never);
    if (status === QueryStatus.pending) dispatch(api.util.invalidateTags([key]));
  };
}

/** One entry of the log as it stands now, put into the list in place; null: it was taken back. */
export const entryIs = (id: string, stored: StoredEntry | null): ListPatch => patchList('log', changed('log', id, stored));

/** The server's own words for a refusal; null when it did not answer at all. */
export function refusalOf(error: unknown): { status: number; data: Refusal } | null {
  if (typeof error !== 'object' || error === null || !('status' in error) || typeof error.status !== 'number' || !('data' in error))
    return null;
  return { status: error.status, data: error.data as Refusal };
}
