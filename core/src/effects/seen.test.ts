import { describe, expect, test } from '@jest/globals';
import { deltaE00, deltaE00OfHex, hexOf } from '../colour/index.js';
import { CATALOGUE } from '../materials/index.js';
import { NO_INTENT, USUAL_STORY, pieceFromTemplate, plainStep, templateById, type Piece, type Wish } from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { EFFECTS, chosenWish, effectById, suits, wishSeen, zonesOfWish } from './index.js';

const bare = (template: string): Piece => pieceFromTemplate(templateById(template), { id: 'p', name: 'P', scaleRatio: 76 });
const fitting = (piece: Piece) => ({ piece, story: USUAL_STORY, schools: USUAL_SCHOOLS, supplies: CATALOGUE, today: '2026-11-24' });

describe('a wish by itself, as it is seen', () => {
  const van = bare('van');
  const seen = (effect: string, more: Partial<Wish> = {}, piece = van) =>
    wishSeen({ ...chosenWish(effectById(effect), piece), ...more }, fitting(piece));
  const meanOf = (shown: ReturnType<typeof seen>) => shown!.strokes.strokes.at(-1)!.mean;

  test('each effect that suits is shown on one of its zones, and nothing is spoilt there', () => {
    for (const template of ['van', 'wall', 'ground'])
      for (const effect of EFFECTS.filter((one) => suits(one, bare(template)))) {
        const shown = seen(effect.id, {}, bare(template))!;
        expect(zonesOfWish(chosenWish(effect, bare(template)), effect, bare(template))).toContain(shown.zoneId);
        expect(shown.strokes.strokes.flatMap(({ spoilt }) => spoilt)).toEqual([]);
      }
  });

  test('stronger is more of it; on what it is wished on, else what is laid, else as it comes', () => {
    const under = (piece: Piece) => hexOf(seen('dust', {}, piece)!.strokes.strokes[0]!.mean);
    const [little, much] = [0.2, 1].map((intensity) => meanOf(seen('dust', { intensity })));
    const bareGround = seen('dust')!.strokes.strokes[0]!.mean;
    expect(deltaE00(much!, bareGround)).toBeGreaterThan(deltaE00(little!, bareGround) + 2);
    const green = { ...van, zones: van.zones.map((zone) => ({ ...zone, startColour: '#47512f' })) };
    const laid = {
      ...green,
      steps: [plainStep({ id: 'own', technique: 'airbrush-coat', material: 'acrylic-matt', zones: ['all'], colour: '#7a2f2a' })],
    };
    const wished = { ...laid, intent: { ...NO_INTENT, wishes: [{ ...chosenWish(effectById('body-colour'), laid), colour: '#2f4a7a' }] } };
    expect(new Set([van, green, laid, wished].map(under)).size).toBe(4);
    expect(deltaE00OfHex(under(wished), '#2f4a7a')).toBeLessThan(4);
  });
});
