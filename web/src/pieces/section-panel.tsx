import type { Section } from '@eveningtide/core/section';
import { GROOVE_LIMITS } from '@eveningtide/core/sequence';
import { substrateById, type Piece, type Zone } from '@eveningtide/core/subjects';
import { formatNumber } from '@eveningtide/core/units';
import { lazy, Suspense, useMemo } from 'react';
import { Panel } from '../ui/panel.js';
import { useSupplies } from '../workers/outlook-context.js';
import { useFocus } from './focus.js';
import { pieceSection } from '../looks/look.js';
import { spread } from './spread.js';

// what is drawn of it is asked for after the section stands
const OverZone = lazy(async () => ({ default: (await import('./over-zone.js')).OverZone }));

const WIDTH = 400;
/** Room above the highest layer and below the groove, µm. */
const HEAD_UM = 60;
const FOOT_UM = 50;

/** What can be cut through, and where: at the zone that was pressed, else low on the side. */
export function cutAt(piece: Piece, zoneId: string | null): { zones: readonly Zone[]; zone: Zone | undefined } {
  const zones = piece.zones.filter((zone) => !zone.keepClean);
  return { zones, zone: zones.find((one) => one.id === zoneId) ?? zones.find((one) => one.id === 'side-lower') ?? zones[0] };
}

/** The cut through the surface, to scale in both directions: pointing at a layer lights its row, and the other way round. */
export function SectionPanel({ piece, openStepId }: { piece: Piece; openStepId: string | null }) {
  const { zoneId, setZone } = useFocus();
  const { zones, zone } = cutAt(piece, zoneId);
  if (!zone) return null;
  const number = piece.steps.findIndex((step) => step.id === openStepId) + 1;
  return (
    <Panel
      title="Section"
      aside={<span className="text-[0.8125rem] text-ink-2">{number === 0 ? 'when all is done' : `after step ${String(number)}`}</span>}
    >
      <label className="mb-2 flex items-center gap-2 text-[0.8125rem] text-ink-2">
        at
        <select
          className="field"
          value={zone.id}
          onChange={(event) => {
            setZone(event.target.value);
          }}
        >
          {zones.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name.toLowerCase()}
            </option>
          ))}
        </select>
      </label>
      <ZoneSection piece={piece} zone={zone} openStepId={openStepId} />
      <Suspense>
        <OverZone piece={piece} zone={zone} />
      </Suspense>
    </Panel>
  );
}

function ZoneSection({ piece, zone, openStepId }: { piece: Piece; zone: Zone; openStepId: string | null }) {
  const supplies = useSupplies();
  const cut = useMemo(() => {
    try {
      return pieceSection(piece, supplies, zone.id, openStepId);
    } catch {
      // a step names something that is not known here any more: the plan tells it
      return null;
    }
  }, [piece, supplies, zone, openStepId]);
  if (!cut) return null;
  return (
    <>
      <Cut piece={piece} cut={cut} ground={substrateById(zone.substrate).name.toLowerCase()} />
      <BuildLine section={cut.section} depthUm={zone.relief.grooveDepthUm} widthUm={zone.relief.grooveWidthUm} />
    </>
  );
}

interface Drawn {
  x: (column: number) => number;
  y: (um: number) => number;
  height: number;
  pxPerUm: number;
}

function scaleOf({ base, bands, columnUm }: Section): Drawn {
  const pxPerUm = WIDTH / ((base.length - 1) * columnUm);
  const top = Math.max(...(bands.at(-1)?.high ?? base)) + HEAD_UM;
  const bottom = Math.min(...base) - FOOT_UM;
  return { x: (column) => column * columnUm * pxPerUm, y: (um) => (top - um) * pxPerUm, height: (top - bottom) * pxPerUm, pxPerUm };
}

const line = (drawn: Drawn, heights: readonly number[]): string =>
  heights.map((um, i) => `${i === 0 ? 'M' : 'L'}${drawn.x(i).toFixed(1)} ${drawn.y(um).toFixed(2)}`).join('');

const band = (drawn: Drawn, low: readonly number[], high: readonly number[]): string =>
  `${line(drawn, high)}${[...low]
    .map((um, i) => `L${drawn.x(i).toFixed(1)} ${drawn.y(um).toFixed(2)}`)
    .reverse()
    .join('')}Z`;

function Cut({ piece, cut: { section, stepIds }, ground }: { piece: Piece; cut: ReturnType<typeof pieceSection>; ground: string }) {
  const { litStepId, light } = useFocus();
  const drawn = scaleOf(section);
  const numberOf = (stepId: string | undefined) => piece.steps.findIndex((step) => step.id === stepId) + 1;
  const surface = section.bands.at(-1)?.high ?? section.base;
  const labels = spread(
    section.bands.map((b, i) => ({ i, y: drawn.y(((b.low[0] ?? 0) + (b.high[0] ?? 0)) / 2) })),
    15,
    drawn.height - 6,
  );
  const lit = section.bands.filter((_, i) => stepIds[i] === litStepId);
  return (
    <svg
      viewBox={`-26 0 ${String(WIDTH + 26)} ${String(drawn.height)}`}
      className="block w-full bg-ground"
      role="img"
      aria-label={`Cut through the surface: ${section.bands.length === 0 ? 'bare' : section.bands.map((b, i) => `${String(numberOf(stepIds[i]))} ${b.name.toLowerCase()}`).join(', ')}`}
    >
      <defs>
        <pattern id="ground-hatch" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width={7} height={7} fill="var(--color-cut)" />
          <path d="M0 0h7" stroke="var(--color-line-strong)" strokeWidth={0.5} />
        </pattern>
        <pattern id="clear-dash" width={5} height={3} patternUnits="userSpaceOnUse">
          <path d="M0 1.5h2.4" stroke="#131d28" strokeOpacity={0.5} strokeWidth={0.6} />
        </pattern>
      </defs>
      <path d={`${line(drawn, section.base)}V${String(drawn.height)}H0Z`} fill="url(#ground-hatch)" />
      {section.bands.map((b, i) => {
        const d = band(drawn, b.low, b.high);
        const stepId = stepIds[i];
        const dimmed = litStepId !== null && stepId !== litStepId;
        return (
          <g
            key={String(b.stepIndex)}
            opacity={dimmed ? 0.35 : 1}
            onPointerEnter={() => {
              light(stepId ?? null);
            }}
            onPointerLeave={() => {
              light(null);
            }}
          >
            <title>{`${String(numberOf(stepId))} ${b.name}`}</title>
            <path d={d} fill={b.colour} stroke={b.colour} strokeWidth={0.35} strokeDasharray={b.loose ? '1 1' : undefined} />
            {b.clear && <path d={d} fill="url(#clear-dash)" />}
            <path d={line(drawn, b.high)} fill="none" stroke="#000" strokeOpacity={0.3} strokeWidth={0.5} />
          </g>
        );
      })}
      <path d={line(drawn, surface)} fill="none" stroke="var(--color-ink)" strokeWidth={1} pointerEvents="none" />
      {lit.map((b) => (
        <g key={b.stepIndex} fill="none" pointerEvents="none">
          <path d={band(drawn, b.low, b.high)} stroke="var(--color-field)" strokeWidth={3.4} />
          <path d={band(drawn, b.low, b.high)} stroke="var(--color-ink)" strokeWidth={1.6} />
        </g>
      ))}
      {labels.map(({ i, y, at }) => {
        const stepId = stepIds[i];
        return (
          <g key={i} pointerEvents="none">
            <path d={`M-10 ${String(at)}L0 ${String(y)}`} stroke="var(--color-ink-3)" strokeWidth={0.6} fill="none" />
            <rect
              x={-26}
              y={at - 7}
              width={16}
              height={14}
              fill={stepId === litStepId ? 'var(--color-ink)' : 'var(--color-field)'}
              stroke="var(--color-ink-3)"
              strokeWidth={0.6}
            />
            <text
              x={-18}
              y={at + 3.6}
              textAnchor="middle"
              fontSize={10}
              className="figures"
              fill={stepId === litStepId ? 'var(--color-field)' : 'var(--color-ink)'}
            >
              {numberOf(stepId)}
            </text>
          </g>
        );
      })}
      <text x={8} y={drawn.height - 8} fontSize={11} fill="var(--color-ink)">
        {ground}
      </text>
      <g transform={`translate(${String(WIDTH - 8)} ${String(drawn.height - 10)})`}>
        <path
          d={`M${String(-100 * drawn.pxPerUm)} 0H0M0 -3v6M${String(-100 * drawn.pxPerUm)} -3v6`}
          stroke="var(--color-ink)"
          fill="none"
        />
        <text x={-100 * drawn.pxPerUm - 6} y={3.5} textAnchor="end" fontSize={11} className="figures" fill="var(--color-ink)">
          0.1 mm
        </text>
      </g>
    </svg>
  );
}

function BuildLine({ section: { build, lost }, depthUm, widthUm }: { section: Section; depthUm: number; widthUm: number }) {
  const gone = lost.share;
  const { cautionFrom, snagFrom } = GROOVE_LIMITS;
  const verdict = gone >= snagFrom ? 'detail is lost' : gone >= cautionFrom ? 'detail begins to fill' : 'detail still reads';
  return (
    <div className="mt-2 text-[0.8125rem]">
      <p className="flex justify-between gap-2">
        <span>
          <b>Build {formatNumber(build.faceUm, 0)} µm</b> on the face
        </span>
        {depthUm > 0 && (
          <span className={gone >= snagFrom ? 'font-semibold text-brick' : ''}>
            {formatNumber(gone * 100, 0)} % of the {lost.by === 'width' ? widthUm : depthUm} µm {lost.by}: {verdict}
          </span>
        )}
      </p>
      {depthUm > 0 && (
        <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="mt-1 block h-1.5 w-full" aria-hidden="true">
          <rect width={100} height={6} fill="var(--color-field)" stroke="var(--color-line-strong)" strokeWidth={0.5} />
          <rect width={Math.min(100, gone * 100)} height={6} fill={gone >= snagFrom ? 'var(--color-brick)' : 'var(--color-tide)'} />
          {[cautionFrom, snagFrom].map((mark) => (
            <path key={mark} d={`M${String(mark * 100)} 0v6`} stroke="var(--color-ink)" strokeWidth={0.6} />
          ))}
        </svg>
      )}
    </div>
  );
}
