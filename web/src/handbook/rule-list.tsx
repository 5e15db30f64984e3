import { RULES, SEVERITIES, type Severity } from '@eveningtide/core/sequence';
import type { RuleSetting, Workshop } from '@eveningtide/core/schedule';
import { Link } from 'react-router';
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

/** All rules, each with how serious it is taken on this bench. */
export function RuleList() {
  const { workshop, change, isError, retry } = useWorkshop();
  if (isError && !workshop) return <Failed what="the rules’ settings" onRetry={retry} />;
  if (!workshop) return <Loading what="the rules’ settings" />;
  return (
    <ul className="columns-1 gap-6 min-[64rem]:columns-2">
      {RULES.map((rule) => (
        <li
          key={rule.id}
          className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_9.5rem] items-center gap-3 border-b border-line py-1.5"
        >
          <span>
            <Link
              to={`/handbook/rules/${rule.id}`}
              className="font-semibold underline decoration-line-strong underline-offset-2 hover:decoration-ink"
            >
              {rule.title}
            </Link>
            <span className="line-clamp-2 text-[0.8125rem] text-ink-2">{rule.why}</span>
          </span>
          <SeveritySelect
            title={rule.title}
            value={workshop.rules.find((setting) => setting.rule === rule.id)?.severity ?? null}
            onChange={(severity) => {
              change({ rules: withSetting(workshop.rules, rule.id, severity) });
            }}
          />
        </li>
      ))}
    </ul>
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
