import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { touchedBy, usesOfBottles } from '../plan-file/index.js';
import {
  duplicated,
  inGroup,
  membersOf,
  movedByOne,
  patchedStep,
  pieceFromTemplate,
  plainStep,
  templateById,
  withoutMember,
  type Piece,
  type Step,
} from './index.js';

const members = ['a', 'b', 'c'].map((id) => ({ id, label: `No. ${id}`, differences: [] }));
const piece: Piece = {
  ...pieceFromTemplate(templateById('open-wagon'), { id: 'w', name: 'Wagon', scaleRatio: 76 }),
  doneBy: '2026-12-24',
  archivedOn: '2026-12-01',
  members,
  steps: ['1', '2', '3'].map((id) =>
    plainStep({
      id,
      technique: 'brush-coat',
      material: 'acrylic-matt',
      zones: ['all'],
      pinnedAt: '2026-11-24T20:00',
      ...(id === '2' ? { members: ['a'], bottleId: 'green' } : {}),
    }),
  ),
};

describe('repeat groups', () => {
  test('a new one begins with two rounds and goes when its last step leaves', () => {
    const grouped = inGroup(piece, ['1'], 'g');
    expect(grouped.groups).toEqual([{ id: 'g', name: 'Rounds 1', rounds: 2, gate: 'Enough?' }]);
    expect(inGroup(grouped, ['1'], null).groups).toEqual([]);
  });

  test('whatever is put together, each group has a step and each step’s group is there', () => {
    const move = fc.tuple(fc.constantFrom('1', '2', '3'), fc.constantFrom('g', 'h', null));
    fc.assert(
      fc.property(fc.array(move, { maxLength: 12 }), (moves) => {
        const after = moves.reduce((now, [step, group]) => inGroup(now, [step], group), piece);
        const used = new Set(after.steps.map((step) => step.groupId).filter((id) => id !== null));
        expect(new Set(after.groups.map((group) => group.id))).toEqual(used);
        expect(after.groups.every((group) => group.rounds >= 1 && group.rounds <= 3)).toBe(true);
      }),
    );
  });
});

describe('members of a batch', () => {
  test('who leaves is taken out of steps; a step left without any is done on all', () => {
    const after = withoutMember(piece, 'a');
    expect(after.members.map(({ id }) => id)).toEqual(['b', 'c']);
    expect(after.steps[1]?.members).toBeNull();
    const kept = withoutMember({ ...piece, steps: [{ ...piece.steps[1]!, members: ['a', 'b'] }] }, 'a');
    expect(kept.steps[0]?.members).toEqual(['b']);
  });

  test('no step ever names one that is not there', () => {
    fc.assert(
      fc.property(fc.subarray(['a', 'b', 'c']), fc.subarray(['a', 'b', 'c'], { minLength: 1 }), (leaving, on) => {
        const start = { ...piece, steps: [{ ...piece.steps[0]!, members: on }] };
        const after = leaving.reduce(withoutMember, start);
        const ids = after.members.map(({ id }) => id);
        expect(after.steps[0]?.members ?? []).toEqual((after.steps[0]?.members ?? []).filter((id) => ids.includes(id)));
        expect(membersOf(after.steps[0]!, after).every(({ id }) => ids.includes(id))).toBe(true);
      }),
    );
  });
});

test('a duplicate starts afresh and leaves the first as it was', () => {
  const before = JSON.stringify(piece);
  const copy = duplicated({ ...piece, checks: piece.checks.map((check) => ({ ...check, done: true })) }, 'x', 'Copy');
  expect(copy).toMatchObject({ id: 'x', name: 'Copy', doneBy: null, archivedOn: null });
  expect(copy.steps.every((step) => step.pinnedAt === null)).toBe(true);
  expect(copy.checks.every((check) => !check.done)).toBe(true);
  expect(copy.zones).toEqual(piece.zones);
  expect(JSON.stringify(piece)).toBe(before);
});

describe('what a change of the shelf touches', () => {
  test('pieces and steps by number, by bottle or by material', () => {
    expect(touchedBy([piece], { bottleId: 'green' })).toEqual([{ pieceId: 'w', name: 'Wagon', steps: [2] }]);
    expect(touchedBy([piece], { material: 'acrylic-matt' })[0]?.steps).toEqual([1, 2, 3]);
    expect(touchedBy([piece], { bottleId: 'blue' })).toEqual([]);
    const other = { ...piece, id: 'v', name: 'Van' };
    expect(
      usesOfBottles([piece, other])
        .get('green')
        ?.map(({ name }) => name),
    ).toEqual(['Wagon', 'Van']);
  });
});

describe('a step that uses a mix', () => {
  const mixed = plainStep({ id: 's', technique: 'brush-coat', material: 'acrylic-matt', mixId: 'm', zones: ['all'] });

  test('leaves it when paint, thinner, colour or technique are told anew, and stays in it otherwise', () => {
    for (const patch of [{ material: 'enamel-matt' }, { dilution: null }, { colour: '#aabbcc' }, { technique: 'wash' }, { bottleId: 'b' }])
      expect(patchedStep(mixed, patch)).toEqual({ ...mixed, ...patch, mixId: null });
    for (const patch of [{ coats: 2 }, { note: 'x' }, { mixId: 'n', material: 'enamel-matt' }])
      expect(patchedStep(mixed, patch)).toEqual({ ...mixed, ...patch });
  });
});

describe('several steps moved by one place', () => {
  const order = (steps: readonly Step[]) => steps.map(({ id }) => id).join('');
  const LETTERS = 'abcdefg'.split('');
  const of = (ids: string): Step[] => ids.split('').map((id) => plainStep({ id, technique: 'wash', zones: ['all'] }));

  test('those that stand together stay together, and at the end they stay', () => {
    expect(order(movedByOne(of('abcde'), ['c', 'd'], -1))).toBe('acdbe');
    expect(order(movedByOne(of('abcde'), ['b', 'd'], 1))).toBe('acbed');
    expect(order(movedByOne(of('abcde'), ['a', 'b'], -1))).toBe('abcde');
  });

  test('nothing is lost, the order among the chosen and among the others holds', () => {
    fc.assert(
      fc.property(fc.subarray(LETTERS), fc.constantFrom(-1 as const, 1 as const), (ids, by) => {
        const after = order(movedByOne(of('abcdefg'), ids, by));
        expect(after.split('').filter((id) => ids.includes(id))).toEqual(ids);
        expect(after.split('').filter((id) => !ids.includes(id))).toEqual(LETTERS.filter((id) => !ids.includes(id)));
      }),
    );
  });
});
