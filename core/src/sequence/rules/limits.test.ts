import { describe, expect, test } from '@jest/globals';
import type { Air } from '../../climate/index.js';
import { problem, subject, type Short } from '../example.js';
import { checkSequence } from '../index.js';

/** What the climate rule says of one coat in one air. */
function climateOf(step: Short, air: Air): string {
  const found = checkSequence(problem([step], subject(), air)).findings.filter((f) => f.rule === 'climate');
  return found.map((f) => f.severity).join(' ') || 'silent';
}

describe('limits of the air', () => {
  const acrylic: Short = ['airbrush-coat', 'acrylic-matt'];
  const lacquer: Short = ['clear-coat', 'clear-matt-lacquer-aerosol'];

  test.each<[string, Short, Air, string]>([
    ['acrylic well above its film-forming limit', acrylic, { tempC: 15, rhPct: 50 }, 'silent'],
    ['acrylic just above it', acrylic, { tempC: 10.5, rhPct: 50 }, 'caution'],
    ['acrylic below it', acrylic, { tempC: 9.5, rhPct: 50 }, 'snag'],
    ['enamel where acrylic would not do', ['brush-coat', 'enamel-matt'], { tempC: 8, rhPct: 50 }, 'silent'],
    ['aerosol lacquer in dry air', lacquer, { tempC: 20, rhPct: 60 }, 'silent'],
    ['aerosol lacquer near its blush limit', lacquer, { tempC: 25, rhPct: 77 }, 'caution'],
    ['aerosol lacquer over it', lacquer, { tempC: 25, rhPct: 82 }, 'snag'],
    ['a wash four kelvin and more above the dew point', ['wash', 'wash-acrylic'], { tempC: 20, rhPct: 75 }, 'silent'],
    ['a wash nearer than that', ['wash', 'wash-acrylic'], { tempC: 20, rhPct: 80 }, 'caution'],
    ['a wash within three kelvin', ['wash', 'wash-acrylic'], { tempC: 20, rhPct: 86 }, 'snag'],
    ['cleaning with water in any air', ['clean', 'water-detergent'], { tempC: 6, rhPct: 92 }, 'silent'],
    ['dry powder in any air', ['powder-dry', 'pigment-dry'], { tempC: 6, rhPct: 92 }, 'silent'],
  ])('%s', (_name, step, air, severity) => {
    expect(climateOf(step, air)).toBe(severity);
  });
});

describe('what fogs windows', () => {
  const fogs = (step: Short): boolean =>
    checkSequence(problem([step], subject({ keepClean: ['glazing'], zones: ['side-upper', 'roof', 'underframe'] }))).findings.some(
      (f) => f.rule === 'glazing-unmasked',
    );

  test.each<[string, Short, boolean]>([
    ['an airbrush over all', ['airbrush-coat', 'acrylic-matt'], true],
    ['a can at the upper side', ['spray-coat', 'primer-acrylic-aerosol', { zones: ['side-upper'] }], true],
    ['an airbrush at the roof', ['airbrush-coat', 'acrylic-matt', { zones: ['roof'] }], false],
    ['an airbrush at the underframe', ['airbrush-coat', 'acrylic-matt', { zones: ['underframe'] }], false],
    ['a brush over all', ['brush-coat', 'acrylic-matt'], false],
    ['a clear coat, even brushed', ['clear-coat', 'clear-matt-acrylic', { tool: 'flat brush' }], true],
    ['a misted fixer', ['fix', 'fixer-alcohol'], true],
    ['a wash by brush', ['wash', 'wash-acrylic'], false],
    ['a wash by airbrush', ['wash', 'wash-acrylic', { tool: 'airbrush' }], true],
    ['dry powder', ['powder-dry', 'pigment-dry'], false],
  ])('%s: %p', (_name, step, expected) => {
    expect(fogs(step)).toBe(expected);
  });
});
