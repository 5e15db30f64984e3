import { ARRANGED } from '../subjects/index.js';
import { sprays } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import type { Block } from './blocks.js';
import type { Precedence } from './order.js';
import type { Setting } from './path.js';
import type { Found } from './search.js';

/** One line for one decision. */
export interface Reason {
  stepId: string;
  kind: 'own' | 'wish' | 'seal' | 'mask' | 'gate' | 'stronger' | 'clean' | 'moved';
  text: string;
}

/** A coat or fix that the arranger put in; masks, parts and cleaning are told by themselves. */
const isHelper = ({ technique, fromWish }: Step): boolean =>
  fromWish === ARRANGED && ['film', 'tint'].includes(techniqueById(technique).effect);

/** The last block before it that it had to come after, and why. */
function afterWhat(order: readonly number[], at: number, blocks: readonly Block[], precedences: readonly Precedence[]): string {
  const here = order[at];
  for (let i = at - 1; i >= 0; i--) {
    const found = precedences.find(({ before, after }) => after === here && before === order[i]);
    const block = blocks[order[i] ?? -1];
    if (found && block && found.why !== 'Done already.') return ` After ${block.name.toLowerCase()}: ${found.why}`;
  }
  return '';
}

function blockReasons(found: Found, blocks: readonly Block[], precedences: readonly Precedence[]): Reason[] {
  return found.order.flatMap((index, at): Reason[] => {
    const block = blocks[index];
    const first = block?.steps[0];
    if (!block || !first) return [];
    const turned =
      block.ownRank !== null && found.order.slice(0, at).some((other) => (blocks[other]?.ownRank ?? -1) > (block.ownRank ?? 0));
    const text = `${block.why}${block.done ? '' : afterWhat(found.order, at, blocks, precedences)}`;
    return [{ stepId: first.id, kind: turned ? 'moved' : block.ownRank === null ? 'wish' : 'own', text }];
  });
}

function helperReasons(found: Found, blocks: readonly Block[]): Reason[] {
  const steps = found.steps.filter(isHelper);
  return found.helpers.flatMap(({ helper, block, instead }, i): Reason[] => {
    const step = steps[i];
    if (!step) return [];
    const next = block === null ? 'at the end' : `before ${blocks[block]?.name.toLowerCase() ?? 'the next step'}`;
    const without = instead ? ` Without it: ${instead.message}` : ' It saves a coat later.';
    return [{ stepId: step.id, kind: 'seal', text: `${helper.does} ${next}.${without}` }];
  });
}

/** What the steps themselves tell: masks, gates, powder put on stronger, clean treads. */
function stepReasons(steps: readonly Step[], setting: Setting): Reason[] {
  const { supplies, subject } = setting;
  return steps.flatMap((step, at): Reason[] => {
    const out: Reason[] = [];
    if (step.technique === 'mask' && step.fromWish === ARRANGED) {
      const spray = steps.findIndex((other, i) => i > at && subject.keepClean.some((place) => sprays(other, subject, place, supplies)));
      out.push({
        stepId: step.id,
        kind: 'mask',
        text: `Covered before the spray of step ${String(spray + 1)}; what must stay clean lies open there.`,
      });
    }
    if (step.technique === 'unmask' && step.fromWish === ARRANGED)
      out.push({ stepId: step.id, kind: 'mask', text: 'Off again at once: left for days, tape takes paint with it.' });
    if (step.technique === 'take-off' && step.fromWish === ARRANGED)
      out.push({ stepId: step.id, kind: 'mask', text: 'It comes out once for all sprays: quicker and cleaner than tape each time.' });
    if (step.technique === 'refit' && step.fromWish === ARRANGED)
      out.push({ stepId: step.id, kind: 'mask', text: 'Back in when nothing more is laid on.' });
    if (step.technique === 'clean-treads' && step.fromWish === ARRANGED)
      out.push({ stepId: step.id, kind: 'clean', text: 'Spray reached the treads: they are cleaned when nothing more is put on.' });
    if (step.technique === 'clean' && step.fromWish === ARRANGED)
      out.push({ stepId: step.id, kind: 'clean', text: 'Grease and release agent come off before the first coat.' });
    if ((step.allowance ?? 1) > 1 && step.fromWish !== null)
      out.push({
        stepId: step.id,
        kind: 'stronger',
        text: `Put on ${String(step.allowance)} times as strong: the coat over it takes that much away.`,
      });
    if (step.gate !== null && step.fromWish !== null)
      out.push({ stepId: step.id, kind: 'gate', text: 'A look here pays: what follows seals it for good, or closes a window.' });
    return out;
  });
}

/** One line of reason per decision, in the order of the steps. */
export function reasonsFor(found: Found, blocks: readonly Block[], precedences: readonly Precedence[], setting: Setting): Reason[] {
  const all = [...blockReasons(found, blocks, precedences), ...helperReasons(found, blocks), ...stepReasons(found.steps, setting)];
  const seen = new Set<string>();
  return found.steps.flatMap(({ id }) =>
    all.filter((reason) => {
      const key = `${reason.stepId}:${reason.text}`;
      if (reason.stepId !== id || seen.has(key)) return false;
      seen.add(key);
      return true;
    }),
  );
}
