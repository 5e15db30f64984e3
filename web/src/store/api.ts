import type { Bottle, PlanFault, PlanFile } from '@eveningtide/core/plan-file';
import type { Workshop } from '@eveningtide/core/schedule';
import type { Piece } from '@eveningtide/core/subjects';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

export interface StoredPiece {
  version: number;
  deletedAt: string | null;
  piece: Piece;
}

export interface StoredBottle {
  version: number;
  bottle: Bottle;
}

export interface StoredWorkshop {
  version: number;
  workshop: Workshop;
}

/** What the server says when it refuses. */
export interface Refusal {
  error: string;
  message: string;
  faults?: PlanFault[];
  stored?: StoredPiece;
}

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: ['pieces', 'bottles', 'workshop'],
  refetchOnReconnect: true,
  endpoints: (build) => ({
    pieces: build.query<StoredPiece[], void>({ query: () => 'pieces', providesTags: ['pieces'] }),
    bottles: build.query<StoredBottle[], void>({ query: () => 'bottles', providesTags: ['bottles'] }),
    workshop: build.query<StoredWorkshop, void>({ query: () => 'workshop', providesTags: ['workshop'] }),
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
    deletePiece: build.mutation<void, string>({ query: (id) => ({ url: `pieces/${id}`, method: 'DELETE' }), invalidatesTags: ['pieces'] }),
    restorePiece: build.mutation<StoredPiece, string>({
      query: (id) => ({ url: `pieces/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['pieces'],
    }),
    saveWorkshop: build.mutation<StoredWorkshop, StoredWorkshop>({
      query: (body) => ({ url: 'workshop', method: 'PUT', body }),
      invalidatesTags: ['workshop'],
    }),
    importPlan: build.mutation<{ pieces: number; bottles: number }, { file: unknown; today: string }>({
      query: ({ file, today }) => ({ url: `plan-file?today=${today}`, method: 'PUT', body: file }),
      invalidatesTags: ['pieces', 'bottles', 'workshop'],
    }),
    exportPlan: build.query<PlanFile, void>({ query: () => 'plan-file', keepUnusedDataFor: 0 }),
  }),
});

export const {
  usePiecesQuery,
  useBottlesQuery,
  useWorkshopQuery,
  useSavePieceMutation,
  useDeletePieceMutation,
  useRestorePieceMutation,
  useSaveWorkshopMutation,
  useImportPlanMutation,
  useLazyExportPlanQuery,
} = api;

/** The server's own words for a refusal; null when it did not answer at all. */
export function refusalOf(error: unknown): { status: number; data: Refusal } | null {
  if (typeof error !== 'object' || error === null || !('status' in error) || typeof error.status !== 'number' || !('data' in error))
    return null;
  return { status: error.status, data: error.data as Refusal };
}
