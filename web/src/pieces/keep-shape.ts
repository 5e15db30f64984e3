import { keptShapeOf, type KeptShape, type Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';

/** The shape of a piece to be kept under its name; fetched when it is wanted, as all drawings come with it. @throws RangeError where it has no dimensions. */
export const newKeptShape = (piece: Piece): KeptShape => keptShapeOf(piece, nanoid(12), piece.name);
