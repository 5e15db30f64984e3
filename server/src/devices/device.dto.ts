import { SCALE_MOST_G } from '@eveningtide/core/devices';
import { Between, YesNo } from '../validation/rules.js';

export class SetDeviceDto {
  @YesNo() on: boolean;
  /** As with an empty battery: it stays on and says nothing. */
  @YesNo() isSilent: boolean;
}

/** What the stand-in of the scale is to have on its pan. */
export class OnThePanDto {
  @Between(0, 2 * SCALE_MOST_G) grams: number;
}

/** What the stand-in of the colour meter is to be held against, CIELAB under D65. */
export class UnderTheMeterDto {
  @Between(0, 100) l: number;
  @Between(-128, 127) a: number;
  @Between(-128, 127) b: number;
}
