import type { Finding } from '@eveningtide/core/sequence';
import { expect, test } from '@jest/globals';
import { isSameTrouble, openAlike, stepsOf } from './repeated.js';

const found = (stepIndex: number, more: Partial<Finding> = {}): Finding => ({
  rule: 'too-soon',
  severity: 'caution',
  stepIndex,
  stepId: `s${String(stepIndex)}`,
  zones: [],
  message: 'Too soon.',
  evidence: `step ${String(stepIndex)}`,
  causeIndex: 1,
  spoils: null,
  fixes: [],
  waived: null,
  ...more,
});

test('the same trouble of the same cause is one, in the order of the steps', () => {
  const all = [found(6), found(4), found(5, { waived: 'tried' }), found(7, { causeIndex: 2 }), found(8, { message: 'Lifts.' })];
  expect(openAlike(found(6), all).map(({ stepIndex }) => stepIndex)).toEqual([4, 6]);
  expect(isSameTrouble(found(4), found(6))).toBe(true);
  expect(isSameTrouble(found(4), found(6, { severity: 'snag' }))).toBe(false);
});

test('steps are named once, whichever coat or round of them it was', () => {
  expect(stepsOf([found(4), found(4, { zones: ['roof'] }), found(6)])).toEqual(['s4', 's6']);
});
