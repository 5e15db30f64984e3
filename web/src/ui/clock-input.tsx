import { clockShown } from '@eveningtide/core/units';
import { useWorkshopQuery } from '../store/api.js';
import { TypedInput, type TypedInputProps } from './typed-input.js';
import { clockTyped } from './typed-time.js';

/** It has its minutes, or its half of the day: of `19:30` the first figure is no time yet, though one o'clock is. */
const WHOLE = /[:.h]\d{2}|^\s*\d{4}|[ap]\.?m/i;

/** A clock time, `HH:mm`, typed as one likes and shown as the workshop shows times, whatever the browser would do. */
export function ClockInput(props: Omit<TypedInputProps, 'read' | 'isWhole' | 'allowed' | 'shown'>) {
  const { data } = useWorkshopQuery();
  const style = data?.workshop.display.clock ?? '24';
  return (
    <TypedInput
      {...props}
      shown={clockShown(props.value, style)}
      read={clockTyped}
      isWhole={(text) => WHOLE.test(text)}
      allowed="a time such as 19:30 or 7:30 pm"
      maxLength={12}
      placeholder={clockShown('19:30', style)}
    />
  );
}
