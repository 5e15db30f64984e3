import { cutListFacts, stripsToBuy } from '@eveningtide/core/cutting';
import { expose } from 'comlink';

/** The fewest strips may take a while to be proven: in a thread of its own. */
const service = { cutListFacts, stripsToBuy };
export type CuttingService = typeof service;
expose(service);
