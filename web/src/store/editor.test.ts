import { describe, expect, test } from '@jest/globals';
import { pieceFromTemplate, plainStep, templateById, type Piece } from '@eveningtide/core/subjects';
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
      act.stepAdded({ step: step('x'), at: 1 }),
      act.stepMoved({ from: 0, to: 2 }),
      act.stepRemoved('b'),
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
    fc.nat(3).map((at) => act.stepAdded({ step: step(`n${String(at)}`), at })),
    fc.constantFrom('a', 'b', 'c').map((id) => act.stepRemoved(id)),
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

describe('the piece itself', () => {
  test('a zone is changed by itself, and undo takes it back', () => {
    const state = run([act.zonePatched({ id: 'roof', patch: { name: 'Canvas roof', seen: 'never' } })]);
    expect(state.piece?.zones.find((zone) => zone.id === 'roof')).toMatchObject({ name: 'Canvas roof', seen: 'never' });
    expect(state.piece?.zones.filter((zone) => zone.seen === 'never')).toHaveLength(1);
    expect(run([act.undone()], state).piece).toEqual(piece);
  });

  test('another size reckons areas anew', () => {
    const roof = (state: State) => state.piece?.zones.find((zone) => zone.id === 'roof')?.areaMm2 ?? 0;
    const grown = run([act.sizeChanged({ lengthMm: 148, widthMm: 30, heightMm: 46 })]);
    expect(roof(grown) / roof(open())).toBeCloseTo(2, 2);
    expect(grown.piece?.sizeMm?.lengthMm).toBe(148);
  });

  test('steps join a repeat group and leave it', () => {
    const grouped = run([act.stepGrouped({ id: 'a', groupId: 'g' }), act.stepGrouped({ id: 'b', groupId: 'g' })]);
    expect(grouped.piece?.groups).toHaveLength(1);
    const alone = run([act.stepGrouped({ id: 'a', groupId: null }), act.stepGrouped({ id: 'b', groupId: null })], grouped);
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
    const state = editorReducer(undefined, act.opened({ stored, draft: { version: 3, piece: { ...piece, name: 'Draft' } } }));
    expect(state).toMatchObject({ save: 'unsaved', version: 3, piece: { name: 'Draft' } });
  });

  test('a draft of an older version is not thrown away: the painter is asked', () => {
    const state = editorReducer(undefined, act.opened({ stored, draft: { version: 2, piece: { ...piece, name: 'Draft' } } }));
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
    expect(run([act.renamed('x'), act.saving(), act.saveFailed({ refusal: null })]).save).toBe('offline');
    expect(run([act.renamed('x'), act.saving(), act.saveFailed({ refusal: 'too long' })])).toMatchObject({
      save: 'refused',
      refusal: 'too long',
    });
  });
});
