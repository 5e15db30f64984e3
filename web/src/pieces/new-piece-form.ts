import {
  PRIMER_GREY,
  asItComes,
  completeSize,
  elevationsOf,
  isSubstrateId,
  type Comes,
  type AsItComes,
  type Beginning,
  type Likeness,
  type Piece,
} from '@eveningtide/core/subjects';
import { MOST_MEMBERS } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useForm, useWatch } from 'react-hook-form';
import { useShown } from '../ui/shown.js';

type Measured = 'model' | 'prototype';

export interface NewPieceForm {
  name: string;
  substrate: string;
  scale: string;
  measured: Measured;
  /** In the workshop's unit for models or prototypes; NaN: left open. */
  length: number;
  width: number;
  height: number;
  count: number;
  /** Of several: all alike, or each its own. */
  likeness: Likeness;
  comes: Comes;
  /** What shows of something primed or painted. */
  comesColour: string;
  comesSheen: AsItComes['sheen'];
  comesClean: boolean;
  /** It is a finished model: what is on it is asked when it is made. */
  comesWorn: boolean;
  /** Colour it is to have. */
  bodyColour: string;
  /** What is painted already keeps its colour, unless it is repainted. */
  repaint: boolean;
  start: string;
}

/** How its sequence begins: with no step, with wishes to be told, or with a recipe, by its id. */
export const EMPTY = 'empty';
export const BY_WISHES = 'wishes';

/** A dull brown that suits most stock, to be changed (our tone). */
const BODY_COLOUR = '#6b5a3e';
/** As models usually come from their makers (our tone). */
const MAKERS_COLOUR = '#6f6a5f';

export const LONGEST_MM = 2000;
export const MOST_MODELS = MOST_MEMBERS;
export const SIZES = [
  { name: 'length', mm: 'lengthMm', label: 'Length' },
  { name: 'width', mm: 'widthMm', label: 'Width' },
  { name: 'height', mm: 'heightMm', label: 'Height' },
] as const;

/** Lengths as the workshop shows them, and as millimetres of the model. */
function useLengths() {
  const shown = useShown();
  return {
    shown,
    /** What was typed, as millimetres of the model. */
    modelMm: (figure: number, measured: Measured, scale: string): number =>
      measured === 'model' ? shown.si(figure, 'length') : shown.si(figure, 'prototypeLength') / Number(scale),
    /** Millimetres of the model as they are typed. */
    typed: (mm: number, measured: Measured, scale: string): number =>
      measured === 'model' ? shown.figure(mm, 'length') : shown.figure(mm * Number(scale), 'prototypeLength'),
  };
}

/** What is asked of a new piece, and the piece that is made of the answers. */
export function useNewPiece(beginning: Beginning, usual: { scaleRatio: number; likeness: Likeness | null }) {
  const { shown, modelMm, typed } = useLengths();
  const defaults = (): NewPieceForm => {
    const { substrate, size, name, kind, startSheen } = beginning;
    const [length = NaN, width = NaN, height = NaN] = SIZES.map(({ mm }) => shown.figure(size[mm], 'length'));
    return {
      ...{ name, substrate, scale: String(usual.scaleRatio), measured: 'model', length, width, height, count: 1 },
      // castings of one mould stand side by side; stock runs apart
      likeness: usual.likeness ?? (kind === 'structure' ? 'alike' : 'own'),
      comes: startSheen === 'bare' ? 'bare' : 'painted',
      comesColour: MAKERS_COLOUR,
      comesSheen: startSheen === 'bare' ? 'matt' : startSheen,
      comesClean: false,
      comesWorn: false,
      bodyColour: BODY_COLOUR,
      repaint: false,
      start: EMPTY,
    };
  };
  const form = useForm<NewPieceForm>({ defaultValues: defaults() });
  const { getValues, setValue, control } = form;
  const answers = useWatch({ control }) as NewPieceForm;
  const sizeOf = (given: NewPieceForm) =>
    completeSize(
      beginning,
      Object.fromEntries(SIZES.map(({ name, mm }) => [mm, given[name] > 0 ? modelMm(given[name], given.measured, given.scale) : 0])),
    );
  const plainPiece = (given: NewPieceForm, id: string, name: string): Piece => {
    const piece = beginning.piece({
      id,
      name,
      scaleRatio: Number(given.scale),
      size: sizeOf(given),
      ...(isSubstrateId(given.substrate) ? { substrate: given.substrate } : {}),
    });
    return {
      ...asItComes(piece, { comes: given.comes, colour: given.comesColour, sheen: given.comesSheen, cleaned: given.comesClean }),
      likeness: given.likeness,
    };
  };
  const isEnough = SIZES.filter(({ name }) => answers[name] > 0).length >= 2;
  const preview = isEnough ? plainPiece(answers, 'preview', 'Preview') : null;

  return {
    form,
    answers,
    /** Two lengths are known, so that the third follows. */
    isEnough,
    preview,
    views: preview ? elevationsOf(preview) : [],
    lengthUnit: shown.unit(answers.measured === 'model' ? 'length' : 'prototypeLength'),
    fits: (figure: number): boolean =>
      Number.isNaN(figure) || (figure > 0 && modelMm(figure, getValues('measured'), getValues('scale')) <= LONGEST_MM),
    /** Primer is grey and matt, until it is said otherwise. */
    come: (comes: Comes): void => {
      setValue('comes', comes);
      setValue('comesColour', comes === 'primed' ? PRIMER_GREY : MAKERS_COLOUR);
      if (comes === 'primed') setValue('comesSheen', 'matt');
    },
    /** The same lengths told the other way. */
    measure: (measured: Measured): void => {
      const before = getValues();
      for (const { name } of SIZES)
        if (before[name] > 0) setValue(name, typed(modelMm(before[name], before.measured, before.scale), measured, before.scale));
      setValue('measured', measured);
    },
    made: (given: NewPieceForm): Piece => {
      const piece = plainPiece(given, nanoid(12), given.name.trim());
      if (given.count > 1)
        piece.members = Array.from({ length: given.count }, (_, i) => ({ id: nanoid(8), label: `No. ${String(i + 1)}`, differences: [] }));
      return piece;
    },
  };
}

/** What the form of a new piece knows and does. */
export type NewPieceAbout = ReturnType<typeof useNewPiece>;
