import type { Lamp } from '@eveningtide/core/surface';

export const LAMP_WORDS: Readonly<Record<Lamp, string>> = { day: 'daylight', lamp: 'bench lamp', flat: 'flat, to judge colour' };
