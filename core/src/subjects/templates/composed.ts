import type { Check, Part, PieceKind, Size, Zone } from '../piece.js';
import { bodyKind } from '../shape/bodies.js';
import { drawnMm2 } from '../shape/geometry.js';
import { composed, withZoneIds, type Where } from '../shape/compose.js';
import { SURFACES, type SurfaceId } from '../shape/surfaces.js';
import type { Shape } from '../drawing.js';
import type { SubstrateId } from '../substrates.js';
import { RAIL_CHECKS, after, before } from './parts.js';
import type { FeaturePlan, Template, ZonePlan } from './types.js';

/** A body of a template; its dimensions are shares of the whole piece's. */
interface BodyPlan {
  id: string;
  kind: string;
  name: string;
  share: readonly [length: number, width: number, height: number];
  surface: SurfaceId;
  where?: Where;
  substrate?: SubstrateId;
  removable?: boolean;
  /** A load lies in it or on it. */
  carries?: boolean;
}

interface ComposedPlan {
  id: string;
  name: string;
  kind: PieceKind;
  size: Size;
  scaleRatio: number;
  substrate: SubstrateId;
  bodies: readonly BodyPlan[];
  startSheen?: Zone['startSheen'];
  handled?: boolean;
  features?: FeaturePlan[];
  checks?: Omit<Check, 'id' | 'done'>[];
}

const sizeOf = ({ share: [l, w, h] }: BodyPlan, { lengthMm, widthMm, heightMm }: Size): Size => ({
  lengthMm: lengthMm * l,
  widthMm: widthMm * w,
  heightMm: heightMm * h,
});

const zoneIdOf = (body: BodyPlan, key: string): string => `${body.id}-${key}`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** From the top of the piece to its foot, as a list of zones is read. */
const fromAbove = (bodies: readonly BodyPlan[]): BodyPlan[] =>
  bodies.reduce<BodyPlan[]>((list, body) => (body.where === undefined || body.where === 'on' ? [body, ...list] : [...list, body]), []);

function zonesOf(bodies: readonly BodyPlan[]): ZonePlan[] {
  return fromAbove(bodies).flatMap((body) =>
    bodyKind(body.kind).zones.map(({ key, name, role, seen = 'yes', keepClean, bears = false }): ZonePlan => {
      const { relief, reliefFactor, of } = keepClean ? SURFACES.smooth : SURFACES[body.surface];
      return {
        id: zoneIdOf(body, key),
        name: bodies.length === 1 ? capital(name) : `${body.name}, ${name}`,
        part: body.id,
        role,
        ...{ relief, reliefFactor, of, seen },
        ...(body.carries && bears ? { carries: true } : {}),
        ...(keepClean ? { keepClean, substrate: 'brass' as const } : body.substrate ? { substrate: body.substrate } : {}),
      };
    }),
  );
}

const shapeOf = (bodies: readonly BodyPlan[], size: Size): Shape =>
  bodies.reduce<Shape | null>(
    (shape, body) =>
      composed(
        shape,
        withZoneIds(bodyKind(body.kind).shape(sizeOf(body, size)), (key) => zoneIdOf(body, key)),
        body.where ?? 'on',
      ),
    null,
  ) as Shape;

/** A template that is put together from bodies. */
export function fromBodies({ bodies, startSheen = 'bare', handled = false, features = [], checks, ...plan }: ComposedPlan): Template {
  let zones: ZonePlan[] | null = null;
  /** What another body covers whole is no surface. */
  const uncovered = (): ZonePlan[] => {
    const whole = shapeOf(bodies, plan.size);
    return zonesOf(bodies).filter(({ id }) => drawnMm2(whole, id) > 0);
  };
  return {
    ...plan,
    startSheen,
    handled,
    parts: bodies.map(({ id, name, removable = false }): Part => ({ id, name, removable })),
    // worked out when somebody asks: most starts never do
    get zones() {
      return (zones ??= uncovered());
    },
    features,
    checks: checks ?? (plan.kind === 'rolling-stock' ? RAIL_CHECKS : [before('Dust off, seams filled'), after('Look at it in daylight')]),
    shape: (size) => shapeOf(bodies, size),
  };
}
