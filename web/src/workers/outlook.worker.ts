import { planPieces } from '@eveningtide/core/schedule';
import { expose } from 'comlink';

/** The core in a thread of its own: plans and checks while the page stays quick. */
const service = { planPieces };
export type OutlookService = typeof service;
expose(service);
