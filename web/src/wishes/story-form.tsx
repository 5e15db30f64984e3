import { REGION_NAMES } from '@eveningtide/core/effects';
import {
  DISTANCES,
  ERAS,
  REGIONS,
  UPKEEPS,
  type Distance,
  type Era,
  type PieceKind,
  type Story,
  type Upkeep,
} from '@eveningtide/core/subjects';
import { Check } from '../ui/check.js';
import { NumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';

const ERA_NAMES: Record<Era, string> = { steam: 'Steam', diesel: 'Diesel', modern: 'Modern' };
/** The same times, where no engine is meant. */
const TIME_NAMES: Record<Era, string> = { steam: 'Coal and steam', diesel: 'Oil and lorries', modern: 'Today' };
/** What is asked of a story, in the words of what it is of. */
const WORDS: Record<PieceKind, { where: string; era: string; eras: Record<Era, string>; years: string }> = {
  'rolling-stock': { where: 'Where it runs', era: 'Era', eras: ERA_NAMES, years: 'Years since it was painted' },
  vehicle: { where: 'Where it is driven', era: 'Time', eras: TIME_NAMES, years: 'Years since it was painted' },
  load: { where: 'Where it comes from', era: 'Time', eras: TIME_NAMES, years: 'Years it has lain' },
  structure: { where: 'Where it stands', era: 'Time', eras: TIME_NAMES, years: 'Years it has stood' },
  ground: { where: 'Where it lies', era: 'Time', eras: TIME_NAMES, years: 'Years it has been like that' },
};
const UPKEEP_NAMES: Record<Upkeep, string> = { 'cared-for': 'Cared for', usual: 'As usual', neglected: 'Neglected' };
const DISTANCE_NAMES: Record<Distance, string> = { hand: 'a hand’s breadth', metre: 'a metre', room: 'across the room' };

const named = <Id extends string>(ids: readonly Id[], names: Record<Id, string>) => ids.map((id) => ({ id, name: names[id] }));

/** Where the real thing is and how it is kept. */
export function StoryForm({ kind, story, onChange }: { kind: PieceKind; story: Story; onChange: (story: Story) => void }) {
  const words = WORDS[kind];
  const set = (given: Partial<Story>) => {
    onChange({ ...story, ...given });
  };
  return (
    <div role="group" aria-label="Story" className="grid grid-cols-6 gap-2">
      <SelectField
        label={words.where}
        className="col-span-4"
        value={story.region}
        options={named(REGIONS, REGION_NAMES)}
        onChange={(region) => {
          set({ region });
        }}
      />
      <SelectField
        label={words.era}
        className="col-span-2"
        value={story.era}
        options={named(ERAS, words.eras)}
        onChange={(era) => {
          set({ era });
        }}
      />
      <NumberField
        label={words.years}
        className="col-span-2"
        value={story.ageYears}
        min={0}
        max={200}
        optional={false}
        onChange={(ageYears) => {
          set({ ageYears: ageYears ?? 0 });
        }}
      />
      <SelectField
        label="Upkeep"
        className="col-span-2"
        value={story.upkeep}
        options={named(UPKEEPS, UPKEEP_NAMES)}
        onChange={(upkeep) => {
          set({ upkeep });
        }}
      />
      <SelectField
        label="Seen from"
        className="col-span-2"
        value={story.seenFrom}
        options={named(DISTANCES, DISTANCE_NAMES)}
        onChange={(seenFrom) => {
          set({ seenFrom });
        }}
      />
      <Check
        className="col-span-6"
        checked={story.camera}
        onChange={(camera) => {
          set({ camera });
        }}
      >
        for the camera: stronger contrast
      </Check>
    </div>
  );
}
