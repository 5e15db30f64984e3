import { isSubstrateId, pieceFromTemplate, templateById, type Piece, type Wish } from '@eveningtide/core/subjects';

/** A piece of one of our templates, as rows name it. */
export interface TemplateCase {
  name: string;
  template: string;
  scaleRatio?: number;
  sizeMm?: Piece['sizeMm'];
  substrate?: string;
}

/** A wish as rows put it; all but the effect may be left out. */
export interface CaseWish {
  effect: string;
  way?: string;
  zones?: string[];
  /** A kind of feature; the first of the piece is meant. */
  feature?: string;
  intensity?: number;
  priority?: Wish['priority'];
  colour?: string;
}

/** Rows name no scale where it does not matter: the commonest one of our templates. */
const USUAL_RATIO = 76;
/** Usual strength of a wish. */
const USUAL_INTENSITY = 0.5;

/** @throws RangeError naming the substrate or template that is not known. */
export function templatePiece({ name, template, scaleRatio = USUAL_RATIO, sizeMm, substrate }: TemplateCase): Piece {
  if (substrate !== undefined && !isSubstrateId(substrate)) throw new RangeError(`substrate '${substrate}' is not known`);
  return pieceFromTemplate(templateById(template), {
    id: 'piece',
    name,
    scaleRatio,
    ...(sizeMm ? { size: sizeMm } : {}),
    ...(substrate === undefined ? {} : { substrate }),
  });
}

export const wishesOf = (wishes: readonly CaseWish[], { features }: Piece): Wish[] =>
  wishes.map(({ effect, way = null, zones = null, feature, intensity = USUAL_INTENSITY, priority = 'must', colour = null }, i): Wish => ({
    id: `w${String(i + 1)}`,
    effect,
    way,
    zones,
    featureId: features.find(({ kind }) => kind === feature)?.id ?? null,
    intensity,
    priority,
    colour,
  }));
