import type { ComponentType } from 'react';
import { Link } from 'react-router';
import { Failed, Loading } from '../ui/states.js';
import { AirSection } from './air-section.js';
import { BackupsSection } from './backups-section.js';
import { DaylightSection } from './daylight-section.js';
import { DevicesSection } from './devices-section.js';
import { DisplaySection } from './display-section.js';
import { DroppersSection } from './droppers-section.js';
import { EquipmentSection } from './equipment-section.js';
import { EveningsForm } from './evenings-form.js';
import { ScreensSection } from './screens-section.js';
import { SchoolsSection } from './schools-section.js';
import { MeasuringSection } from './measuring-section.js';
import { PedalSection } from './pedal-section.js';
import { Section, SectionGroup, type SectionProps } from './section.js';
import { useWorkshop, type WorkshopEditor } from './use-workshop.js';

const STATES: Record<WorkshopEditor['state'], string> = {
  saved: 'All saved',
  unsaved: 'Not saved yet …',
  failed: 'Not saved',
  offline: 'Not saved; kept here, trying again',
  waiting: 'Not saved: look at the evenings',
};

function EveningsSection({ workshop: { weekly, dates }, change }: SectionProps) {
  return (
    <Section title="Evenings" note="The plan uses these hours and nothing else.">
      <EveningsForm weekly={weekly} dates={dates} onChange={change} />
    </Section>
  );
}

/** What is told of the place, in the order in which somebody new would tell it. */
const GROUPS: readonly { id: string; title: string; sections: readonly ComponentType<SectionProps>[] }[] = [
  { id: 'when', title: 'When, and in what air', sections: [EveningsSection, AirSection, DaylightSection] },
  { id: 'bench', title: 'The bench', sections: [EquipmentSection, DroppersSection, MeasuringSection] },
  { id: 'habits', title: 'How you like it', sections: [DisplaySection, PedalSection, SchoolsSection] },
  { id: 'machine', title: 'Screens, devices, backups', sections: [ScreensSection, DevicesSection, BackupsSection] },
];

/** The place everything is planned for. */
export function WorkshopView() {
  const { workshop, state, trouble, change, isError, retry } = useWorkshop();
  if (isError && !workshop) return <Failed what="the workshop" onRetry={retry} />;
  if (!workshop) return <Loading what="the workshop" />;
  const props = { workshop, change };
  return (
    <main className="@container p-4">
      <header className="mb-1 flex items-baseline justify-between gap-4">
        <h1 className="text-[1.6875rem] leading-8 font-bold">Workshop</h1>
        <Link to="/begin" className="mr-auto underline">
          First steps
        </Link>
        <p
          role="status"
          className={`text-[0.8125rem] ${state === 'saved' || state === 'unsaved' ? 'text-ink-2' : 'font-semibold text-brick'}`}
        >
          {STATES[state]}
          {state === 'offline' && trouble !== null ? `: ${trouble}` : ''}
        </p>
      </header>
      <nav aria-label="Parts of the workshop" className="flex flex-wrap gap-x-5">
        {GROUPS.map(({ id, title }) => (
          <a key={id} href={`#${id}`} className="inline-flex min-h-9 items-center underline decoration-line-strong underline-offset-4">
            {title}
          </a>
        ))}
      </nav>
      {GROUPS.map(({ id, title, sections }) => (
        <SectionGroup key={id} id={id} title={title}>
          {sections.map((Part, i) => (
            <Part key={i} {...props} />
          ))}
        </SectionGroup>
      ))}
    </main>
  );
}
