import { completeSize, elevationsOf, isSubstrateId, pieceFromTemplate, templateById, type Piece } from '@eveningtide/core/subjects';
import { MOST_MEMBERS } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useForm, useWatch } from 'react-hook-form';
import { useShown } from '../ui/shown.js';

type Measured = 'model' | 'prototype';

export interface NewPieceForm {
  name: string;
  template: string;
  substrate: string;
  scale: string;
  measured: Measured;
  /** In the workshop's unit for models or prototypes; NaN: left open. */
  length: number;
  width: number;
  height: number;
  count: number;
}

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
export function useNewPiece() {
  const { shown, modelMm, typed } = useLengths();
  const defaultsOf = (templateId: string): NewPieceForm => {
    const { substrate, size } = templateById(templateId);
    const [length = NaN, width = NaN, height = NaN] = SIZES.map(({ mm }) => shown.figure(size[mm], 'length'));
    return { name: '', template: templateId, substrate, scale: '76', measured: 'model', length, width, height, count: 1 };
  };
  const form = useForm<NewPieceForm>({ defaultValues: defaultsOf('van') });
  const { reset, getValues, setValue, control } = form;
  const answers = useWatch({ control }) as NewPieceForm;
  const sizeOf = (given: NewPieceForm) =>
    completeSize(
      templateById(given.template),
      Object.fromEntries(SIZES.map(({ name, mm }) => [mm, given[name] > 0 ? modelMm(given[name], given.measured, given.scale) : 0])),
    );
  const plainPiece = (given: NewPieceForm, id: string, name: string): Piece =>
    pieceFromTemplate(templateById(given.template), {
      id,
      name,
      scaleRatio: Number(given.scale),
      size: sizeOf(given),
      ...(isSubstrateId(given.substrate) ? { substrate: given.substrate } : {}),
    });
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
    /** Another kind brings its own sizes; what was said of the model stays. */
    chooseKind: (template: string): void => {
      const { name, scale, count } = getValues();
      reset({ ...defaultsOf(template), name, scale, count });
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
