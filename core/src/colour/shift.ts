import { clampRgb, converter, formatHex, modeLab65, modeLrgb, modeRgb, modeXyz65, useMode } from 'culori/fn';
import { labOf, type Lab } from './difference.js';

useMode(modeXyz65);
useMode(modeLrgb);
useMode(modeLab65);
useMode(modeRgb);
const toRgb = converter('rgb');

/** The colour, `shiftL` lighter or darker in L*, hue and colourfulness kept as far as a screen can show it; as #rrggbb. */
export function lightened(hex: string, shiftL: number): string {
  const { l, a, b } = labOf(hex);
  const shifted = { mode: 'lab65' as const, l: Math.min(100, Math.max(0, l + shiftL)), a, b };
  return formatHex(clampRgb(toRgb(shifted)));
}

/** The nearest screen colour of a CIELAB colour, #rrggbb. */
export const hexOfLab = ({ l, a, b }: Lab): string => formatHex(clampRgb(toRgb({ mode: 'lab65' as const, l, a, b })));
