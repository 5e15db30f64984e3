import type { Supplies } from '@eveningtide/core/materials';
import { withUsualDilution } from '@eveningtide/core/sequence';
import { lastLaid, zonesGoingOn } from '@eveningtide/core/step-line';
import { plainStep, type Piece, type Step } from '@eveningtide/core/subjects';
import { techniqueById, type Schools } from '@eveningtide/core/techniques';
import { nanoid } from '@reduxjs/toolkit';

/** A step to begin with: a base coat, laid and dried as the painter's schools have it, where the last one before it was laid and with its colour. */
export function newStep(schools: Schools | undefined, supplies: Supplies, piece: Piece, at: number): Step {
  const before = lastLaid(piece.steps.slice(0, at));
  const technique = schools?.base === 'airbrush' ? 'airbrush-coat' : 'brush-coat';
  const { roles } = techniqueById(technique);
  const goesOn = before?.material != null && roles.includes(supplies.material(before.material).role) ? before : null;
  const blank = plainStep({
    id: nanoid(10),
    technique,
    zones: zonesGoingOn(piece, before),
    members: before?.members ?? null,
    drying: schools?.drying === 'dryer' ? 'cool-dryer' : 'still',
  });
  const paint = { material: goesOn?.material ?? 'acrylic-matt', bottleId: goesOn?.bottleId ?? null, colour: goesOn?.colour ?? null };
  return { ...blank, ...withUsualDilution(blank, paint, supplies) };
}
