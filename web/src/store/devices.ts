import type { AnyDeviceState, DeviceId } from '@eveningtide/core/devices';
import { useDevicesQuery } from './api.js';

/** A device as it stands; undefined while it is off or not known yet. */
export function useDevice<Id extends DeviceId>(id: Id): Extract<AnyDeviceState, { id: Id }> | undefined {
  const { data } = useDevicesQuery();
  return data?.find((one): one is Extract<AnyDeviceState, { id: Id }> => one.id === id && one.on);
}
