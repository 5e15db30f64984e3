/** What is drawn to show a term. */
export type TermDrawing =
  | { of: 'surface'; lit: 'recess' | 'face' | 'crest' | 'all' }
  | { of: 'drying'; at: 'touch' | 'tackFree' | 'recoat' | 'hard' | 'proof' | 'open' | 'window' }
  | { of: 'layers'; lit: 'film' | 'barrier' | 'carrier' | 'tooth' }
  | { of: 'sign'; which: 'snag' | 'caution' | 'hint' };

/** A word of the trade that the page uses, in plain words. */
export interface Term {
  name: string;
  says: string;
  drawing: TermDrawing;
}

/** In the order in which somebody new would ask. Common practice; stages after ASTM D1640. */
export const TERMS = {
  section: {
    name: 'section',
    says: 'A cut through the surface: every layer as it lies there, much enlarged.',
    drawing: { of: 'surface', lit: 'all' },
  },
  recess: {
    name: 'recess',
    says: 'What lies deep: grooves between planks, joints, corners. Washes run there.',
    drawing: { of: 'surface', lit: 'recess' },
  },
  face: { name: 'face', says: 'The flat between grooves and edges, the most of any surface.', drawing: { of: 'surface', lit: 'face' } },
  crest: {
    name: 'edge (crest)',
    says: 'What stands out: edges, rivets, ribs. A dry brush catches only these.',
    drawing: { of: 'surface', lit: 'crest' },
  },
  film: {
    name: 'film',
    says: 'What a coat leaves when it is dry, in thousandths of a millimetre (µm). Too much of it fills the detail.',
    drawing: { of: 'layers', lit: 'film' },
  },
  tooth: {
    name: 'tooth',
    says: 'The roughness that powder and paint hold on to. Matt has it, gloss has not.',
    drawing: { of: 'layers', lit: 'tooth' },
  },
  carrier: {
    name: 'carrier',
    says: 'The liquid that brings the colour: water, alcohol, white spirit, lacquer thinner. It may soften what lies below.',
    drawing: { of: 'layers', lit: 'carrier' },
  },
  barrier: { name: 'barrier', says: 'A coat between that the next liquid cannot pass: a seal.', drawing: { of: 'layers', lit: 'barrier' } },
  touch: { name: 'set to touch', says: 'A finger that touches it lightly takes no paint along.', drawing: { of: 'drying', at: 'touch' } },
  'tack-free': {
    name: 'tack-free',
    says: 'It does not stick any more; dust does not settle in it. A dry brush or a pen may go over it.',
    drawing: { of: 'drying', at: 'tackFree' },
  },
  'next-coat': {
    name: 'next coat',
    says: 'From here on it can be coated again without being torn up.',
    drawing: { of: 'drying', at: 'recoat' },
  },
  'dry-hard': {
    name: 'dry-hard',
    says: 'A thumb pressed on it leaves no mark. Tape, rubbing and handling are safe.',
    drawing: { of: 'drying', at: 'hard' },
  },
  'solvent-proof': {
    name: 'solvent-proof',
    says: 'Its own thinner does not soften it any more: washes may go over it.',
    drawing: { of: 'drying', at: 'proof' },
  },
  'open-time': {
    name: 'open time',
    says: 'As long as something can still be worked into it: wet in wet, blended, wiped back.',
    drawing: { of: 'drying', at: 'open' },
  },
  window: {
    name: 'window',
    says: 'The time in which the next thing must be done: not before it opens, not after it closes.',
    drawing: { of: 'drying', at: 'window' },
  },
  snag: { name: 'snag', says: 'It would go wrong: something lifts, melts, wrinkles or falls off.', drawing: { of: 'sign', which: 'snag' } },
  caution: { name: 'caution', says: 'It may go wrong, or goes well only with care.', drawing: { of: 'sign', which: 'caution' } },
  hint: { name: 'hint', says: 'Nothing goes wrong; there is a better way.', drawing: { of: 'sign', which: 'hint' } },
} as const satisfies Readonly<Record<string, Term>>;

export type TermId = keyof typeof TERMS;
export const TERM_IDS = Object.keys(TERMS) as TermId[];
