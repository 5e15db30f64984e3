import { describe, expect, test } from '@jest/globals';
import type { Timer } from '@eveningtide/core/tonight';
import { plainStep } from '@eveningtide/core/subjects';
import { delayWords } from './delay-words.js';
import { due, heardSince } from './due.js';
import { alarmWords, timerWords } from './timer-words.js';
import { countDown } from './clock-words.js';

const timer = (kind: Timer['kind'], toMin = 100): Timer => ({
  id: 't',
  kind,
  pieceId: 'van',
  doneIndex: 0,
  nextIndex: 1,
  fromMin: 50,
  toMin,
  labelMin: null,
});
const steps = [plainStep({ id: 'a', technique: 'wash', zones: ['all'] }), plainStep({ id: 'b', technique: 'blend', zones: ['all'] })];

describe('the clock', () => {
  test.each([
    [4 + 20 / 60, '04:20'],
    [0, '00:00'],
    [75, '1:15:00'],
    [-0.5, '−00:30'],
  ])('%d minutes are told as %s', (minutes, words) => {
    expect(countDown(minutes)).toBe(words);
  });
});

describe('alarms', () => {
  test('a window opens once it is time; one that closes warns before', () => {
    expect([99, 100].map((now) => due(timer('opens'), now))).toEqual([null, 'opened']);
    expect([96, 97.5, 100].map((now) => due(timer('closes'), now))).toEqual([null, 'closing', 'closed']);
  });

  test('each is told once, nothing at the first look, and nothing of what was begun meanwhile', () => {
    const opens = timer('opens');
    const first = heardSince(null, [opens], 99);
    expect(first.told).toEqual([]);
    // it has opened and left the list
    const opened = heardSince(first.heard, [], 100);
    expect(opened.told).toEqual([{ timer: opens, moment: 'opened' }]);
    expect(heardSince(opened.heard, [], 101).told).toEqual([]);
    // its step was begun before it opened
    const begun = heardSince(first.heard, [], 99.5);
    expect(heardSince(begun.heard, [], 100).told).toEqual([]);
    // a window that closes stays in the list: warned once, told once that it has closed
    const closes = timer('closes');
    const warned = heardSince(heardSince(null, [closes], 96).heard, [closes], 97.5);
    expect(warned.told).toEqual([{ timer: closes, moment: 'closing' }]);
    const closed = heardSince(heardSince(warned.heard, [closes], 98).heard, [closes], 100);
    expect(closed.told).toEqual([{ timer: closes, moment: 'closed' }]);
    // closed already when the page was opened
    expect(heardSince(null, [closes], 120).told).toEqual([]);
  });

  test('say what may come, what is about to close and what has closed', () => {
    expect(alarmWords(timer('opens'), 'opened', 'Van', steps)).toBe('Van: blend may come now.');
    expect(alarmWords(timer('closes'), 'closing', 'Van', steps)).toContain('about to close');
    expect(alarmWords(timer('closes'), 'closed', 'Van', steps)).toContain('has closed');
    expect(alarmWords(timer('judge'), 'opened', 'Van', steps)).toContain('true tone');
    expect(alarmWords({ ...timer('dry'), nextIndex: null }, 'opened', '', steps)).toBe('A piece is dry-hard.');
    expect((['opens', 'closes', 'judge', 'dry'] as const).map((kind) => timerWords(timer(kind), steps))).toEqual([
      'blend from then on',
      'blend by then',
      'dries lighter: judge it then',
      'dry-hard then',
    ]);
  });
});

describe('a late start', () => {
  const none = { evenings: 0, finishMin: 0, tonightMin: 0, putOff: 0 };

  test('is told by what it costs, and not at all where it costs nothing', () => {
    expect(delayWords({ ...none, tonightMin: 2 })).toBe('');
    expect(delayWords({ evenings: 1, finishMin: 2880, tonightMin: 25, putOff: 2 })).toBe(
      '25 min later tonight, 2 steps put off to another evening, 1 evening more, all done 2 days later',
    );
    expect(delayWords({ ...none, evenings: -1, tonightMin: -12 })).toBe('12 min earlier tonight, 1 evening fewer');
  });
});
