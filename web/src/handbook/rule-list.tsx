import { RULES, SEVERITIES, type Severity } from '@eveningtide/core/sequence';
import type { RuleSetting, Workshop } from '@eveningtide/core/schedule';
import { useState } from 'react';
import { Link } from 'react-router';
import { foundBy } from '../find/find.js';
import { SearchField } from '../ui/search-field.js';
import { Failed, Loading } from '../ui/states.js';
import { useWorkshop } from '../workshop/use-workshop.js';

export const SEVERITY_NAMES: Record<Severity | 'off' | 'judged', string> = {
  judged: 'default',
  snag: 'always a snag',
  caution: 'always a caution',
  hint: 'only a hint',
  off: 'off',
};

/** How serious a rule is taken; null is as judged. */
export function withSetting(rules: Workshop['rules'], rule: string, severity: RuleSetting['severity'] | null): Workshop['rules'] {
  const others = rules.filter((setting) => setting.rule !== rule);
  return severity === null ? others : [...others, { rule, severity }];
}

/** All rules; one that is taken otherwise on this bench says so. */
export function RuleList() {
  const { workshop, isError, retry } = useWorkshop();
  const [text, setText] = useState('');
  if (isError && !workshop) return <Failed what="the rules’ settings" onRetry={retry} />;
  if (!workshop) return <Loading what="the rules’ settings" />;
  const found = foundBy(text, RULES, ({ title, why }) => ({ name: title, text: why }));
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the rules" text={text} onChange={setText} />
      <p className="mb-2 text-[0.8125rem] text-ink-2">
        Press a rule for its reason, two examples, and how serious it is taken on this bench.
      </p>
      {found.length === 0 && <p className="text-ink-2">No rule has such a word.</p>}
      <ul className="columns-1 gap-8 min-[64rem]:columns-2">
        {found.map(({ id, title, why }) => {
          const own = workshop.rules.find(({ rule }) => rule === id)?.severity;
          return (
            <li key={id} className="break-inside-avoid border-b border-line py-1.5">
              <Link
                to={`/handbook/rules/${id}`}
                className="font-semibold underline decoration-line-strong underline-offset-2 hover:decoration-ink"
              >
                {title}
              </Link>
              {own && <span className="ml-2 border border-ink px-1 text-[0.8125rem]">{SEVERITY_NAMES[own]}</span>}
              <span className="line-clamp-2 text-[0.8125rem] text-ink-2">{why}</span>
            </li>
          );
        })}
      </ul>
    </>
  );
}

export function SeveritySelect({
  title,
  value,
  onChange,
}: {
  title: string;
  value: RuleSetting['severity'] | null;
  onChange: (severity: RuleSetting['severity'] | null) => void;
}) {
  return (
    <select
      aria-label={`How serious: ${title}`}
      className="field"
      value={value ?? 'judged'}
      onChange={(event) => {
        onChange(event.target.value === 'judged' ? null : (event.target.value as RuleSetting['severity']));
      }}
    >
      {(['judged', ...SEVERITIES, 'off'] as const).map((id) => (
        <option key={id} value={id}>
          {SEVERITY_NAMES[id]}
        </option>
      ))}
    </select>
  );
}
