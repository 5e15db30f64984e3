import type { Workshop } from '@eveningtide/core/schedule';
import { Question } from './question.js';

/** What there is to paint with, and how base coats are laid then. */
const TOOLS = [
  { id: 'brush', name: 'Brushes only', tells: 'Nothing is sprayed.', airbrush: false, cans: false, base: 'brush' },
  { id: 'cans', name: 'Brushes and cans', tells: 'Primer and clear from a can.', airbrush: false, cans: true, base: 'brush' },
  {
    id: 'airbrush',
    name: 'An airbrush too',
    tells: 'Thin even coats; its cleaning is planned in.',
    airbrush: true,
    cans: true,
    base: 'airbrush',
  },
] as const;

export function ToolsQuestion({ workshop, onChange }: { workshop: Workshop; onChange: (given: Partial<Workshop>) => void }) {
  const { equipment, schools } = workshop;
  const now = equipment.airbrush ? 'airbrush' : equipment.cans ? 'cans' : 'brush';
  return (
    <Question number={2} title="What do you paint with?">
      {TOOLS.map(({ id, name, tells, airbrush, cans, base }) => (
        <label key={id} className="mb-1 flex min-h-6 cursor-pointer items-start gap-2">
          <input
            type="radio"
            name="tools"
            className="mt-1"
            aria-label={name}
            checked={now === id}
            onChange={() => {
              onChange({ equipment: { ...equipment, airbrush, cans }, schools: { ...schools, base } });
            }}
          />
          <span>
            <span className="font-semibold">{name}</span>
            <span className="block text-[0.8125rem] text-ink-2">{tells}</span>
          </span>
        </label>
      ))}
    </Question>
  );
}
