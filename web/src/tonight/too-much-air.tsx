import type { CautionCard, TooMuch } from '@eveningtide/core/safety';
import { formatNumber } from '@eveningtide/core/units';

/** What the least that can be in the air is more than. */
const LIMITS: Record<Exclude<TooMuch['of'], 'explosive'>, string> = {
  short: 'what may be breathed for a quarter of an hour',
  day: 'what may be breathed on a working day',
  'strictest-day': 'the strictest common limit for a working day',
};

/** The share is of a tenth of what can explode. */
const PCT_OF_A_TENTH = 10;

function worstWords({ of, share }: TooMuch): string {
  if (of === 'explosive')
    return `what is sprayed and dries this evening fills the air to at least ${formatNumber(share * PCT_OF_A_TENTH, 0)} % of what a spark can set off. Nobody works above 10 %.`;
  return `what is sprayed and dries this evening is at least ${formatNumber(share, share < 10 ? 1 : 0)} times ${LIMITS[of]}.`;
}

/** Said before everything else: what stands in the air is more than it may be, even if the room is well mixed. */
export function TooMuchAir({ card }: { card: CautionCard }) {
  const [worst] = card.tooMuch;
  if (!worst) return null;
  return (
    <p className="mt-3 border-2 border-brick px-4 py-2 text-lg font-bold text-brick print:text-sheet">
      {card.notInThisRoom ? 'Not in this room: ' : 'More air: '}
      {worstWords(worst)}{' '}
      <span className="font-normal">
        {card.notInThisRoom
          ? 'Spray outside or in a booth that blows to the open air, or on several evenings.'
          : 'Open windows on two sides, draw the air off to the open, or spray on several evenings.'}
      </span>
    </p>
  );
}
