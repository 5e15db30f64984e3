import { networkInterfaces } from 'node:os';
import { isIPv4 } from 'node:net';
import { StartError } from '../start-error.js';

/** How the server is reached from the network; null: only from this machine. */
export interface Network {
  /** Addresses under which screens may ask, without port. */
  addresses: readonly string[];
  port: number;
}

export class NetworkError extends StartError {}

/** Addresses of this machine in its networks, those of home networks first. */
function ownAddresses(): string[] {
  const all = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
  const isHome = (address: string): boolean => /^(192\.168|10|172\.(1[6-9]|2\d|3[01]))\./.test(address);
  return [...all.filter(isHome), ...all.filter((address) => !isHome(address))];
}

/** `--lan`, or `--lan=ADDRESS` where the machine has several. @throws NetworkError when there is none, or it is no address. */
export function networkFrom(args: readonly string[], port: number, own: () => string[] = ownAddresses): Network | null {
  const asked = args.find((arg) => arg === '--lan' || arg.startsWith('--lan='));
  if (asked === undefined) return null;
  if (asked !== '--lan') {
    const address = asked.slice('--lan='.length);
    if (!isIPv4(address))
      throw new NetworkError(`--lan is ${address}; allowed: an address of this machine such as 192.168.1.20, or nothing.`);
    return { addresses: [address], port };
  }
  const addresses = own();
  if (addresses.length === 0)
    throw new NetworkError('--lan: this machine is in no network. Connect it, or start without --lan to use it on this machine only.');
  return { addresses, port };
}

/** Where the network is opened from the bench: the address that is wanted by `EVENINGTIDE_ADDRESS`, else all of this machine. @throws NetworkError */
export function addressesToOpen(wanted = process.env['EVENINGTIDE_ADDRESS'], own: () => string[] = ownAddresses): readonly string[] {
  if (wanted !== undefined) {
    if (!isIPv4(wanted))
      throw new NetworkError(`EVENINGTIDE_ADDRESS is ${wanted}; allowed: an address of this machine such as 192.168.1.20.`);
    return [wanted];
  }
  const addresses = own();
  if (addresses.length === 0) throw new NetworkError('This machine is in no network. Connect it, then switch it on again.');
  return addresses;
}

/** Where a screen asks to be paired; with the code, it stands in the form already. */
export function pairingAddress({ addresses, port }: Network, code?: string): string {
  return `http://${addresses[0] ?? ''}:${String(port)}/pair${code === undefined ? '' : `?code=${code}`}`;
}
