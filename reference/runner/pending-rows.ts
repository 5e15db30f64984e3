/**
 * Sequence cases that wait for a rule which is not built yet, by name, with that rule. A pending row is named in the
 * output and counts neither as passed nor as failed. A row that passes may not stay here: the runner then fails it.
 */
export const PENDING_ROWS: Readonly<Record<string, string>> = {};
