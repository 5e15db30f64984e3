import { arrange, type Arrangement, type ArrangeProblem } from '@eveningtide/core/arrange';
import { suppliesOf, type Shelf } from '@eveningtide/core/materials';
import { expose } from 'comlink';

/** The problem as it can be sent from the page: the shelf as plain data. */
export type SentProblem = Omit<ArrangeProblem, 'supplies'> & { shelf: Shelf };

/** Orders are looked for in a thread of its own, so that neither the page nor the plan waits. */
const service = {
  arrange: ({ shelf, ...problem }: SentProblem): Arrangement => arrange({ ...problem, supplies: suppliesOf(shelf) }),
};
export type ArrangeService = typeof service;
expose(service);
