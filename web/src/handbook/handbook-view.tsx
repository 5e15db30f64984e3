import { EFFECTS } from '@eveningtide/core/effects';
import { usualDilution, formatDilution } from '@eveningtide/core/mixing';
import { CATALOGUE } from '@eveningtide/core/materials';
import { BRUSHES, SET_UP_MIN, SPRAY_DM2_PER_MIN, TECHNIQUES, type Technique } from '@eveningtide/core/techniques';
import { TOUCH_WORDS } from '@eveningtide/core/sequence';
import { formatNumber } from '@eveningtide/core/units';
import { useState } from 'react';
import { foundBy } from '../find/find.js';
import { CatalogueList } from '../shelf/catalogue-list.js';
import { PartTabs } from '../ui/part-tabs.js';
import { SearchField } from '../ui/search-field.js';
import { TableHead } from '../ui/table-head.js';
import { RuleList } from './rule-list.js';

/** What the app judges by: rules, effects, techniques and materials, every figure with its source. */
export function HandbookView() {
  return (
    <main className="p-4">
      <h1 className="mb-2 text-[1.6875rem] leading-8 font-bold">Handbook</h1>
      <PartTabs
        label="Parts of the handbook"
        tabs={[
          { id: 'rules', name: 'Rules', content: <RuleList /> },
          { id: 'effects', name: 'Effects', content: <EffectTable /> },
          { id: 'techniques', name: 'Techniques', content: <TechniqueTable /> },
          { id: 'materials', name: 'Materials', content: <CatalogueList /> },
        ]}
      />
    </main>
  );
}

function EffectTable() {
  const [text, setText] = useState('');
  const found = foundBy(text, EFFECTS, ({ name, shows, ways }) => ({ name, text: `${shows} ${ways.map((way) => way.name).join(' ')}` }));
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the effects" text={text} onChange={setText} />
      <table className="w-full">
        <TableHead heads={['Effect', 'Ways', 'Belongs to', 'Wants below it', 'Afterwards']} />
        <tbody>
          {found.map((effect) => (
            <tr key={effect.id} className="border-t border-line align-top">
              <th scope="row" className="w-1/4 px-2 py-1.5 text-left font-normal">
                <b className="font-semibold">{effect.name}</b>
                <span className="block text-[0.8125rem] text-ink-2">{effect.shows}</span>
              </th>
              <td className="px-2 py-1.5 text-[0.8125rem]">
                <ul>
                  {effect.ways.map((way) => (
                    <li key={way.id}>
                      {way.name}. <span className="text-ink-2">{way.why}</span>
                    </li>
                  ))}
                </ul>
              </td>
              <td className="px-2 py-1.5 text-[0.8125rem]">
                {[...new Set(effect.zones)].join(', ').replaceAll('-', ' ')}
                {effect.features.length > 0 && <span className="block text-ink-2">at {effect.features.join(', ')}</span>}
              </td>
              <td className="px-2 py-1.5 text-[0.8125rem]">{effect.before}</td>
              <td className="px-2 py-1.5 text-[0.8125rem]">{effect.after}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 text-[0.8125rem] text-ink-3">Common practice; shares, strengths and likelihoods are from memory.</p>
    </>
  );
}

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

function TechniqueTable() {
  const [text, setText] = useState('');
  const found = foundBy(text, TECHNIQUES, ({ name, tools, roles }) => ({ name, text: [...tools, ...roles].join(' ') }));
  const share = (value: number): string => formatNumber(value * 100, 0);
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the techniques" text={text} onChange={setText} />
      <table className="w-full">
        <TableHead
          heads={['Technique', 'Tools', 'Recess · face · crest (%)', 'Usual cover', 'Wants below', 'Hands-on', 'Usual dilution', 'Source']}
        />
        <tbody>
          {found.map((technique) => {
            const { deposit } = technique;
            const lays = deposit.recess + deposit.face + deposit.crest > 0;
            return (
              <tr key={technique.id} className="border-t border-line align-top">
                <th scope="row" className="px-2 py-1 text-left font-semibold">
                  {technique.name}
                </th>
                <td className="px-2 py-1 text-[0.8125rem]">{technique.tools.join(', ')}</td>
                <td className="figures px-2 py-1">
                  {lays ? `${share(deposit.recess)} · ${share(deposit.face)} · ${share(deposit.crest)}` : ''}
                </td>
                <td className="figures px-2 py-1">{lays ? `${String(technique.usualCoverPct)} %` : ''}</td>
                <td className="px-2 py-1 text-[0.8125rem]">{wantsWords(technique)}</td>
                <td className="px-2 py-1 text-[0.8125rem]">{handsOnWords(technique)}</td>
                <td className="px-2 py-1 text-[0.8125rem]">{dilutionWords(technique)}</td>
                <td className="px-2 py-1 text-[0.8125rem] text-ink-2">{technique.source}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-3 text-[0.8125rem] text-ink-3">
        The deposit says where a technique leaves its paint: all of it is 100. What is sprayed touches nothing: tack-free is enough, and a
        full coat waits until what lies below is ready for one. Under an unbroken coat nothing is asked any more. A coat goes at{' '}
        {BRUSHES.map(({ widthMm, dm2PerMin }) => `${formatNumber(dm2PerMin, 2)} dm² a minute with ${String(widthMm)} mm`).join(', ')}, at{' '}
        {formatNumber(SPRAY_DM2_PER_MIN.airbrush ?? 0, 2)} with an airbrush and {formatNumber(SPRAY_DM2_PER_MIN.aerosol ?? 0, 0)} from a
        can; a share of an area takes a little more than its share of the time. Dilutions: ink in alcohol and the wash from matt enamel are
        common practice, the others from memory.
      </p>
    </>
  );
}
