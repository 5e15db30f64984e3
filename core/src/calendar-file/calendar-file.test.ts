import { describe, expect, test } from '@jest/globals';
// of others, and no relative of what writes the file
import ICAL from 'ical.js';
import { EMPTY_SHELF } from '../materials/index.js';
import { DEFAULT_WORKSHOP, planPieces, type Workshop } from '../schedule/index.js';
import { clockOf, dateOf } from '../units/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece } from '../subjects/index.js';
import { eveningsAsCalendar } from './index.js';

const MONDAY = '2026-11-23';
const workshop: Workshop = {
  ...DEFAULT_WORKSHOP,
  weekly: [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start: '19:30', end: '21:30' })),
};
const van: Piece = {
  ...pieceFromTemplate(templateById('van'), { id: 'van', name: 'Salt van; no. 14, “grey”', scaleRatio: 76 }),
  steps: [
    plainStep({ id: 's1', technique: 'brush-coat', material: 'enamel-matt', zones: ['all'] }),
    plainStep({ id: 's2', technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'] }),
    plainStep({ id: 's3', technique: 'wash', material: 'wash-oil', zones: ['all'] }),
  ],
};
const outlook = (now = 0) => planPieces({ pieces: [van], workshop, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: now });
const written = (more: Partial<Parameters<typeof eveningsAsCalendar>[2]> = {}, now = 0): string =>
  eveningsAsCalendar(outlook(now), [van], { milestones: false, revision: 3, madeAtMs: Date.UTC(2026, 10, 23, 9), ...more });
const eventsOf = (text: string) => new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));

describe('evenings as iCalendar', () => {
  test('read by others they are the evenings of the plan, in local time', () => {
    const { plan, evenings, originDate } = outlook();
    const used = evenings.filter((e) => plan.placed.some((p) => p.startMin >= e.fromMin && p.startMin < e.toMin));
    const events = eventsOf(written());
    expect(events.map(({ startDate }) => startDate.toString())).toEqual(
      used.map(({ fromMin }) => `${dateOf(originDate, fromMin)}T${clockOf(fromMin)}:00`),
    );
    expect(events.map(({ endDate }) => endDate.toString().slice(11, 16))).toEqual(used.map(({ toMin }) => clockOf(toMin)));
    for (const event of events) {
      expect(event.startDate.zone.tzid).toBe('floating');
      expect(event.summary).toBe('At the bench: Salt van; no. 14, “grey”');
    }
    expect(events[0]!.description).toMatch(/^19:30 Salt van; no\. 14, “grey”: Brush coat \(\d+ min\)$/);
  });

  test('what is open at a step stands in its line', () => {
    const steps = [plainStep({ id: 'light', technique: 'drybrush', material: 'acrylic-matt', zones: ['all'] }), ...van.steps.slice(0, 1)];
    const planned = planPieces({ pieces: [{ ...van, steps }], workshop, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 });
    const text = eveningsAsCalendar(planned, [{ ...van, steps }], { milestones: false, revision: 0, madeAtMs: 0 });
    expect(eventsOf(text)[0]!.description).toMatch(/Drybrush \(\d+ min\) CAUTION: The coat of step 2 comes over these highlights\./);
  });

  test('ids stay when the plan is written again, and the newer counts higher', () => {
    const [first, again] = [eventsOf(written()), eventsOf(written({ revision: 4 }))];
    expect(again.map(({ uid }) => uid)).toEqual(first.map(({ uid }) => uid));
    expect(new Set(first.map(({ uid }) => uid)).size).toBe(first.length);
    expect(again.every(({ sequence }) => sequence === 4)).toBe(true);
    expect(first[0]!.uid).toBe('evening-2026-11-23-1930@eveningtide');
  });

  test('reminders when what dried over night is ready for the next coat, only if wanted', () => {
    expect(eventsOf(written()).some(({ uid }) => uid.startsWith('dry-'))).toBe(false);
    const reminders = eventsOf(written({ milestones: true })).filter(({ uid }) => uid.startsWith('dry-'));
    expect(reminders.map(({ uid }) => uid)).toContain('dry-van-s1-0@eveningtide');
    const ready = outlook().pieces[0]!.reports[0]!.ripening!.recoatFromMin;
    expect(reminders[0]!.startDate.toString()).toBe(`${dateOf(MONDAY, Math.ceil(ready))}T${clockOf(Math.ceil(ready))}:00`);
    expect(reminders[0]!.component.getAllSubcomponents('valarm')).toHaveLength(1);
  });

  test('lines are folded and end as the standard wants', () => {
    const lines = written({ milestones: true }).split('\r\n');
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    for (const line of lines) expect(line.length).toBeLessThanOrEqual(75);
    expect(written()).toContain('VERSION:2.0');
  });

  test('nothing planned is a calendar without events', () => {
    const empty = eveningsAsCalendar(planPieces({ pieces: [], workshop, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 }), [], {
      milestones: true,
      revision: 0,
      madeAtMs: 0,
    });
    expect(eventsOf(empty)).toEqual([]);
  });
});
