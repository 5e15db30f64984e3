export const TOOLS = [
  'airbrush',
  'aerosol',
  'brush',
  'flat brush',
  'fine brush',
  'soft brush',
  'sponge',
  'cloth',
  'pen',
  'knife',
  'pipette',
  'sieve',
  'dryer',
  'hand',
] as const;
export type Tool = (typeof TOOLS)[number];
