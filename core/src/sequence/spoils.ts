/**
 * What is seen on a surface where a rule was right: each is drawn, by a file of its own (`surface/faults`). Put in words
 * for who cannot see it.
 */
export const SPOILS = {
  lifted: 'paint below comes up and is dragged about',
  wrinkled: 'the coat wrinkles',
  cracked: 'the film cracks',
  blushed: 'the coat turns white in clouds',
  fogged: 'clear parts turn milky',
  slid: 'powder falls off again, but for what lies in grooves and on ledges',
  unopened: 'no chips come; the paint is only scuffed',
  printed: 'what pressed on it is printed into the soft coat',
  pulled: 'tape takes paint along',
  silvered: 'air under the decal shines like silver',
  warped: 'the card bows',
  melted: 'the ground melts away in pits',
  spat: 'the coat lies in drops and pebbles',
} as const;

export type Spoil = keyof typeof SPOILS;

/** What a step spoils on a zone. */
export interface Spoilt {
  spoil: Spoil;
  /** The step whose layer comes to harm; null where none does. */
  causeIndex: number | null;
}
