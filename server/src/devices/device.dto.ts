import { YesNo } from '../validation/rules.js';

export class SetDeviceDto {
  @YesNo() on: boolean;
  /** As with an empty battery: it stays on and says nothing. */
  @YesNo() isSilent: boolean;
}
