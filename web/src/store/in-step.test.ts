import { beforeEach, describe, expect, jest, test } from '@jest/globals';

describe('what was missed while the line was not open', () => {
  let inStep: typeof import('./in-step.js');
  beforeEach(async () => {
    jest.resetModules();
    inStep = await import('./in-step.js');
  });

  test('nothing was read yet: nothing was missed', () => {
    expect(inStep.hasMissed('run.3')).toBe(false);
    inStep.heardOf(null);
    expect(inStep.hasMissed('run.3')).toBe(false);
  });

  test('the first answer counts, as what came after it is only newer', () => {
    inStep.heardOf('run.3');
    inStep.heardOf('run.4');
    expect(inStep.hasMissed('run.3')).toBe(false);
    expect(inStep.hasMissed('run.4')).toBe(true);
  });

  test('told over the open line, this screen is in step until the line breaks and something changes', () => {
    inStep.heardOf('run.3');
    inStep.stateIs('run.4');
    inStep.stateIs('run.5');
    expect(inStep.hasMissed('run.5')).toBe(false);
    expect(inStep.hasMissed('run.7')).toBe(true);
    // the server was started anew
    expect(inStep.hasMissed('other.0')).toBe(true);
  });
});
