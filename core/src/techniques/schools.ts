/**
 * Where practitioners disagree: each question with its schools, what the difference is, and why the default is the
 * default. All common practice.
 */
interface Choice {
  id: string;
  name: string;
  difference: string;
}

interface Question {
  question: string;
  choices: readonly [Choice, Choice, ...Choice[]];
  /** Id of the choice that a new workshop starts with, and why. */
  usual: string;
  why: string;
}

const question = <const Q extends Question>(q: Q): Q => q;

export const SCHOOLS = {
  fixingPowders: question({
    question: 'How is loose powder held?',
    choices: [
      { id: 'fixer', name: 'Fixer', difference: 'Keeps the bloom of the powder and darkens pale tones a little.' },
      { id: 'clear', name: 'Matt clear', difference: 'Holds best and evens the sheen; takes away about half of a mid tone.' },
      {
        id: 'none',
        name: 'Not at all',
        difference: 'Keeps the full effect; rubs off when it is touched: for the shelf, or self-adhesive powders.',
      },
    ],
    usual: 'fixer',
    why: 'It changes the look least for a piece that is handled now and then.',
  }),
  base: question({
    question: 'How is the base colour laid?',
    choices: [
      { id: 'brush', name: 'Brush', difference: 'No cleaning, no spray; coats vary a little, which can be wanted.' },
      { id: 'airbrush', name: 'Airbrush', difference: 'Thin even coats, quickly; needs masks, cleaning and extraction.' },
    ],
    usual: 'brush',
    why: 'Everyone has a brush.',
  }),
  sealing: question({
    question: 'When is a seal laid?',
    choices: [
      { id: 'at-changes', name: 'Where the medium changes', difference: 'Few coats, detail stays crisp; a slip reaches further down.' },
      {
        id: 'every-layer',
        name: 'After every layer',
        difference: 'Each layer can be wiped back by itself; film builds up and detail fills.',
      },
    ],
    usual: 'at-changes',
    why: 'Film build is the commoner regret on small models.',
  }),
  shading: question({
    question: 'What is shading done with?',
    choices: [
      { id: 'ink', name: 'Ink in alcohol', difference: 'Fast, and moves again with alcohol.' },
      { id: 'oil', name: 'Oil in white spirit', difference: 'Can be worked for hours, dries for days.' },
      { id: 'enamel', name: 'Enamel wash', difference: 'Blended after minutes, dry overnight.' },
      { id: 'acrylic', name: 'Acrylic wash', difference: 'Quick and final; tide marks must be caught wet.' },
    ],
    usual: 'enamel',
    why: 'It forgives a beginner and is dry the next evening.',
  }),
  drying: question({
    question: 'How do coats dry?',
    choices: [
      { id: 'stand', name: 'They stand', difference: 'No dust blown on, no warped plastic; costs evenings.' },
      { id: 'dryer', name: 'Cool air from a dryer', difference: 'Helps water and thinner to leave; never cures an enamel or an oil.' },
    ],
    usual: 'stand',
    why: 'Nothing is spoiled by waiting.',
  }),
  ground: question({
    question: 'Which undercoat?',
    choices: [
      { id: 'grey', name: 'Grey', difference: 'Shows faults, leaves colours as they are.' },
      { id: 'black', name: 'Black', difference: 'Keeps shade in recesses; bright colours want more coats.' },
      { id: 'white', name: 'White', difference: 'Keeps colours bright; recesses look thin.' },
    ],
    usual: 'grey',
    why: 'It commits to nothing.',
  }),
  order: question({
    question: 'Dark engines: washes or powders first?',
    choices: [
      { id: 'wash', name: 'Washes first', difference: 'Depth first, dust over it: nothing wets the powder.' },
      { id: 'powder', name: 'Powders first', difference: 'The wash ties the powders together and darkens them.' },
    ],
    usual: 'wash',
    why: 'A wash over loose powder drags it about.',
  }),
  glue: question({
    question: 'What holds a load?',
    choices: [
      { id: 'alcohol', name: 'White glue after alcohol', difference: 'Soaks in at once; flammable vapour.' },
      { id: 'soap', name: 'White glue after soapy water', difference: 'No vapour; card and foam board may warp.' },
      { id: 'scenery', name: 'Scenery glue, flooded in', difference: 'Ready to use; dries a day or more.' },
    ],
    usual: 'soap',
    why: 'It needs no ventilation.',
  }),
  repeat: question({
    question: 'The next piece of a row?',
    choices: [
      { id: 'formula', name: 'By the same recipe', difference: 'A terrace that must match matches.' },
      { id: 'photograph', name: 'From its own photograph', difference: 'Each ages by its own story; no two are twins.' },
    ],
    usual: 'photograph',
    why: 'Twins in a train are the commoner complaint.',
  }),
} as const;

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[];

export type Schools = { [Id in SchoolId]: (typeof SCHOOLS)[Id]['choices'][number]['id'] };

export const USUAL_SCHOOLS = Object.fromEntries(SCHOOL_IDS.map((id) => [id, SCHOOLS[id].usual])) as Schools;
