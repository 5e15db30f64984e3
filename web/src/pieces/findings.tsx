import { fixForPlanned, stepIdOf, type Finding, type Fix } from '@eveningtide/core/sequence';
import type { Piece, Waiver } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { Suspense, lazy, useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { usePieceOutlook } from '../workers/outlook-context.js';
import { useFixes } from '../workers/use-of-plan.js';
import { SEVERITY_LOOKS } from './open-findings.js';
import { isSameTrouble, openAlike, stepsOf } from './repeated.js';

/** The rules' reasons come with the handbook's part of the page, when they are asked for. */
const RuleWhy = lazy(async () => ({ default: (await import('../handbook/rule-why.js')).RuleWhy }));

/** The value, or while it is held the one that stood there when that began. */
function useHeld<T>(value: T, isHeld: boolean): T {
  const [kept, setKept] = useState(value);
  if (!isHeld && kept !== value) setKept(value);
  return isHeld ? kept : value;
}

/**
 * What is wrong at a step, where it arises, each with the fixes that really help. Held while something is chosen from a list of the step: what was told meanwhile
 * would push the list away under the hand.
 */
export function Findings({ piece, stepId, isHeld }: { piece: Piece; stepId: string; isHeld: boolean }) {
  const own = useHeld(usePieceOutlook(piece.id), isHeld);
  const fixesFor = useFixes(piece.id);
  const found = own?.findings.filter((finding) => stepIdOf(finding.stepId) === stepId) ?? [];
  return found.map((finding) => (
    <FindingLine
      key={`${finding.rule} ${String(finding.causeIndex)} ${finding.stepId} ${finding.zones.join(' ')}`}
      finding={finding}
      fixes={fixesFor(finding)}
      piece={piece}
    />
  ));
}

function FindingLine({ finding, fixes, piece }: { finding: Finding; fixes: readonly Fix[]; piece: Piece }) {
  const dispatch = useAppDispatch();
  const own = usePieceOutlook(piece.id);
  const [waiving, setWaiving] = useState(false);
  const [asked, setAsked] = useState(false);
  const { word, Icon, frame, text } = SEVERITY_LOOKS[finding.severity];
  const stepId = stepIdOf(finding.stepId);
  const setWaivers = (waivers: Waiver[]) => {
    dispatch(editorActions.patched({ waivers }));
    // the buttons go with the finding; who works by keyboard goes on at the step
    document.getElementById(`step-${stepId}`)?.focus();
  };
  const all = own?.findings ?? [];
  const alike = openAlike(finding, all);
  const first = alike[0];
  const isAgain = finding.waived === null && first !== undefined && first.stepIndex < finding.stepIndex;
  const concerned = new Set(finding.waived === null ? stepsOf(alike) : stepsOf(all.filter((one) => isSameTrouble(one, finding))));
  const others = piece.waivers.filter(({ rule, stepId: at }) => rule !== finding.rule || !concerned.has(at));
  if (finding.waived !== null)
    return (
      <p role="note" className="border-l-4 border-line bg-paper px-3 py-1 text-[0.8125rem] text-ink-2">
        Ignored: {finding.message} “{finding.waived}”{' '}
        <button
          type="button"
          className="no-print ml-1 min-h-6 underline"
          onClick={() => {
            setWaivers(others);
          }}
        >
          Take it seriously again
        </button>
      </p>
    );
  return (
    <div
      role="group"
      aria-label={`${word} at step ${String(finding.stepIndex + 1)}`}
      className={`border-l-4 bg-paper px-3 py-1.5 ${frame}`}
    >
      <p className={`flex items-start gap-2 ${text}`}>
        <Icon size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
        <span>
          <b>{word}:</b> {isAgain ? `as at step ${String(first.stepIndex + 1)}.` : finding.message}{' '}
          <span className="text-[0.8125rem] text-ink-2">{finding.evidence}</span>
        </span>
      </p>
      <p className="no-print mt-1 flex flex-wrap items-center gap-1.5 pl-6">
        {fixes.map((fix, i) => (
          <Button
            key={fix.label}
            small
            look={i === 0 && finding.severity === 'snag' ? 'brick' : 'plain'}
            onClick={() => {
              if (own) dispatch(editorActions.fixPressed(fixForPlanned(fix, own.steps, piece.steps)));
              // the button goes with its finding; who works by keyboard goes on at the step
              document.getElementById(`step-${stepId}`)?.focus();
            }}
          >
            {fix.label}
          </Button>
        ))}
        <button
          type="button"
          aria-expanded={asked}
          className="min-h-6 px-1 text-[0.8125rem] underline"
          onClick={() => {
            setAsked(!asked);
          }}
        >
          Why?
        </button>
        <button
          type="button"
          aria-expanded={waiving}
          className="min-h-6 px-1 text-[0.8125rem] underline"
          onClick={() => {
            setWaiving(!waiving);
          }}
        >
          Ignore this …
        </button>
      </p>
      {asked && (
        <Suspense fallback={<p className="ml-6 text-ink-3">…</p>}>
          <RuleWhy rule={finding.rule} />
        </Suspense>
      )}
      {waiving && (
        <WaiveForm
          steps={alike.map(({ stepIndex }) => stepIndex + 1)}
          onWaive={(reason) => {
            setWaivers([...others, ...[...concerned].map((at) => ({ rule: finding.rule, stepId: at, reason }))]);
          }}
        />
      )}
    </div>
  );
}

/** A finding is let stand with a reason, which stays on the piece; wherever the same trouble is met. */
function WaiveForm({ steps, onWaive }: { steps: readonly number[]; onWaive: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="no-print mt-1 flex items-end gap-2 pl-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim()) onWaive(reason.trim());
      }}
    >
      <label className="min-w-0 flex-1 text-[0.8125rem] text-ink-2">
        Why it may stand{steps.length > 1 ? `, at steps ${steps.map(String).join(', ')}` : ''}
        <input
          autoFocus
          className="field"
          maxLength={LONGEST_NAME}
          placeholder="tried on scrap, wanted so …"
          value={reason}
          onChange={(event) => {
            setReason(event.target.value);
          }}
        />
      </label>
      <Button small type="submit" disabled={!reason.trim()}>
        Ignore this
      </Button>
    </form>
  );
}
