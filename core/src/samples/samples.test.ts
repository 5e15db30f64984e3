import { expect, test } from '@jest/globals';
import { arrange } from '../arrange/index.js';
import { constantAir } from '../climate/index.js';
import { recipeWishes } from '../effects/index.js';
import { CATALOGUE } from '../materials/index.js';
import { checkSequence, handsOnMinutes, subjectOf } from '../sequence/index.js';
import { NO_INTENT, USUAL_STORY } from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { SAMPLES, sampleOf } from './index.js';

const AIR = { tempC: 20, rhPct: 50 };

test.each(SAMPLES)('$name: an order without snag or caution, in less than sixteen steps', (sample) => {
  const { piece, recipe, bodyColour } = sampleOf(sample, 'p');
  expect(recipe).not.toBeNull();
  const wishes = recipeWishes(piece, recipe!, bodyColour);
  const { steps } = arrange({
    piece,
    intent: { ...NO_INTENT, wishes },
    story: USUAL_STORY,
    supplies: CATALOGUE,
    schools: USUAL_SCHOOLS,
    today: '2026-11-25',
    air: AIR,
  });
  const subject = subjectOf(piece);
  const { findings } = checkSequence({
    subject,
    steps: steps!,
    startsMin: [],
    durationsMin: steps!.map((step) => handsOnMinutes(step, piece)),
    bench: constantAir(AIR),
  });
  expect(findings.filter(({ severity }) => severity !== 'hint')).toEqual([]);
  expect(steps!.length).toBeGreaterThan(3);
  expect(steps!.length).toBeLessThan(16);
});
