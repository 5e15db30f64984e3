import { REGION_NAMES } from '@eveningtide/core/effects';
import { DISTANCES, ERAS, REGIONS, UPKEEPS, type Distance, type Era, type Story, type Upkeep } from '@eveningtide/core/subjects';
import { Check } from '../ui/check.js';
import { NumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';

const ERA_NAMES: Record<Era, string> = { steam: 'Steam', diesel: 'Diesel', modern: 'Modern' };
const UPKEEP_NAMES: Record<Upkeep, string> = { 'cared-for': 'Cared for', usual: 'As usual', neglected: 'Neglected' };
const DISTANCE_NAMES: Record<Distance, string> = { hand: 'a hand’s breadth', metre: 'a metre', room: 'across the room' };

const named = <Id extends string>(ids: readonly Id[], names: Record<Id, string>) => ids.map((id) => ({ id, name: names[id] }));

/** Where the prototype stands and how it is kept. */
export function StoryForm({ story, onChange }: { story: Story; onChange: (story: Story) => void }) {
  const set = (given: Partial<Story>) => {
    onChange({ ...story, ...given });
  };
  return (
    <div role="group" aria-label="Story" className="grid grid-cols-6 gap-2">
      <SelectField
        label="Where it runs or stands"
        className="col-span-4"
        value={story.region}
        options={named(REGIONS, REGION_NAMES)}
        onChange={(region) => {
          set({ region });
        }}
      />
      <SelectField
        label="Era"
        className="col-span-2"
        value={story.era}
        options={named(ERAS, ERA_NAMES)}
        onChange={(era) => {
          set({ era });
        }}
      />
      <NumberField
        label="Years since it was painted"
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
