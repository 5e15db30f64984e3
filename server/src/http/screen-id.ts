import type { Response } from 'express';

/** Notes which paired screen asks. */
export const comesFrom = (response: Response, screenId: string): void => {
  response.locals['screenId'] = screenId;
};

/** The id of the paired screen that asks; null: this machine itself. */
export const screenIdOf = (response: Response): string | null => (response.locals['screenId'] as string | undefined) ?? null;
