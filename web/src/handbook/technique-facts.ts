import { CATALOGUE } from '@eveningtide/core/materials';
import { formatDilution, usualDilution } from '@eveningtide/core/mixing';
import { TOUCH_WORDS } from '@eveningtide/core/sequence';
import { BRUSHES, SET_UP_MIN, SPRAY_DM2_PER_MIN, type Technique } from '@eveningtide/core/techniques';
import { formatNumber } from '@eveningtide/core/units';

/** Usual dilutions of a technique for the kinds that are thinned, by tool. */
function dilutionWords({ id, tools }: Technique): string {
  const kinds = [
    'acrylic-matt',
    'enamel-matt',
    'lacquer-matt',
    'wash-enamel',
    'wash-acrylic',
    'ink-in-alcohol',
    'clear-matt-acrylic',
    'clear-matt-enamel',
  ];
  const found = tools.flatMap((tool) =>
    kinds.flatMap((kind) => {
      const material = CATALOGUE.material(kind);
      const mix = usualDilution(id, tool, material);
      return mix ? [`${material.name.toLowerCase()}, ${tool}: ${formatDilution(mix)}`] : [];
    }),
  );
  return found.slice(0, 4).join('; ');
}

/** What its minutes are made of. */
function handsOnWords({ handsOn: { setUpMin, perPieceMin, perZoneMin, pace, onKeptClean }, tools }: Technique): string {
  const minutes = (n: number): string => `${formatNumber(n, 2)} min`;
  const [usual] = tools;
  const setUp = setUpMin ?? (usual ? SET_UP_MIN[usual] : 0);
  return [
    ...(setUp > 0 ? [`set-up ${minutes(setUp)}`] : []),
    `${minutes(perPieceMin)} a piece`,
    ...(perZoneMin > 0 ? [`${formatNumber(perZoneMin, 1)} a side`] : []),
    ...(pace.by === 'area' ? [`${formatNumber(pace.dm2PerMin, 2)} dm² a minute`] : []),
    ...(pace.by === 'brush' ? [pace.times === 1 ? 'as a coat of its tool' : `${formatNumber(pace.times, 2)} × as fast as a coat`] : []),
    ...(onKeptClean?.by === 'places' ? [`a window ${formatNumber(onKeptClean.minutesEach, 2)}`] : []),
  ].join(', ');
}

/** What it asks of what lies below. */
function wantsWords({ need, touch, wetInWet }: Technique): string {
  if (need === 'wet-glue') return 'wet glue, or glue that floods it later';
  if (need === 'workable') return 'a layer that can still be moved';
  if (need === 'chip') return 'a soluble layer that water still opens';
  return TOUCH_WORDS[touch] + (wetInWet.some((role) => role === 'paint') ? '; or wet, of the same kind' : '');
}

/** What a coat goes by, where a technique is told against one. */
const coatWords = (): string =>
  [
    ...BRUSHES.map(({ widthMm, dm2PerMin }) => `${formatNumber(dm2PerMin, 2)} dm² a minute with ${String(widthMm)} mm`),
    `${formatNumber(SPRAY_DM2_PER_MIN.airbrush ?? 0, 2)} with an airbrush`,
    `${formatNumber(SPRAY_DM2_PER_MIN.aerosol ?? 0, 0)} from a can`,
  ].join(', ');

const share = (value: number): string => `${formatNumber(value * 100, 0)} %`;

export const laysPaint = ({ deposit: { recess, face, crest } }: Technique): boolean => recess + face + crest > 0;

/** What is told of a technique, in words; what does not go for it is left out. */
export function techniqueFacts(technique: Technique): { what: string; words: string }[] {
  const { deposit, tools, usualCoverPct, source } = technique;
  return [
    { what: 'Tools', words: tools.join(', ') },
    ...(laysPaint(technique)
      ? [
          {
            what: 'Where its paint stays',
            words: `recesses ${share(deposit.recess)}, face ${share(deposit.face)}, edges ${share(deposit.crest)} of a full coat`,
          },
          { what: 'Usual cover', words: `${String(usualCoverPct)} %` },
        ]
      : []),
    { what: 'Needs below it', words: wantsWords(technique) },
    { what: 'Hands-on', words: handsOnWords(technique) },
    { what: 'A coat goes at', words: technique.handsOn.pace.by === 'brush' ? coatWords() : '' },
    { what: 'Usual dilution', words: dilutionWords(technique) },
    { what: 'Source', words: source },
  ].filter(({ words }) => words !== '');
}
