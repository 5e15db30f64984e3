import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { pieceFromTemplate, plainStep, resized, templateById, type Piece } from '@eveningtide/core/subjects';
import fc from 'fast-check';
import { editorActions as act, editorReducer } from './editor.js';

const step = (id: string) => plainStep({ id, technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'] });
const piece: Piece = {
  ...pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 }),
  steps: ['a', 'b', 'c'].map(step),
};
const stored = { version: 3, deletedAt: null, piece };
const open = () => editorReducer(undefined, act.opened({ stored, draft: null }));
type State = ReturnType<typeof open>;
const ids = (state: State) => state.piece?.steps.map((s) => s.id).join('');
const run = (actions: Parameters<typeof editorReducer>[1][], from: State = open()): State => actions.reduce(editorReducer, from);

describe('editor', () => {
  test('adds, patches, moves and removes', () => {
    const state = run([
      act.stepsAdded({ steps: [step('x')], at: 1 }),
      act.stepMoved({ from: 0, to: 2 }),
      act.stepsRemoved(['b']),
      act.stepPatched({ id: 'c', patch: { coats: 2 } }),
    ]);
    expect(ids(state)).toBe('xac');
    expect(state.piece?.steps.at(-1)?.coats).toBe(2);
    expect(state.save).toBe('unsaved');
  });

  test('a move beyond the ends does nothing', () => {
    expect(run([act.stepMoved({ from: 0, to: -1 }), act.stepMoved({ from: 2, to: 3 })])).toEqual(open());
  });

  const anyAction = fc.oneof(
    fc.nat(3).map((at) => act.stepsAdded({ steps: [step(`n${String(at)}`)], at })),
    fc.constantFrom('a', 'b', 'c').map((id) => act.stepsRemoved([id])),
    fc.tuple(fc.nat(2), fc.nat(2)).map(([from, to]) => act.stepMoved({ from, to })),
    fc.string({ minLength: 1 }).map((name) => act.renamed(name)),
  );

  test('undo takes everything back, redo brings everything again', () => {
    fc.assert(
      fc.property(fc.array(anyAction, { maxLength: 20 }), (actions) => {
        const after = run(actions);
        const back = run(
          after.past.map(() => act.undone()),
          after,
        );
        expect(back.piece).toEqual(piece);
        const again = run(
          back.future.map(() => act.redone()),
          back,
        );
        expect(again.piece).toEqual(after.piece);
      }),
    );
  });

  test('a new change forgets what was undone', () => {
    const state = run([act.renamed('One'), act.undone(), act.renamed('Two')]);
    expect(state.future).toEqual([]);
    expect(state.piece?.name).toBe('Two');
  });

  test('a fix is one change: one undo takes it back', () => {
    const fix = {
      way: 'mask' as const,
      label: '',
      edits: [
        { kind: 'insert' as const, at: 0, step: step('') },
        { kind: 'insert' as const, at: 3, step: step('') },
      ],
    };
    const state = run([act.fixPressed(fix)]);
    expect(state.piece?.steps).toHaveLength(5);
    expect(new Set(state.piece?.steps.map((s) => s.id)).size).toBe(5);
    expect(ids(run([act.undone()], state))).toBe('abc');
  });
});

describe('undo', () => {
  const at = (ms: number) => jest.setSystemTime(ms);
  beforeEach(() => {
    jest.useFakeTimers();
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  /** What is typed into a field, a letter each 100 ms. */
  const typed = (text: string, from: State, field: (part: string) => Parameters<typeof editorReducer>[1]): State =>
    Array.from(text).reduce((state, _letter, i) => {
      jest.advanceTimersByTime(100);
      return editorReducer(state, field(text.slice(0, i + 1)));
    }, from);
  const name = (part: string) => act.renamed(part);
  const note = (part: string) => act.stepPatched({ id: 'a', patch: { note: part } });

  test('letters typed into one field are taken back together, however many', () => {
    at(0);
    const state = typed('x'.repeat(245), open(), name);
    expect(state.past).toHaveLength(1);
    expect(run([act.undone()], state).piece).toEqual(piece);
  });

  test('another field, a pause and an undo begin a new change', () => {
    at(0);
    let state = typed('Peat', open(), name);
    state = typed('wet', state, note);
    expect(state.past).toHaveLength(2);
    jest.advanceTimersByTime(1500);
    state = typed('wet', state, note);
    expect(state.past).toHaveLength(3);
    state = typed('ter', run([act.undone()], state), note);
    expect(state.past).toHaveLength(3);
  });

  test('a step that was taken out comes back to its place, whatever was typed since', () => {
    at(0);
    const removed = run([act.stepsRemoved(['b'])]);
    const later = typed('x'.repeat(245), removed, name);
    const back = run([act.stepsPutBack({ pieceId: 'van', steps: [{ step: step('b'), at: 1 }] })], later);
    expect(ids(back)).toBe('abc');
    expect(back.piece?.name).toBe('x'.repeat(245));
    // it is not doubled, and another piece stays as it is
    expect(run([act.stepsPutBack({ pieceId: 'van', steps: [{ step: step('b'), at: 1 }] })], back)).toEqual(back);
    expect(run([act.stepsPutBack({ pieceId: 'wall', steps: [{ step: step('z'), at: 0 }] })], back)).toEqual(back);
  });
});

describe('photographs', () => {
  const picture = (id: string) => ({ id, fileName: `${id}.jpg`, caption: '', takenOn: null, widthPx: 10, heightPx: 10, pins: [] });

  test('come to the piece they were sent for, and to no other', () => {
    const state = run([
      act.pictureAdded({ pieceId: 'van', picture: picture('p') }),
      act.pictureAdded({ pieceId: 'wall', picture: picture('q') }),
    ]);
    expect(state.piece?.pictures.map(({ id }) => id)).toEqual(['p']);
  });

  test('a caption written while another is on its way stays', () => {
    const state = run([
      act.pictureAdded({ pieceId: 'van', picture: picture('p') }),
      act.picturePatched({ id: 'p', patch: { caption: 'Mud' } }),
      act.pictureAdded({ pieceId: 'van', picture: picture('q') }),
    ]);
    expect(state.piece?.pictures.map(({ caption }) => caption)).toEqual(['Mud', '']);
    expect(run([act.pictureRemoved('p')], state).piece?.pictures.map(({ id }) => id)).toEqual(['q']);
  });
});

describe('the piece itself', () => {
  test('a zone is changed by itself, and undo takes it back', () => {
    const state = run([act.zonePatched({ id: 'roof', patch: { name: 'Canvas roof', seen: 'never' } })]);
    expect(state.piece?.zones.find((zone) => zone.id === 'roof')).toMatchObject({ name: 'Canvas roof', seen: 'never' });
    expect(state.piece?.zones.filter((zone) => zone.seen === 'never')).toHaveLength(1);
    expect(run([act.undone()], state).piece).toEqual(piece);
  });

  test('another size reckons areas anew, is taken back, and leaves another piece alone', () => {
    const roof = (state: State) => state.piece?.zones.find((zone) => zone.id === 'roof')?.areaMm2 ?? 0;
    const larger = resized(piece, { lengthMm: 148, widthMm: 30, heightMm: 46 });
    const grown = run([act.resized(larger)]);
    expect(roof(grown) / roof(open())).toBeCloseTo(2, 2);
    expect(grown.piece?.sizeMm?.lengthMm).toBe(148);
    expect(run([act.undone()], grown).piece).toEqual(piece);
    expect(run([act.resized({ ...larger, id: 'other' })]).piece).toEqual(piece);
  });

  test('steps join a repeat group and leave it', () => {
    const grouped = run([act.stepsGrouped({ ids: ['a'], groupId: 'g' }), act.stepsGrouped({ ids: ['b'], groupId: 'g' })]);
    expect(grouped.piece?.groups).toHaveLength(1);
    const alone = run([act.stepsGrouped({ ids: ['a'], groupId: null }), act.stepsGrouped({ ids: ['b'], groupId: null })], grouped);
    expect(alone.piece?.groups).toEqual([]);
  });

  test('a member leaves with its steps', () => {
    const members = ['m1', 'm2'].map((id) => ({ id, label: id, differences: [] }));
    const batch = run([act.patched({ members }), act.stepPatched({ id: 'a', patch: { members: ['m1'] } }), act.memberRemoved('m1')]);
    expect(batch.piece?.members.map(({ id }) => id)).toEqual(['m2']);
    expect(batch.piece?.steps[0]?.members).toBeNull();
  });

  test('let go, nothing is left of it', () => {
    const state = run([act.renamed('Mine'), act.closed()]);
    expect(state).toMatchObject({ piece: null, past: [], future: [], save: 'saved' });
  });
});

describe('saving', () => {
  test('what is typed while it saves is saved after', () => {
    const state = run([act.renamed('One'), act.saving(), act.renamed('Two'), act.saved({ version: 4, sent: piece })]);
    expect(state).toMatchObject({ save: 'unsaved', version: 4 });
    expect(run([act.saving(), act.saved({ version: 5, sent: piece })], state)).toMatchObject({ save: 'saved', version: 5 });
  });

  test('a draft that was never saved is opened as unsaved', () => {
    const state = editorReducer(undefined, act.opened({ stored, draft: { version: 3, piece: { ...piece, name: 'Draft' }, tab: null } }));
    expect(state).toMatchObject({ save: 'unsaved', version: 3, piece: { name: 'Draft' } });
  });

  test('a draft of an older version is not thrown away: the painter is asked', () => {
    const state = editorReducer(undefined, act.opened({ stored, draft: { version: 2, piece: { ...piece, name: 'Draft' }, tab: null } }));
    expect(state).toMatchObject({ save: 'conflict', piece: { name: 'Draft' }, theirs: { version: 3 } });
  });

  const theirs = { version: 9, deletedAt: null, piece: { ...piece, name: 'Theirs' } };

  test('a conflict waits for the painter, whatever is typed', () => {
    const state = run([act.renamed('Mine'), act.saving(), act.conflicted(theirs), act.renamed('Mine still')]);
    expect(state.save).toBe('conflict');
    expect(run([act.theirsTaken()], state)).toMatchObject({ save: 'saved', version: 9, piece: { name: 'Theirs' } });
    expect(run([act.mineKept()], state)).toMatchObject({ save: 'unsaved', version: 9, piece: { name: 'Mine still' } });
  });

  test('a server that is away is told apart from one that refuses', () => {
    expect(run([act.renamed('x'), act.saving(), act.saveFailed({ refusal: null, trouble: null })]).save).toBe('offline');
    expect(run([act.renamed('x'), act.saving(), act.saveFailed({ refusal: 'too long', trouble: null })])).toMatchObject({
      save: 'refused',
      refusal: 'too long',
    });
  });
});
