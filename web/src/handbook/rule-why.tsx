import { ruleById } from '@eveningtide/core/sequence';
import { Link } from 'react-router';

/** Why a rule speaks, beside the step that it speaks of. */
export function RuleWhy({ rule }: { rule: string }) {
  const { why, source } = ruleById(rule);
  return (
    <p className="no-print mt-1 ml-6 max-w-prose text-[0.875rem]">
      {why} <span className="text-ink-3">Source: {source}.</span>{' '}
      <Link to={`/handbook/rules/${rule}`} className="underline">
        With examples
      </Link>
    </p>
  );
}
