import { formatMinutes } from '@eveningtide/core/units';
import type { Binding } from '@eveningtide/core/solver';

/** Why a step does not begin earlier, in words. `step` tells an operation, `when` a minute. */
export function whyWords(binding: Binding, step: (id: string) => string, when: (minute: number) => string): string {
  switch (binding.kind) {
    case 'now':
      return 'It is the first thing to do: nothing is planned before now.';
    case 'released':
      return `What is done on it already is ready at ${when(binding.untilMin)}.`;
    case 'pinned':
      return 'It is pinned to this time.';
    case 'follows':
      return binding.waitMin > 0
        ? `It follows ${step(binding.by)} after the wait of ${formatMinutes(binding.waitMin)} that is wanted, so not before ${when(binding.untilMin)}.`
        : `It follows ${step(binding.by)}, which is done at ${when(binding.untilMin)}.`;
    case 'dries':
      return `What lies below, ${step(binding.by)}, is ready at ${when(binding.untilMin)}.`;
    case 'busy':
      return binding.by === null
        ? `The airbrush is being cleaned until ${when(binding.untilMin)}.`
        : `Your hands are busy with ${step(binding.by)} until ${when(binding.untilMin)}.`;
    case 'evening':
      return `It could go on from ${when(binding.untilMin)}, but no evening before this one has room for it.`;
    case 'daylight':
      return `It waits for daylight, from ${when(binding.untilMin)}.`;
    case 'closes':
      return `At ${when(binding.couldMin)} there would be room, but then the window for ${step(binding.by)} would be closed when its turn comes.`;
    case 'room':
      return 'Where it dries there is no room before.';
    case 'chosen':
      return `It could begin at ${when(binding.couldMin)}. The plan as a whole is better, or no worse, with it here.`;
  }
}
