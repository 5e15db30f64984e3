import type { TermDrawing as Drawing } from '@eveningtide/core/words';
import { CircleAlert, Info, TriangleAlert } from 'lucide-react';
import { BODY, SURFACE } from './surface-profile.js';

/** Where along the bar each stage stands. */
const AT = { touch: 28, tackFree: 44, recoat: 64, hard: 96, proof: 138 };

/** Surface, drying, layers or sign: what a term means, drawn. The words beside it say the same. */
export function TermDrawing({ drawing }: { drawing: Drawing }) {
  if (drawing.of === 'sign') {
    const Icon = { snag: CircleAlert, caution: TriangleAlert, hint: Info }[drawing.which];
    return <Icon size={44} strokeWidth={1.5} aria-hidden="true" className={drawing.which === 'snag' ? 'text-brick' : ''} />;
  }
  return (
    <svg viewBox="0 0 160 72" width={160} height={72} aria-hidden="true" className="block">
      {drawing.of === 'surface' && (
        <>
          <path d={BODY} fill="var(--color-cut)" />
          <path d={SURFACE[drawing.lit]} fill="none" stroke="var(--color-tide)" strokeWidth={6} />
        </>
      )}
      {drawing.of === 'drying' && <Drying at={drawing.at} />}
      {drawing.of === 'layers' && <Layers lit={drawing.lit} />}
    </svg>
  );
}

function Drying({ at }: { at: Extract<Drawing, { of: 'drying' }>['at'] }) {
  return (
    <>
      <path d={`M4 24H${String(AT.recoat)}L${String(AT.hard)} 40V52H4z`} fill="var(--color-wet)" />
      <path d={`M${String(AT.hard)} 48H156`} stroke="var(--color-ink-3)" strokeWidth={1.5} />
      {at === 'open' || at === 'window' ? (
        <path
          d={at === 'open' ? `M5 20V14H${String(AT.tackFree)}V20` : `M${String(AT.recoat)} 20V14H${String(AT.proof)}V20`}
          fill="none"
          stroke="var(--color-tide)"
          strokeWidth={3}
        />
      ) : (
        <path
          d={`M${String(AT[at])} 12V58M${String(AT[at] - 5)} 12H${String(AT[at] + 5)}`}
          stroke="var(--color-tide)"
          strokeWidth={3}
          fill="none"
        />
      )}
      <text x={4} y={68} fontSize={11} fill="var(--color-ink-3)">
        wet
      </text>
      <text x={156} y={68} fontSize={11} textAnchor="end" fill="var(--color-ink-3)">
        dry
      </text>
    </>
  );
}

const TOOTH = 'M0 44l8-6 8 6 8-6 8 6 8-6 8 6 8-6 8 6 8-6 8 6V72H0z';

function Layers({ lit }: { lit: Extract<Drawing, { of: 'layers' }>['lit'] }) {
  if (lit === 'tooth')
    return (
      <>
        <path d={TOOTH} fill="var(--color-cut)" />
        <path d="M88 44h72v28H88z" fill="var(--color-cut)" />
        {[8, 24, 40, 56, 72].map((x) => (
          <circle key={x} cx={x} cy={40} r={3.5} fill="var(--color-tide)" />
        ))}
        {[100, 122, 140].map((x, i) => (
          <circle key={x} cx={x} cy={22 - i * 6} r={3.5} fill="var(--color-tide)" />
        ))}
      </>
    );
  return (
    <>
      <path d="M0 48H160V72H0z" fill="var(--color-cut)" />
      <path d="M0 34H160V48H0z" fill="var(--color-wet)" />
      {lit === 'film' && <path d="M0 34H160V48H0z" fill="var(--color-tide)" />}
      {lit === 'barrier' && <path d="M0 28H160V34H0z" fill="var(--color-tide)" />}
      {(lit === 'carrier' || lit === 'barrier') && (
        <path
          d={`M80 2q12 14 12 ${lit === 'barrier' ? '18' : '22'} q-2 8-12 8t-12-8q0-8 12-22z`}
          fill={lit === 'carrier' ? 'var(--color-tide)' : 'var(--color-lamp)'}
          fillOpacity={0.85}
        />
      )}
    </>
  );
}
