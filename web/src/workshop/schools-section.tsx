import { SCHOOLS, SCHOOL_IDS, type SchoolId } from '@eveningtide/core/techniques';
import { Section, type SectionProps } from './section.js';

/** Where painters disagree: each way with its difference, and why the default is the default. */
export function SchoolsSection({ workshop: { schools }, change }: SectionProps) {
  return (
    <Section
      title="Your way"
      note="Painters disagree; each way has its price. Fixes, new steps and arranged orders follow yours; a wish can still be done another way."
    >
      {SCHOOL_IDS.map((id) => (
        <School
          key={id}
          id={id}
          chosen={schools[id]}
          onChange={(choice) => {
            change({ schools: { ...schools, [id]: choice } });
          }}
        />
      ))}
    </Section>
  );
}

function School({ id, chosen, onChange }: { id: SchoolId; chosen: string; onChange: (choice: string) => void }) {
  const { question, choices, usual, why } = SCHOOLS[id];
  return (
    <details className="group border-t border-line py-1.5">
      <summary className="flex list-none justify-between gap-3 [&::-webkit-details-marker]:hidden">
        <span className="before:mr-1.5 before:inline-block before:text-ink-3 before:content-['▸'] group-open:before:rotate-90">
          {question}
        </span>
        <b className="font-semibold">{choices.find((choice) => choice.id === chosen)?.name}</b>
      </summary>
      <fieldset className="mt-1 pl-4">
        <legend className="sr-only">{question}</legend>
        {choices.map((choice) => (
          <label key={choice.id} className="flex items-start gap-2 py-0.5">
            <input
              type="radio"
              name={id}
              className="mt-1"
              checked={choice.id === chosen}
              onChange={() => {
                onChange(choice.id);
              }}
            />
            <span>
              <b className="font-semibold">{choice.name}.</b> {choice.difference}
            </span>
          </label>
        ))}
        <p className="text-[0.8125rem] text-ink-3">
          Default: {choices.find((choice) => choice.id === usual)?.name.toLowerCase()}. {why}
        </p>
      </fieldset>
    </details>
  );
}
