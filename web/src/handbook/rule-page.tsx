import { formatDilution } from '@eveningtide/core/mixing';
import { RULES, checkWithFixes, exampleProblem, incomingOf, stepPaint, type Example } from '@eveningtide/core/sequence';
import { CATALOGUE } from '@eveningtide/core/materials';
import type { Step } from '@eveningtide/core/subjects';
import { ArrowLeft } from 'lucide-react';
import { seenExamples } from '@eveningtide/core/surface';
import { useMemo, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { ExampleLook } from './example-look.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useWorkshop } from '../workshop/use-workshop.js';
import { SeveritySelect, withSetting } from './rule-list.js';

/** What a rule says, why, and two sequences that show it: one where it speaks, one where it is silent. */
export function RulePage() {
  const { ruleId } = useParams();
  const rule = RULES.find(({ id }) => id === ruleId);
  const { workshop, change } = useWorkshop();
  const seen = useMemo(() => (rule ? seenExamples(rule) : null), [rule]);
  if (!rule) return <Empty title="There is no such rule">Its name may have changed. The handbook lists all of them.</Empty>;
  return (
    <main className="max-w-5xl p-4">
      <Link to="/handbook" className="flex items-center gap-1.5 text-[0.8125rem] underline">
        <ArrowLeft size={14} aria-hidden="true" /> All rules
      </Link>
      <h1 className="mt-1 text-[1.6875rem] leading-8 font-bold">{rule.title}</h1>
      <p className="mt-2 max-w-prose">{rule.why}</p>
      <p className="mt-1 text-[0.8125rem] text-ink-3">Source: {rule.source}.</p>
      {workshop && (
        <div className="mt-3 flex items-center gap-3">
          <span>On this bench it is taken</span>
          <span className="w-40">
            <SeveritySelect
              title={rule.title}
              value={workshop.rules.find((setting) => setting.rule === rule.id)?.severity ?? null}
              onChange={(severity) => {
                change({ rules: withSetting(workshop.rules, rule.id, severity) });
              }}
            />
          </span>
        </div>
      )}
      <div className="mt-4 grid gap-4 min-[56rem]:grid-cols-2">
        <ExampleCard title="Here it warns" ruleId={rule.id} example={rule.examples.fires}>
          {seen && <ExampleLook name="warns" example={rule.examples.fires} seen={seen.fires} />}
        </ExampleCard>
        <ExampleCard title="Here it stays quiet" ruleId={rule.id} example={rule.examples.silent}>
          {seen && <ExampleLook name="quiet" example={rule.examples.silent} seen={seen.silent} />}
        </ExampleCard>
      </div>
      <p className="mt-3 text-[0.8125rem] text-ink-3">The examples are the rule’s own tests, checked as you read them.</p>
    </main>
  );
}

function ExampleCard({ title, ruleId, example, children }: { title: string; ruleId: string; example: Example; children: ReactNode }) {
  const { problem, findings } = useMemo(() => {
    const problem = exampleProblem(example);
    return { problem, findings: checkWithFixes(problem).findings.filter(({ rule }) => rule === ruleId) };
  }, [example, ruleId]);
  return (
    <section aria-label={title} className="border border-line-strong bg-paper">
      <h2 className="border-b border-line px-3 py-1.5 font-semibold">{title}</h2>
      <Piece example={example} />
      {children}
      <ol>
        {problem.steps.map((step, i) => (
          <li key={step.id} className="border-b border-line px-3 py-1.5 last:border-0">
            {findings
              .filter(({ stepIndex }) => stepIndex === i)
              .map((finding) => (
                <div key={finding.message} className="mb-1 border-l-4 border-brick pl-2">
                  <p>
                    <b>{finding.severity === 'snag' ? 'Snag' : finding.severity === 'caution' ? 'Caution' : 'Hint'}:</b> {finding.message}{' '}
                    <span className="text-[0.8125rem] text-ink-2">{finding.evidence}</span>
                  </p>
                  {finding.fixes.length > 0 && (
                    <p className="text-[0.8125rem] text-ink-2">What helps: {finding.fixes.map(({ label }) => label).join(' · ')}</p>
                  )}
                </div>
              ))}
            <ExampleStep step={step} number={i + 1} startMin={example.steps[i]?.[2]?.startMin} />
          </li>
        ))}
      </ol>
      {findings.length === 0 && <p className="px-3 py-1.5 text-tide">No problems found.</p>}
    </section>
  );
}

/** What the example is done on, where that matters. */
function Piece({ example: { on, air } }: { example: Example }) {
  const told = [
    ...(on?.substrate ? [`on ${on.substrate}`] : []),
    ...(on?.startSheen ? [`${on.startSheen} to begin with`] : []),
    ...(on?.keepClean ? [`with ${on.keepClean.join(', ')}`] : []),
    ...(on?.handled ? ['a piece that is handled'] : []),
    ...(on?.company ? [`${String(on.company.models)} pieces, ${on.company.likeness === 'alike' ? 'all alike' : 'each its own'}`] : []),
    ...(air ? [`at ${String(air.tempC)} °C, ${String(air.rhPct)} %RH`] : []),
  ];
  return told.length > 0 ? (
    <p className="border-b border-line px-3 py-1 text-[0.8125rem] text-ink-2">{told.join(', ').replaceAll('-', ' ')}</p>
  ) : null;
}

function ExampleStep({ step, number, startMin }: { step: Step; number: number; startMin: number | undefined }) {
  const { technique, coverPct, material } = incomingOf(step, CATALOGUE);
  const paint = stepPaint(step, CATALOGUE);
  return (
    <p className="flex flex-wrap items-baseline gap-x-2">
      <span className="figures text-ink-2">{number}</span>
      <b className="font-semibold">{technique.name}</b>
      {step.coats > 1 && <span className="figures">× {step.coats}</span>}
      {paint && (
        <span className="flex items-center gap-1.5">
          <Swatch colour={paint.colour} size={11} /> {paint.name}
        </span>
      )}
      {step.dilution && <span className="text-[0.8125rem]">{formatDilution(step.dilution)}</span>}
      <span className="text-[0.8125rem] text-ink-2">
        {step.zones.join(', ')}
        {material && coverPct < 100 ? `, ${String(coverPct)} %` : ''}
        {step.allowance !== null && `, put on ${String(step.allowance)} times as strong`}
        {step.source !== null && `, from ${step.source}`}
        {startMin !== undefined && `, at minute ${String(startMin)}`}
      </span>
    </p>
  );
}
