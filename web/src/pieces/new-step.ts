import type { Schools } from '@eveningtide/core/techniques';
import { plainStep, type Step } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';

/** A step to begin with: a base coat, laid and dried as the painter's schools have it. */
export const newStep = (schools: Schools | undefined): Step =>
  plainStep({
    id: nanoid(10),
    technique: schools?.base === 'airbrush' ? 'airbrush-coat' : 'brush-coat',
    material: 'acrylic-matt',
    zones: ['all'],
    drying: schools?.drying === 'dryer' ? 'cool-dryer' : 'still',
  });
