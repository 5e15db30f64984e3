import type { Piece } from '@eveningtide/core/subjects';
import { BatchPanel } from './batch-panel.js';
import { ChecksPanel } from './checks-panel.js';
import { PicturesPanel } from './pictures-panel.js';
import { PieceFacts } from './piece-facts.js';
import { SectionPanel } from './section-panel.js';
import { StepFacts } from './step-facts.js';
import { StepPictures } from './step-pictures.js';
import { ZonesPanel } from './zones-panel.js';

/** Beside the sequence: the surface and the zones, then the open step, or else the piece itself. */
export function Beside({ piece, stepId, onAddAfter }: { piece: Piece; stepId: string | null; onAddAfter: (stepId: string) => void }) {
  const step = piece.steps.find((one) => one.id === stepId);
  return (
    <aside
      aria-label={step ? 'Facts of the open step' : 'Facts of the piece'}
      className="min-w-0 overflow-y-auto pb-8 @max-[46rem]:overflow-visible @max-[46rem]:border-t @max-[46rem]:border-line-strong print:hidden"
    >
      {step && <StepFacts key={step.id} piece={piece} stepId={step.id} onAddAfter={onAddAfter} />}
      <SectionPanel piece={piece} openStepId={step?.id ?? null} />
      <ZonesPanel piece={piece} openStepId={step?.id ?? null} />
      {step ? (
        <StepPictures piece={piece} step={step} />
      ) : (
        <>
          <PieceFacts piece={piece} />
          <PicturesPanel piece={piece} />
          <BatchPanel piece={piece} />
          <ChecksPanel piece={piece} />
          <p className="px-4 py-3 text-[0.8125rem] text-ink-3">
            Open a step to change it. Alt with ↑ or ↓ moves it, Delete takes it out, Control Z takes back, ? lists all keys.
          </p>
        </>
      )}
    </aside>
  );
}
