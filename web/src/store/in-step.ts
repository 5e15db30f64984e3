/** All that this screen shows was read at this state of the server or a later one; null before anything was read. */
let readAt: string | null = null;

/** An answer came: the first counts, as what is read after it can only be newer. */
export function heardOf(state: string | null): void {
  readAt ??= state;
}

/** The open line says what is stored now. */
export function stateIs(state: string): void {
  readAt = state;
}

/** Something was read and has changed since, while the line was not open. */
export const hasMissed = (state: string): boolean => readAt !== null && readAt !== state;
