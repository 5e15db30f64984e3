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
import { Section } from './section.js';
import { useWorkshop, type WorkshopEditor } from './use-workshop.js';

const STATES: Record<WorkshopEditor['state'], string> = {
  saved: 'All saved',
  unsaved: 'Not saved yet …',
  failed: 'Not saved',
  offline: 'Not saved; kept here, trying again',
  waiting: 'Not saved: look at the evenings',
};

/** The place everything is planned for. */
export function WorkshopView() {
  const { workshop, state, trouble, change, isError, retry } = useWorkshop();
  if (isError && !workshop) return <Failed what="the workshop" onRetry={retry} />;
  if (!workshop) return <Loading what="the workshop" />;
  const props = { workshop, change };
  return (
    <main className="@container p-4">
      <header className="mb-3 flex items-baseline justify-between gap-4">
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
      <div className="columns-1 gap-4 @min-[56rem]:columns-2">
        <Section title="Evenings" note="The plan uses these hours and nothing else.">
          <EveningsForm weekly={workshop.weekly} dates={workshop.dates} onChange={change} />
        </Section>
        <AirSection {...props} />
        <DevicesSection />
        <ScreensSection />
        <DaylightSection {...props} />
        <EquipmentSection {...props} />
        <DroppersSection {...props} />
        <MeasuringSection {...props} />
        <DisplaySection {...props} />
        <SchoolsSection {...props} />
        <BackupsSection />
      </div>
    </main>
  );
}
