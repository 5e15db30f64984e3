/** What loads are made of. */
export const MATTERS = ['stone', 'slate', 'limestone', 'sand', 'coal', 'earth', 'peat', 'cork', 'wood', 'resin', 'plaster'] as const;
export type Matter = (typeof MATTERS)[number];

export interface MatterFacts {
  name: string;
  /** Of a grain, g/mL; from memory, as handbooks give it. */
  gPerMl: number;
  /** How steep it lies when it is poured, degrees; from memory. */
  reposeDeg: number;
}

export const MATTER: Readonly<Record<Matter, MatterFacts>> = {
  stone: { name: 'Stone, ballast', gPerMl: 2.65, reposeDeg: 38 },
  slate: { name: 'Slate', gPerMl: 2.75, reposeDeg: 36 },
  limestone: { name: 'Limestone', gPerMl: 2.6, reposeDeg: 38 },
  sand: { name: 'Sand', gPerMl: 2.65, reposeDeg: 33 },
  coal: { name: 'Coal', gPerMl: 1.35, reposeDeg: 37 },
  earth: { name: 'Sifted earth', gPerMl: 2.4, reposeDeg: 36 },
  peat: { name: 'Peat', gPerMl: 1.1, reposeDeg: 42 },
  cork: { name: 'Cork', gPerMl: 0.24, reposeDeg: 40 },
  wood: { name: 'Wood, shavings', gPerMl: 0.55, reposeDeg: 45 },
  resin: { name: 'Resin castings', gPerMl: 1.15, reposeDeg: 38 },
  plaster: { name: 'Plaster rock', gPerMl: 1.1, reposeDeg: 38 },
};

/** What fills a load below what is seen. */
export const FORMERS = ['none', 'foam', 'card', 'tissue'] as const;
export type Former = (typeof FORMERS)[number];

/** Names and weights of formers, g/mL; from memory. */
export const FORMER: Readonly<Record<Former, { name: string; gPerMl: number }>> = {
  none: { name: 'none: of one stuff right through', gPerMl: 0 },
  foam: { name: 'carved foam', gPerMl: 0.035 },
  card: { name: 'card on ribs', gPerMl: 0.15 },
  tissue: { name: 'tissue in damp layers', gPerMl: 0.25 },
};
