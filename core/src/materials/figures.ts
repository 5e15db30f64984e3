import { formatMinutes, formatNumber } from '../units/index.js';
import { FAMILIES, type Until } from './families.js';
import type { BinderFamily, Drying, FigureSource, Material } from './types.js';

/** One figure of a material as it is shown, with where it comes from. */
export interface Figure {
  what: string;
  value: string;
  source: FigureSource;
}

export const BINDERS: Record<BinderFamily, string> = {
  acrylic: 'acrylic dispersion',
  emulsion: 'household emulsion, underbound',
  enamel: 'alkyd',
  'enamel-thin': 'alkyd, much thinned',
  lacquer: 'lacquer resin, stays soluble',
  hardware: 'alkyd, heavy',
  oil: 'drying oil',
  'oil-water-mixable': 'drying oil made to take water',
  ink: 'shellac or dye in alcohol',
  soluble: 'water-soluble resin',
  glue: 'vinyl glue',
  'fixer-spirit': 'a trace of resin in white spirit',
  'fixer-alcohol': 'a trace of resin in alcohol',
  pen: 'ink of pens and markers',
  inert: 'none',
};

const UNTIL_WORDS: Record<Until, string> = {
  never: 'never',
  'while-wet': 'while wet',
  'while-fresh': 'while fresh',
  'until-dry-hard': 'until dry-hard',
  'until-solvent-proof': 'until solvent-proof',
  always: 'always',
};

/** Matt holds powder and washes; gloss holds neither (common practice). */
function toothWords(material: Material): string | null {
  const { sheenGu, role } = material;
  if (sheenGu === null) return null;
  if (role === 'paste') return 'very good: takes powder well';
  return sheenGu < 15 ? 'good' : sheenGu < 55 ? 'little' : 'none';
}

const MEMORY = 'from memory';
const PRACTICE = 'common practice';

const ANCHOR_WORDS: Record<Drying['anchor'], string> = {
  standard: '23 °C, 50 %RH (ISO 291)',
  room: '20 °C, 50 %RH: a living room',
};

/** How it dries, as figures. */
function dryingFigures({ drying, windows }: Material): Figure[] {
  if (!drying) return [];
  const { mechanism, ages, anchor, referenceDryUm, betweenCoatsMin, source } = drying;
  const shares = [
    [mechanism.water, 'water leaving'],
    [mechanism.solvent, 'solvent leaving'],
    [mechanism.oxidation, 'taking up oxygen'],
  ] as const;
  const minutes = (min: number): string => formatMinutes(min);
  return [
    {
      what: 'Dries by',
      value: shares.flatMap(([share, name]) => (share > 0 ? [`${formatNumber(share * 100, 0)} % ${name}`] : [])).join(', '),
      source: MEMORY,
    },
    { what: 'Usual dry film', value: `${formatNumber(referenceDryUm, 0)} µm`, source: MEMORY },
    { what: 'Its times hold at', value: ANCHOR_WORDS[anchor], source: PRACTICE },
    { what: 'Set to touch', value: minutes(ages.touchMin), source },
    { what: 'Tack-free', value: minutes(ages.tackFreeMin), source },
    { what: 'Next coat from', value: minutes(ages.recoatFromMin), source },
    { what: 'Between its own coats', value: minutes(betweenCoatsMin), source },
    { what: 'Dry-hard', value: minutes(ages.dryHardMin), source },
    { what: 'Dry-through', value: minutes(ages.dryThroughMin), source },
    { what: 'Solvent-proof', value: minutes(ages.solventProofMin), source },
    ...(windows?.blend
      ? [
          {
            what: 'Can be blended',
            value: `${minutes(windows.blend.fromMin)} to ${minutes(windows.blend.toMin)} after it is laid`,
            source: PRACTICE,
          },
        ]
      : []),
    ...(windows?.sprinkle
      ? [{ what: 'Takes what is sprinkled', value: `up to ${minutes(windows.sprinkle.toMin)}`, source: PRACTICE }]
      : []),
    ...(windows?.wrinkle
      ? [
          {
            what: 'Wrinkles under its own solvent',
            value: `from ${minutes(windows.wrinkle.wetUntilMin)} to ${minutes(windows.wrinkle.hardFromMin)}`,
            source: PRACTICE,
          },
        ]
      : []),
    ...(windows?.chip
      ? [
          {
            what: 'Chips',
            value: `${minutes(windows.chip.fromMin)} to ${minutes(windows.chip.poorFromMin)} after the top coat`,
            source: PRACTICE,
          },
        ]
      : []),
  ];
}

/** What of it each liquid lifts or softens. */
function liftedFigures({ family }: Material): Figure[] {
  const names = { water: 'water', alcohol: 'alcohol', spirit: 'white spirit', hot: 'lacquer thinner' } as const;
  return (Object.keys(names) as (keyof typeof names)[]).map((solvent) => {
    const { mist, lifts, softens } = FAMILIES[family][solvent];
    const value =
      lifts === 'never' && softens === 'never'
        ? 'holds'
        : `thin pass lifts it ${UNTIL_WORDS[lifts]}, softens it ${UNTIL_WORDS[softens]}; a mist lifts it ${UNTIL_WORDS[mist]}`;
    return { what: `Under ${names[solvent]}`, value, source: `${PRACTICE}; strengths ${MEMORY}` };
  });
}

/** Every figure that is reckoned with, each with its source; times in still air of the anchor named, for the usual film. */
export function figuresOf(material: Material): Figure[] {
  const tooth = toothWords(material);
  const figure = (what: string, value: string | null, source: FigureSource): Figure[] => (value === null ? [] : [{ what, value, source }]);
  const own = material.isOwn ? material.source : null;
  return [
    ...figure('Carrier', material.carrier === 'none' ? 'none: dry' : material.carrier, PRACTICE),
    ...figure('Binder', BINDERS[material.family], PRACTICE),
    ...figure('Volume solids', `${formatNumber(material.volumeSolidsPct, 0)} %`, own ?? MEMORY),
    ...figure('Weighs', `${formatNumber(material.densityGPerMl, 2)} g/ml${material.carrier === 'none' ? ' as it lies loose' : ''}`, MEMORY),
    ...figure('Hides', `${formatNumber(material.hidingPct, 0)} % at its usual film`, MEMORY),
    ...figure(
      'Sheen',
      material.sheenGu === null ? 'leaves the sheen below' : `${formatNumber(material.sheenGu, 0)} GU at 60° (ISO 2813)`,
      own ?? MEMORY,
    ),
    ...figure('Tooth', tooth, PRACTICE),
    ...figure('Looks wet', material.wetDarkerL > 0 ? `about ${formatNumber(material.wetDarkerL, 0)} L* darker than dry` : 'as dry', MEMORY),
    ...figure('Forms a film from', material.minFilmC === null ? null : `${formatNumber(material.minFilmC, 0)} °C`, PRACTICE),
    ...figure('Frosts above', material.blushRhPct === null ? null : `${formatNumber(material.blushRhPct, 0)} %RH`, PRACTICE),
    ...figure('Lasts open', material.lifeMonths === null ? null : `${formatNumber(material.lifeMonths, 0)} months`, MEMORY),
    ...figure(
      'Comes off clean',
      material.comesOffUntilMin === undefined ? null : `for ${formatMinutes(material.comesOffUntilMin)}`,
      MEMORY,
    ),
    ...dryingFigures(material),
    ...(material.role === 'thinner' || material.role === 'masking' ? [] : liftedFigures(material)),
  ];
}
