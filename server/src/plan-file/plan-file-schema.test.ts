import 'reflect-metadata';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import type { ValidateFunction } from 'ajv';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import type { PlanFile } from '@eveningtide/core/plan-file';
import { testPiece, testPlan } from '../testing.js';
import { planFileSchema } from './plan-file-schema.js';

const read = (path: string): unknown => JSON.parse(readFileSync(new URL(`../../../${path}`, import.meta.url), 'utf8'));

let valid: ValidateFunction;
beforeAll(() => {
  const ajv = new Ajv2020({ allErrors: true });
  formats.default(ajv);
  valid = ajv.compile(read('docs/plan-file.schema.json') as object);
});

describe('plan file schema', () => {
  test('the file in docs is what the classes say (else: node scripts/schema.mjs)', async () => {
    expect(read('docs/plan-file.schema.json')).toEqual(await planFileSchema());
  });

  test('a validator from outside passes the demo and a plan with everything in it', () => {
    expect([valid(read('demo/marram-and-holm.eveningtide.json')), valid.errors]).toEqual([true, null]);
    expect([
      valid(testPlan({ pieces: [testPiece('a', { members: [{ id: 'm', label: '22', differences: ['number'] }], sizeMm: null })] })),
      valid.errors,
    ]).toEqual([true, null]);
  });

  test.each<[string, (plan: PlanFile) => unknown]>([
    ['an unknown field', (plan) => ({ ...plan, owner: 'me' })],
    ['no workshop', ({ workshop: _workshop, ...plan }) => plan],
    ['cover over 100 %', (plan) => ({ ...plan, pieces: [testPiece('a', { steps: [{ ...testPiece().steps[0]!, coverPct: 101 }] })] })],
    [
      'an unknown way of drying',
      (plan) => ({ ...plan, pieces: [testPiece('a', { steps: [{ ...testPiece().steps[0]!, drying: 'oven' as 'fan' }] })] }),
    ],
  ])('and refuses %s', (_name, spoil) => {
    expect(valid(spoil(testPlan()))).toBe(false);
  });
});
