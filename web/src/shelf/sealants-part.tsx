import { sheenName } from '@eveningtide/core/materials';
import { sealantsCompared, type Sealant } from '@eveningtide/core/needs';
import { formatNumber } from '@eveningtide/core/units';
import { useMemo, useState } from 'react';
import { sequenceOf } from '../looks/look.js';
import { usePiecesQuery } from '../store/api.js';
import { Check } from '../ui/check.js';
import { SelectField } from '../ui/select-field.js';
import { useShown } from '../ui/shown.js';
import { Empty, Loading } from '../ui/states.js';
import { useSupplies } from '../workers/outlook-context.js';
import { Delta } from '../ui/delta.js';
import { useMoney } from './money.js';
import { TableHead } from '../ui/table-head.js';

/** Clear coats and fixers side by side as the last coat of a zone: colour, film, sheen, price. */
export function SealantsPart() {
  const supplies = useSupplies();
  const shown = useShown();
  const money = useMoney();
  const { data } = usePiecesQuery();
  const [pieceId, setPiece] = useState('');
  const [zoneId, setZone] = useState('');
  const [mine, setMine] = useState(false);
  const pieces = data?.map(({ piece }) => piece).filter(({ archivedOn }) => archivedOn === null) ?? [];
  const piece = pieces.find(({ id }) => id === pieceId) ?? pieces[0];
  const zones = piece?.zones.filter(({ keepClean }) => keepClean === null) ?? [];
  const zone = zones.find(({ id }) => id === zoneId) ?? zones[0];
  const found = useMemo(
    () => (piece && zone ? sealantsCompared(piece, zone.id, sequenceOf(piece, supplies, null), supplies) : []),
    [piece, zone, supplies],
  );
  if (!data) return <Loading what="your pieces" />;
  if (!piece || !zone)
    return (
      <Empty title="No piece to seal" go={{ to: '/pieces?new', words: 'New piece' }}>
        Make a piece first: how a sealant changes it depends on what lies under it.
      </Empty>
    );
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-4">
        <SelectField label="Over the finished" className="w-72" value={piece.id} options={pieces} onChange={setPiece} />
        <SelectField label="Zone" className="w-48" value={zone.id} options={zones} onChange={setZone} />
        <Check checked={mine} onChange={setMine} className="pb-1">
          only what I have
        </Check>
      </div>
      <table className="w-full border-y border-line">
        <TableHead heads={['Sealant', 'Before and after', 'The colour', 'Sheen', 'Film', 'Takes', 'Costs']} />
        <tbody>
          {found
            .filter(({ onShelf }) => onShelf || !mine)
            .map((one) => (
              <tr key={one.material} className="border-b border-line">
                <th scope="row" className="px-2 py-1 text-left font-semibold">
                  {one.name}
                  {!one.onShelf && <span className="ml-2 text-[0.8125rem] font-normal text-ink-3">not on the shelf</span>}
                </th>
                <td className="px-2 py-1">
                  <Sealed before={one.before} after={one.after} sheenGu={one.sheenGu} />
                </td>
                <td className="px-2">
                  {changeWords(one)}{' '}
                  <span className="block text-[0.8125rem] text-ink-2">
                    <Delta de00={one.shiftDe00} />
                  </span>
                </td>
                <td className="px-2">
                  {one.sheenGu === null ? 'as below' : sheenName(one.sheenGu)}
                  {one.sheenGu !== null && (
                    <span className="figures block text-[0.8125rem] text-ink-2">{formatNumber(one.sheenGu, 0)} GU</span>
                  )}
                </td>
                <td className="figures px-2">{formatNumber(one.filmUm, 0)} µm</td>
                <td className="figures px-2">{shown.text(one.ml, 'volume')}</td>
                <td className="figures px-2">{one.cost === null ? <span className="text-ink-3">no price</span> : money(one.cost)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.8125rem] text-ink-2">
        Two thin coats of a clear, one mist of a fixer, over the sequence as planned. The change of colour is what loose powder loses, the
        change of gloss and the amber of the clear itself, from memory: a guide to which changes least. Whether its solvent lifts what lies
        below is for the sequence to say: add it there and see.
      </p>
    </>
  );
}

/** Below this a change of lightness is one of tone, L* (our number). */
const LEAST_SHIFT_L = 0.5;

function changeWords({ seen, shiftL }: Sealant): string {
  if (seen === 'not') return 'stays as it is';
  return `${seen} ${Math.abs(shiftL) < LEAST_SHIFT_L ? 'another tone' : shiftL > 0 ? 'lighter' : 'darker'}`;
}

/** The zone without the sealant and under it, with the light on it as far as it shines. */
function Sealed({ before, after, sheenGu }: { before: string; after: string; sheenGu: number | null }) {
  const shine = Math.min(1, (sheenGu ?? 0) / 100);
  return (
    <svg width={112} height={30} viewBox="0 0 112 30" aria-hidden="true" className="block border border-ink/45">
      <rect width={56} height={30} fill={before} />
      <rect x={56} width={56} height={30} fill={after} />
      <path d="M78 30 92 0h10L88 30z" fill="#ffffff" fillOpacity={shine * 0.7} />
      <path d="M56 0v30" stroke="#ffffff" strokeOpacity={0.6} strokeWidth={0.75} />
    </svg>
  );
}
