import type { Finding, Severity } from '@eveningtide/core/sequence';
import { Info, OctagonAlert, TriangleAlert } from 'lucide-react';

/** How each severity is told: by word and shape, not by colour alone. */
export const SEVERITY_LOOKS = {
  snag: { word: 'Snag', Icon: OctagonAlert, frame: 'border-brick', text: 'text-brick' },
  caution: { word: 'Caution', Icon: TriangleAlert, frame: 'border-ink-2', text: 'text-ink' },
  hint: { word: 'Hint', Icon: Info, frame: 'border-line-strong', text: 'text-ink-2' },
} as const satisfies Record<Severity, unknown>;

/** What is open at a step, in words, wherever the step is met; at the bench large enough to be read from a stool. */
export function OpenFindings({ findings, size = 'card' }: { findings: readonly Finding[]; size?: 'bench' | 'card' }) {
  if (findings.length === 0) return null;
  const isLarge = size === 'bench';
  return (
    <ul aria-label="Open at this step" className={isLarge ? 'mx-6 mt-3 space-y-2' : 'mt-0.5 space-y-0.5'}>
      {findings.map((finding) => {
        const { word, Icon, frame, text } = SEVERITY_LOOKS[finding.severity];
        return (
          <li
            key={`${finding.rule} ${String(finding.causeIndex)} ${finding.zones.join(' ')}`}
            className={`flex items-start gap-2 border-l-4 pl-2 ${frame} ${isLarge ? 'bg-paper px-4 py-2 text-[1.375rem] leading-8' : ''}`}
          >
            <Icon size={isLarge ? 28 : 15} aria-hidden="true" className={`mt-0.5 shrink-0 ${text}`} />
            <span>
              <b className={text}>{word}:</b> {finding.message}{' '}
              <span className={isLarge ? 'text-lg text-ink-2' : 'text-[0.8125rem] text-ink-2'}>{finding.evidence}</span>
            </span>
          </li>
        );
      })}
    </ul>
  );
}
