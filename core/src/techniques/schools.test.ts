import { expect, test } from '@jest/globals';
import { SCHOOLS, SCHOOL_IDS, USUAL_SCHOOLS } from './index.js';

test('each question has two schools or more, tells their difference, and says why its default is the default', () => {
  for (const id of SCHOOL_IDS) {
    const { question, choices, why } = SCHOOLS[id];
    expect(question).toMatch(/\?$/);
    expect(why).not.toBe('');
    expect(new Set(choices.map((choice) => choice.id)).size).toBe(choices.length);
    for (const choice of choices) expect(choice.difference.length).toBeGreaterThan(10);
    expect(choices.map((choice) => choice.id)).toContain(USUAL_SCHOOLS[id]);
  }
});
