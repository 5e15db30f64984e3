import type { Supplies } from '@eveningtide/core/materials';
import { withUsualDilution } from '@eveningtide/core/sequence';
import { plainStep, type Piece, type Step } from '@eveningtide/core/subjects';
import { isOnSurface, techniqueById, type Schools } from '@eveningtide/core/techniques';
import { nanoid } from '@reduxjs/toolkit';

/** What is painted on where a step was: what must stay clean is not painted because it was masked or cleaned before. */
const paintedZones = ({ zones }: Piece, step: Step | undefined): string[] => {
  const kept = step?.zones.filter((id) => id === 'all' || zones.some((zone) => zone.id === id && zone.keepClean === null)) ?? [];
  const open = zones.filter((zone) => zone.keepClean === null);
  // told one by one, all of them are all
  return kept.length === 0 || open.every(({ id }) => kept.includes(id)) ? ['all'] : kept;
};

/** A step to begin with: a base coat, laid and dried as the painter's schools have it, where the last one before it was laid and with its colour. */
export function newStep(schools: Schools | undefined, supplies: Supplies, piece: Piece, at: number): Step {
  const before = piece.steps.slice(0, at).findLast((step) => isOnSurface(techniqueById(step.technique)));
  const technique = schools?.base === 'airbrush' ? 'airbrush-coat' : 'brush-coat';
  const { roles } = techniqueById(technique);
  const goesOn = before?.material != null && roles.includes(supplies.material(before.material).role) ? before : null;
  const blank = plainStep({
    id: nanoid(10),
    technique,
    zones: paintedZones(piece, before),
    members: before?.members ?? null,
    drying: schools?.drying === 'dryer' ? 'cool-dryer' : 'still',
  });
  const paint = { material: goesOn?.material ?? 'acrylic-matt', bottleId: goesOn?.bottleId ?? null, colour: goesOn?.colour ?? null };
  return { ...blank, ...withUsualDilution(blank, paint, supplies) };
}
