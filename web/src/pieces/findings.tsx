import { fixForPlanned, stepIdOf, type Finding } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import { Info, OctagonAlert, TriangleAlert } from 'lucide-react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { usePieceOutlook } from '../workers/outlook-context.js';

const LOOKS = {
  snag: { word: 'Snag', Icon: OctagonAlert, frame: 'border-brick', text: 'text-brick' },
  caution: { word: 'Caution', Icon: TriangleAlert, frame: 'border-ink-2', text: 'text-ink' },
  hint: { word: 'Hint', Icon: Info, frame: 'border-line-strong', text: 'text-ink-2' },
} as const;

/** What is wrong at a step, where it arises, each with the fixes that really help. */
export function Findings({ piece, stepId }: { piece: Piece; stepId: string }) {
  const own = usePieceOutlook(piece.id);
  const found = own?.findings.filter((finding) => stepIdOf(finding.stepId) === stepId) ?? [];
  return found.map((finding) => (
    <FindingLine
      key={`${finding.rule} ${String(finding.causeIndex)} ${finding.stepId} ${finding.zones.join(' ')}`}
      finding={finding}
      piece={piece}
    />
  ));
}

function FindingLine({ finding, piece }: { finding: Finding; piece: Piece }) {
  const dispatch = useAppDispatch();
  const own = usePieceOutlook(piece.id);
  const { word, Icon, frame, text } = LOOKS[finding.severity];
  return (
    <div
      role="group"
      aria-label={`${word} at step ${String(finding.stepIndex + 1)}`}
      className={`border-l-4 bg-paper px-3 py-1.5 ${frame}`}
    >
      <p className={`flex items-start gap-2 ${text}`}>
        <Icon size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
        <span>
          <b>{word}:</b> {finding.message} <span className="text-[0.8125rem] text-ink-2">{finding.evidence}</span>
        </span>
      </p>
      {finding.fixes.length > 0 && (
        <p className="no-print mt-1 flex flex-wrap gap-1.5 pl-6">
          {finding.fixes.map((fix, i) => (
            <Button
              key={fix.label}
              small
              look={i === 0 && finding.severity === 'snag' ? 'brick' : 'plain'}
              onClick={() => {
                if (own) dispatch(editorActions.fixPressed(fixForPlanned(fix, own.steps, piece.steps)));
                // the button goes with its finding; who works by keyboard goes on at the step
                document.getElementById(`step-${stepIdOf(finding.stepId)}`)?.focus();
              }}
            >
              {fix.label}
            </Button>
          ))}
        </p>
      )}
    </div>
  );
}
