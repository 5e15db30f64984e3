import { incomingOf, stepPaint, strokesApart, subjectOf, zonesNamed, type ZoneStrokes } from '../sequence/index.js';
import { TEMPLATES, pieceFromTemplate, plainStep, type Piece, type Template, type Wish } from '../subjects/index.js';
import { effectById } from './catalogue/index.js';
import { zonesOfWish } from './places.js';
import { colourOf, stepsOf, type Fitting } from './resolve.js';
import { suits } from './story.js';
import type { Effect } from './types.js';

/** A coat over so much of a zone is its ground (our number). */
const GROUND_FROM_PCT = 75;

/** What a wish does to one zone, on the colour that the piece is wished in, else that of what the real thing is made of. */
export interface SeenWish {
  zoneId: string;
  strokes: ZoneStrokes;
}

/** What it is seen on: the colour that is wished, that the painter lays, that it comes in, else that of the real thing. */
function colourUnder(wish: Wish, zoneId: string, fitting: Fitting): string {
  const { piece, supplies } = fitting;
  const base = piece.intent?.wishes.find((other) => {
    const effect = effectById(other.effect);
    return other.id !== wish.id && effect.phase === 'base' && zonesOfWish(other, effect, piece).includes(zoneId);
  });
  if (base) return colourOf('main', base, effectById(base.effect), fitting);
  const subject = subjectOf(piece);
  const coat = piece.steps.findLast((step) => {
    const { technique, material, coverPct } = incomingOf(step, supplies);
    const covers = technique.effect === 'film' && material?.role === 'paint' && coverPct >= GROUND_FROM_PCT;
    return covers && step.fromWish === null && zonesNamed(subject, step.zones).some(({ id }) => id === zoneId);
  });
  const laid = coat && stepPaint(coat, supplies)?.colour;
  const comesIn = piece.zones.find(({ id }) => id === zoneId)?.startColour;
  return laid ?? comesIn ?? colourOf('made', { ...wish, colour: null }, effectById(wish.effect), fitting);
}

/** How a wish alone will look, on the first of its zones; null where no zone is left for it. What the order has to see to is not looked at: it is shown done right. */
export function wishSeen(wish: Wish, fitting: Fitting): SeenWish | null {
  const zoneId = zonesOfWish(wish, effectById(wish.effect), fitting.piece)[0];
  if (zoneId === undefined) return null;
  const ground = { technique: 'airbrush-coat', material: 'acrylic-matt', zones: [zoneId], colour: colourUnder(wish, zoneId, fitting) };
  const steps = [plainStep({ id: 'under', ...ground }), ...stepsOf(wish, fitting)];
  const { start, strokes } = strokesApart({ subject: subjectOf(fitting.piece), steps, supplies: fitting.supplies }, zoneId);
  return { zoneId, strokes: { start, strokes: strokes.map((stroke) => ({ ...stroke, spoilt: [] })) } };
}

/** A piece of each shape, made when it is first asked for. */
const shapes = new Map<string, Piece>();
const SCALE = 76;

function shapeOf(template: Template): Piece {
  const made = shapes.get(template.id) ?? pieceFromTemplate(template, { id: template.id, name: template.name, scaleRatio: SCALE });
  shapes.set(template.id, made);
  return made;
}

/** A piece to show an effect on: the first shape that has a place for it; null where none has. */
export function sampleFor(effect: Effect): Piece | null {
  const template = TEMPLATES.find((one) => suits(effect, shapeOf(one)));
  return template ? shapeOf(template) : null;
}
