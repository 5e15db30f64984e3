import { applyFix, type Fix } from '@eveningtide/core/sequence';
import {
  inGroup,
  movedByOne,
  patchedStep,
  withoutMember,
  type Picture,
  type Piece,
  type Step,
  type Waiver,
  type Zone,
} from '@eveningtide/core/subjects';
import { createSlice, nanoid, type PayloadAction } from '@reduxjs/toolkit';
import type { StoredPiece } from './api.js';
import type { Draft } from './drafts.js';
import { goesOn, timed, type Changed } from './history.js';

/** How the piece on the bench stands to what the server keeps. */
export type SaveState = 'saved' | 'unsaved' | 'saving' | 'offline' | 'conflict' | 'refused';

export interface EditorState {
  piece: Piece | null;
  /** Version the piece was read or last saved at. */
  version: number;
  past: Piece[];
  future: Piece[];
  save: SaveState;
  /** Why the server refused, in its words. */
  refusal: string | null;
  /** What stands in the way on the server's side, in its words; null: it is away. */
  trouble: string | null;
  /** What another tab saved meanwhile. */
  theirs: StoredPiece | null;
  /** The field that was changed last, and when: what is typed into it right after is one change with it. */
  lastField: Changed | null;
}

const MOST_UNDO = 200;

const initialState: EditorState = {
  piece: null,
  version: 0,
  past: [],
  future: [],
  save: 'saved',
  refusal: null,
  trouble: null,
  theirs: null,
  lastField: null,
};

/** `field` names what is typed into; null where each change is one of its own. */
function change(state: EditorState, next: (piece: Piece) => Piece, field: EditorState['lastField'] = null): void {
  if (!state.piece) return;
  const changed = next(state.piece);
  if (!goesOn(state.lastField, field)) state.past.push(state.piece);
  if (state.past.length > MOST_UNDO) state.past.shift();
  state.future = [];
  state.lastField = field;
  if (state.save !== 'conflict') state.save = 'unsaved';
  state.piece = changed;
}

type Timed<P> = PayloadAction<P, string, { atMs: number }>;

const fieldOf = (of: string, patch: object, atMs: number) => ({ name: `${of} ${Object.keys(patch).sort().join(' ')}`, atMs });

const moved = <T>(list: readonly T[], from: number, to: number): T[] => {
  const out = [...list];
  const [one] = out.splice(from, 1);
  if (one !== undefined) out.splice(to, 0, one);
  return out;
};

type PiecePatch = Partial<Omit<Piece, 'id' | 'steps'>>;
interface ZonePatch {
  id: string;
  patch: Partial<Omit<Zone, 'id'>>;
}
interface PicturePatch {
  id: string;
  patch: Partial<Omit<Picture, 'id'>>;
}
interface StepPatch {
  id: string;
  patch: Partial<Step>;
}
/** A step with the place it stood at. */
export interface StepAt {
  step: Step;
  at: number;
}

const editor = createSlice({
  name: 'editor',
  initialState,
  reducers: {
    /**
     * Opens what the server keeps, or a draft of it that was never saved. A draft of another version means that the
     * piece was changed elsewhere meanwhile: the painter is asked.
     */
    opened: (_state, { payload: { stored, draft } }: PayloadAction<{ stored: StoredPiece; draft: Draft | null }>): EditorState => {
      if (!draft) return { ...initialState, piece: stored.piece, version: stored.version };
      const opened = { ...initialState, piece: draft.piece, version: draft.version };
      return draft.version === stored.version ? { ...opened, save: 'unsaved' } : { ...opened, save: 'conflict', theirs: stored };
    },
    /** Lets go of the piece: it is read anew when it is opened next. */
    closed: () => initialState,
    renamed: {
      ...timed<string>(),
      reducer: (state, { payload, meta }: Timed<string>) => {
        change(state, (piece) => ({ ...piece, name: payload }), fieldOf('piece', { name: payload }, meta.atMs));
      },
    },
    /** Anything of the piece but its steps, which have changes of their own. */
    patched: {
      ...timed<PiecePatch>(),
      reducer: (state, { payload, meta }: Timed<PiecePatch>) => {
        change(state, (piece) => ({ ...piece, ...payload }), fieldOf('piece', payload, meta.atMs));
      },
    },
    zonePatched: {
      ...timed<ZonePatch>(),
      reducer: (state, { payload: { id, patch }, meta }: Timed<ZonePatch>) => {
        const zones = (piece: Piece) => piece.zones.map((zone) => (zone.id === id ? { ...zone, ...patch } : zone));
        change(state, (piece) => ({ ...piece, zones: zones(piece) }), fieldOf(`zone ${id}`, patch, meta.atMs));
      },
    },
    /** Its zones, parts and drawing are others now, and what hung on them; only of the piece that is open. */
    reshaped: (state, { payload }: PayloadAction<Piece>) => {
      if (state.piece?.id === payload.id) change(state, () => payload);
    },
    /** A photograph that was sent for a piece comes to it only: another may be open by now. */
    pictureAdded: (state, { payload: { pieceId, picture } }: PayloadAction<{ pieceId: string; picture: Picture }>) => {
      if (state.piece?.id === pieceId) change(state, (piece) => ({ ...piece, pictures: [...piece.pictures, picture] }));
    },
    picturePatched: {
      ...timed<PicturePatch>(),
      reducer: (state, { payload: { id, patch }, meta }: Timed<PicturePatch>) => {
        const pictures = (piece: Piece) => piece.pictures.map((one) => (one.id === id ? { ...one, ...patch } : one));
        change(state, (piece) => ({ ...piece, pictures: pictures(piece) }), fieldOf(`picture ${id}`, patch, meta.atMs));
      },
    },
    pictureRemoved: (state, { payload }: PayloadAction<string>) => {
      change(state, (piece) => ({ ...piece, pictures: piece.pictures.filter(({ id }) => id !== payload) }));
    },
    /** The piece at another size: how its drawing changes is reckoned where that is drawn, so that the first view needs no drawings. */
    resized: (state, { payload }: PayloadAction<Piece>) => {
      change(state, (piece) => (piece.id === payload.id ? payload : piece));
    },
    /** Steps join a repeat group, a new one where the id is not known, or leave the one they were in; empty groups go. */
    stepsGrouped: (state, { payload }: PayloadAction<{ ids: readonly string[]; groupId: string | null }>) => {
      change(state, (piece) => inGroup(piece, payload.ids, payload.groupId));
    },
    /** A piece leaves the batch, and the steps that were done on it only are done on all. */
    memberRemoved: (state, { payload }: PayloadAction<string>) => {
      change(state, (piece) => withoutMember(piece, payload));
    },
    /** Steps come in, with what of them is let stand. */
    stepsAdded: (
      state,
      { payload: { steps, at, waivers = [] } }: PayloadAction<{ steps: readonly Step[]; at: number; waivers?: readonly Waiver[] }>,
    ) => {
      change(state, (piece) => ({ ...piece, steps: piece.steps.toSpliced(at, 0, ...steps), waivers: [...piece.waivers, ...waivers] }));
    },
    stepPatched: {
      ...timed<StepPatch>(),
      reducer: (state, { payload: { id, patch }, meta }: Timed<StepPatch>) => {
        const steps = (piece: Piece) => piece.steps.map((step) => (step.id === id ? patchedStep(step, patch) : step));
        change(state, (piece) => ({ ...piece, steps: steps(piece) }), fieldOf(`step ${id}`, patch, meta.atMs));
      },
    },
    /** The same is changed of several steps. */
    stepsPatched: (state, { payload: { ids, patch } }: PayloadAction<{ ids: readonly string[]; patch: Partial<Step> }>) => {
      change(state, (piece) => ({ ...piece, steps: piece.steps.map((step) => (ids.includes(step.id) ? patchedStep(step, patch) : step)) }));
    },
    stepsRemoved: (state, { payload }: PayloadAction<readonly string[]>) => {
      change(state, (piece) => ({ ...piece, steps: piece.steps.filter(({ id }) => !payload.includes(id)) }));
    },
    /** Steps that were taken out come back to their places, whatever was done since. */
    stepsPutBack: (state, { payload: { pieceId, steps } }: PayloadAction<{ pieceId: string; steps: readonly StepAt[] }>) => {
      if (state.piece?.id !== pieceId) return;
      const here = new Set(state.piece.steps.map(({ id }) => id));
      const gone = steps.filter(({ step }) => !here.has(step.id));
      if (gone.length === 0) return;
      change(state, (piece) => ({ ...piece, steps: gone.reduce((now, { step, at }) => now.toSpliced(at, 0, step), piece.steps) }));
    },
    /** Chosen steps by one place, up or down. */
    stepsMoved: (state, { payload: { ids, by } }: PayloadAction<{ ids: readonly string[]; by: -1 | 1 }>) => {
      if (!state.piece) return;
      const steps = movedByOne(state.piece.steps, ids, by);
      if (steps.every(({ id }, i) => id === state.piece?.steps[i]?.id)) return;
      change(state, (piece) => ({ ...piece, steps }));
    },
    stepMoved: (state, { payload }: PayloadAction<{ from: number; to: number }>) => {
      const count = state.piece?.steps.length ?? 0;
      if (payload.to < 0 || payload.to >= count || payload.from === payload.to) return;
      change(state, (piece) => ({ ...piece, steps: moved(piece.steps, payload.from, payload.to) }));
    },
    /** A whole sequence takes the place of the old one: arranged from wishes, or from a finish. */
    stepsTaken: (state, { payload }: PayloadAction<Pick<Piece, 'steps'> & Partial<Pick<Piece, 'groups' | 'finish' | 'likeness'>>>) => {
      change(state, (piece) => {
        const ids = new Set(payload.steps.map(({ id }) => id));
        return { ...piece, ...payload, waivers: piece.waivers.filter(({ stepId }) => ids.has(stepId)) };
      });
    },
    fixPressed: {
      prepare: (fix: Fix) => ({ payload: { fix, seed: nanoid(8) } }),
      reducer: (state, { payload }: PayloadAction<{ fix: Fix; seed: string }>) => {
        change(state, (piece) => ({ ...piece, steps: applyFix(piece.steps, payload.fix, (n) => `${payload.seed}${String(n)}`) }));
      },
    },
    undone: (state) => {
      const before = state.past.pop();
      if (!before || !state.piece) return;
      state.future.push(state.piece);
      state.piece = before;
      state.lastField = null;
      if (state.save !== 'conflict') state.save = 'unsaved';
    },
    redone: (state) => {
      const after = state.future.pop();
      if (!after || !state.piece) return;
      state.past.push(state.piece);
      state.piece = after;
      state.lastField = null;
      if (state.save !== 'conflict') state.save = 'unsaved';
    },
    saving: (state) => {
      state.save = 'saving';
    },
    /** What was sent is stored; what was typed meanwhile is still to be saved. */
    saved: (state, { payload }: PayloadAction<{ version: number; sent: Piece }>) => {
      state.version = payload.version;
      state.refusal = null;
      state.trouble = null;
      state.save = state.save === 'saving' ? 'saved' : 'unsaved';
    },
    /** `refusal`: it will not be taken as it is; else it is tried again, `trouble` says what is the matter. */
    saveFailed: (state, { payload }: PayloadAction<{ refusal: string | null; trouble: string | null }>) => {
      state.save = payload.refusal === null ? 'offline' : 'refused';
      state.refusal = payload.refusal;
      state.trouble = payload.trouble;
    },
    conflicted: (state, { payload }: PayloadAction<StoredPiece>) => {
      state.save = 'conflict';
      state.theirs = payload;
    },
    theirsTaken: (state) => {
      if (!state.theirs) return;
      return { ...initialState, piece: state.theirs.piece, version: state.theirs.version };
    },
    /** Mine goes over theirs: it is saved as the version after theirs. */
    mineKept: (state) => {
      if (!state.theirs) return;
      state.version = state.theirs.version;
      state.theirs = null;
      state.save = 'unsaved';
    },
  },
});

export const editorActions = editor.actions;
export const editorReducer = editor.reducer;
