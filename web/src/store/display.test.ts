import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { displayActions, displayReducer, storedDisplay } from './display.js';

const put = (text: string | null) => {
  Object.defineProperty(globalThis, 'localStorage', { value: { getItem: () => text }, configurable: true });
};

describe('the screen', () => {
  beforeEach(() => put(null));
  afterEach(() => {
    Object.defineProperty(globalThis, 'localStorage', { value: undefined, configurable: true });
  });

  test('is as it was chosen', () => {
    put('{"theme":"dusk","textPct":130}');
    expect(storedDisplay()).toEqual({
      theme: 'dusk',
      textPct: 130,
      singleKeys: true,
      goKey: ' ',
      silent: true,
      moreOfSteps: false,
      piecesAs: 'gallery',
      hasBegun: false,
      hasToured: false,
      tourAt: null,
      tourFrom: '/pieces',
    });
  });

  test.each([null, '{ spoilt', '{"theme":"night","textPct":900}', '[]', '{"piecesAs":"mosaic"}'])('%s counts as nothing chosen', (text) => {
    put(text);
    expect(storedDisplay()).toEqual({
      theme: 'day',
      textPct: 100,
      singleKeys: true,
      goKey: ' ',
      silent: true,
      moreOfSteps: false,
      piecesAs: 'gallery',
      hasBegun: false,
      hasToured: false,
      tourAt: null,
      tourFrom: '/pieces',
    });
  });

  test('changes one thing at a time', () => {
    const dusk = displayReducer(undefined, displayActions.themeSet('dusk'));
    expect(displayReducer(dusk, displayActions.textSizeSet(115))).toEqual({
      theme: 'dusk',
      textPct: 115,
      singleKeys: true,
      goKey: ' ',
      silent: true,
      moreOfSteps: false,
      piecesAs: 'gallery',
      hasBegun: false,
      hasToured: false,
      tourAt: null,
      tourFrom: '/pieces',
    });
  });
});
