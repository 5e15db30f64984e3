import { PieceFrame } from './piece-frame.js';
import { Sequence } from './sequence.js';

/** A piece as its sequence. */
export const PieceView = () => <PieceFrame>{(piece) => <Sequence piece={piece} />}</PieceFrame>;
