import { RECIPES, type Recipe } from '../effects/index.js';
import { asItComes, pieceFromTemplate, templateById, type AsItComes, type Piece } from '../subjects/index.js';

/** A worked example of the invented Marram & Holm Light Railway, to be copied and changed. */
export interface Sample {
  id: string;
  name: string;
  /** What it is about, in a line. */
  tells: string;
  template: string;
  comes: AsItComes;
  /** Colour it is to have, #rrggbb; null: as it comes. */
  bodyColour: string | null;
  recipe: string;
}

const FROM_THE_BOX = { comes: 'painted', sheen: 'gloss' } as const;
const BARE = { comes: 'bare', colour: '#d8d4c8', sheen: 'matt' } as const;

export const SAMPLES: readonly Sample[] = [
  {
    id: 'peat-wagon',
    name: 'Peat wagon No. 7',
    tells: 'Out of the box, made to look used: a wash, rust and a matt coat.',
    template: 'open-wagon',
    comes: { ...FROM_THE_BOX, colour: '#5d4a38' },
    bodyColour: null,
    recipe: 'rusty',
  },
  {
    id: 'fish-van',
    name: 'Fish van No. 3',
    tells: 'Years on the tidal line: grime, streaks and salt.',
    template: 'van',
    comes: { ...FROM_THE_BOX, colour: '#76808a' },
    bodyColour: null,
    recipe: 'harbour',
  },
  {
    id: 'quay-wall',
    name: 'Quay wall, north end',
    tells: 'From a bare plaster casting to worn limewash.',
    template: 'wall',
    comes: BARE,
    bodyColour: '#8f8676',
    recipe: 'limewashed',
  },
  {
    id: 'lime-lorry',
    name: 'Lime works lorry',
    tells: 'A primed kit, painted, then driven through mud.',
    template: 'lorry',
    comes: { comes: 'primed', colour: '#8f8f8b', sheen: 'matt' },
    bodyColour: '#5f6b58',
    recipe: 'muddy',
  },
  {
    id: 'crag',
    name: 'Crag above the slip',
    tells: 'Ground: dark cracks, tones from dark to light, moss.',
    template: 'rock',
    comes: BARE,
    bodyColour: '#6e6a64',
    recipe: 'crag',
  },
];

/** What a sample is made of: the bare piece, and the recipe that its sequence is arranged from. */
export function sampleOf(sample: Sample, id: string): { piece: Piece; recipe: Recipe | null; bodyColour: string | null } {
  const template = templateById(sample.template);
  const piece = pieceFromTemplate(template, { id, name: sample.name, scaleRatio: template.scaleRatio });
  return {
    piece: asItComes(piece, sample.comes),
    recipe: RECIPES.find((recipe) => recipe.id === sample.recipe) ?? null,
    bodyColour: sample.bodyColour,
  };
}
