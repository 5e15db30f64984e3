import { describe, expect, test } from '@jest/globals';
import { checkSequence, checkWithFixes, exampleProblem } from '../index.js';
import { RULES } from './index.js';

const found = (example: Parameters<typeof exampleProblem>[0]) => checkSequence(exampleProblem(example)).findings;
const alarms = (example: Parameters<typeof exampleProblem>[0]) => found(example).filter((f) => f.severity !== 'hint');

describe.each(RULES.map((rule) => [rule.id, rule] as const))('%s', (id, rule) => {
  test('fires in the example in which it should, and says why', () => {
    const finding = found(rule.examples.fires).find((f) => f.rule === id);
    expect(finding).toBeDefined();
    expect(finding?.message).toMatch(/^[A-Z].+[.!]$/);
    expect(finding?.evidence).not.toBe('');
    expect(finding?.zones.length).toBeGreaterThan(0);
  });

  test('is silent, with all others, in the sound one', () => {
    expect(alarms(rule.examples.silent)).toEqual([]);
    expect(found(rule.examples.silent).filter((f) => f.rule === id)).toEqual([]);
  });

  test('explains itself', () => {
    expect(rule.title).not.toBe('');
    expect(rule.why.length).toBeGreaterThan(40);
    expect(rule.source).toMatch(/common practice|ISO|ASTM/);
  });
});

test('every snag has a fix that cures it, or says why no step does', () => {
  const snags = RULES.flatMap(({ examples }) => checkWithFixes(exampleProblem(examples.fires)).findings).filter(
    ({ severity }) => severity === 'snag',
  );
  expect(snags.length).toBeGreaterThan(10);
  const bare = snags.filter(({ fixes, evidence }) => fixes.length === 0 && !/no other order does|built anew/.test(evidence));
  expect(bare.map(({ rule, message }) => `${rule}: ${message}`)).toEqual([]);
});

test('rule ids are those of the contract, each once', () => {
  expect(new Set(RULES.map((rule) => rule.id)).size).toBe(RULES.length);
  for (const { id } of RULES) expect(id).toMatch(/^[a-z]+(-[a-z]+)*$/);
});
