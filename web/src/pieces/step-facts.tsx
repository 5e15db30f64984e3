import { CAUTIONS, DEFER } from '@eveningtide/core/materials';
import { mixNeeded } from '@eveningtide/core/coverage';
import { incomingOf } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import { formatNumber } from '@eveningtide/core/units';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Field } from '../ui/field.js';
import { whenWords } from '../ui/times.js';
import { usePieceOutlook, usePlan } from '../workers/outlook-context.js';

const MM2_PER_CM2 = 100;

/** Beside the sequence: what the open step means in minutes, millilitres and cautions; else the piece itself. */
export function StepFacts({ piece, stepId, onAddAfter }: { piece: Piece; stepId: string | null; onAddAfter: (stepId: string) => void }) {
  const step = piece.steps.find((s) => s.id === stepId);
  return (
    <aside aria-label={step ? 'Facts of the open step' : 'Facts of the piece'} className="min-w-0 px-4 py-3 print:hidden">
      {step ? <OpenStep key={step.id} piece={piece} stepId={step.id} onAddAfter={onAddAfter} /> : <PieceFacts piece={piece} />}
    </aside>
  );
}

function Heading({ children }: { children: ReactNode }) {
  return <h2 className="mt-4 mb-1 border-b border-line pb-1 font-semibold first:mt-0">{children}</h2>;
}

function Row({ what, children }: { what: string; children: ReactNode }) {
  return (
    <div className="flex justify-between gap-3 py-0.5">
      <dt className="text-ink-2">{what}</dt>
      <dd className="text-right font-semibold">{children}</dd>
    </div>
  );
}

function OpenStep({ piece, stepId, onAddAfter }: { piece: Piece; stepId: string; onAddAfter: (stepId: string) => void }) {
  const { outlook } = usePlan();
  const own = usePieceOutlook(piece.id);
  const { data: workshop } = useWorkshopQuery();
  const index = own?.steps.findIndex((s) => s.id === stepId) ?? -1;
  const report = own?.reports[index];
  const step = piece.steps.find((s) => s.id === stepId);
  if (!outlook || !own || !report || !step) return <p className="text-ink-2">Working it out …</p>;
  const { material } = incomingOf(step);
  const mix = mixNeeded(step, piece, workshop?.workshop.dropsPerMl);
  const when = (minute: number) => (Number.isFinite(minute) ? whenWords(outlook.originDate, minute) : 'not in this air');
  const { ripening, takeBack } = report;
  return (
    <>
      <Heading>In the plan</Heading>
      <dl>
        <Row what="starts">
          {own.placed[index] ? (
            <Link className="underline" to={`/evenings?step=${piece.id}/${stepId}`}>
              {when(report.startMin)}
            </Link>
          ) : (
            'no evening found'
          )}
        </Row>
        <Row what="could start">{when(report.earliestMin)}</Row>
        {report.heldUpBy !== null && <Row what="waits for">step {report.heldUpBy + 1}</Row>}
      </dl>
      {mix && (
        <>
          <Heading>Mix for it</Heading>
          <dl>
            <Row what={mix.thinner ? 'paint' : 'neat'}>
              <span className="figures">{formatNumber(mix.paintMl, 2)} ml</span> · <span className="figures">{mix.paintDrops}</span> drops
            </Row>
            {mix.thinner && (
              <Row what={mix.thinner.toLowerCase()}>
                <span className="figures">{formatNumber(mix.thinnerMl, 2)} ml</span>
              </Row>
            )}
          </dl>
          <p className="text-[13px] text-ink-3">From area, cover, film and what stays in cup and brush; rounded up to half a millilitre.</p>
        </>
      )}
      {ripening && (
        <>
          <Heading>While it dries</Heading>
          <dl>
            <Row what="set to touch">{when(ripening.touchMin)}</Row>
            <Row what="next coat from">{when(ripening.recoatFromMin)}</Row>
            <Row what="dry-hard">{when(ripening.dryHardMin)}</Row>
            <Row what="solvent-proof">{when(ripening.solventProofMin)}</Row>
            {report.judgeFromMin !== null && <Row what="do not judge before">{when(report.judgeFromMin)}</Row>}
            {takeBack && (
              <Row what={`take back with ${takeBack.withSolvent === 'spirit' ? 'white spirit' : takeBack.withSolvent}`}>
                {Number.isFinite(takeBack.untilMin) ? `until ${when(takeBack.untilMin)}` : 'until it is sealed'}
              </Row>
            )}
          </dl>
          <p className="text-[13px] text-ink-3">Typical times ({material?.drying?.source}); half of all coats take longer.</p>
        </>
      )}
      {material && material.hazards.length > 0 && (
        <>
          <Heading>Mind</Heading>
          <ul className="list-disc space-y-1 pl-4 text-[13px]">
            {material.hazards.map((hazard) => (
              <li key={hazard}>{CAUTIONS[hazard]}</li>
            ))}
            <li>{DEFER}</li>
          </ul>
        </>
      )}
      <Button
        small
        className="mt-4"
        onClick={() => {
          onAddAfter(stepId);
        }}
      >
        <Plus size={15} aria-hidden="true" /> Add a step after it
      </Button>
    </>
  );
}

function PieceFacts({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  return (
    <>
      <Heading>The piece</Heading>
      <div className="space-y-2">
        <Field label="Note">
          {(ids) => (
            <textarea
              {...ids}
              rows={4}
              className="field"
              maxLength={4000}
              value={piece.note}
              onChange={(event) => {
                dispatch(editorActions.patched({ note: event.target.value }));
              }}
            />
          )}
        </Field>
        <Field label="Done by">
          {(ids) => (
            <input
              {...ids}
              type="date"
              className="field figures"
              value={piece.doneBy ?? ''}
              onChange={(event) => {
                dispatch(editorActions.patched({ doneBy: event.target.value || null }));
              }}
            />
          )}
        </Field>
        <Field label="Sheen wanted">
          {(ids) => (
            <select
              {...ids}
              className="field"
              value={piece.sheenWanted}
              onChange={(event) => {
                dispatch(editorActions.patched({ sheenWanted: event.target.value as Piece['sheenWanted'] }));
              }}
            >
              <option value="matt">matt</option>
              <option value="satin">satin</option>
              <option value="gloss">gloss</option>
            </select>
          )}
        </Field>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={piece.handled}
            onChange={(event) => {
              dispatch(editorActions.patched({ handled: event.target.checked }));
            }}
          />{' '}
          will be handled
        </label>
      </div>
      <Heading>Zones</Heading>
      <dl>
        {piece.zones.map((zone) => (
          <Row key={zone.id} what={zone.name}>
            <span className="figures font-normal">
              {zone.keepClean ? 'keep clean' : `${formatNumber(zone.areaMm2 / MM2_PER_CM2, 1)} cm²`}
            </span>
          </Row>
        ))}
      </dl>
      <p className="mt-4 text-[13px] text-ink-3">
        Open a step to change it. Alt with ↑ or ↓ moves it, Delete takes it out, Control Z takes back.
      </p>
    </>
  );
}
