/** Why the server cannot start, in words for whoever started it: told without a stack. */
export class StartError extends Error {}
