import qrCode from 'qrcode';
import { pairingAddress, type Network } from './network.js';

/** What the terminal shows when the network is open: address, QR code, pairing code. */
export async function announcement(network: Network, code: string): Promise<string> {
  const others = network.addresses.slice(1);
  return [
    `Second screen: ${pairingAddress(network)}`,
    ...(others.length > 0 ? [`  also under ${others.join(', ')}`] : []),
    await qrCode.toString(pairingAddress(network, code), { type: 'terminal', small: true }),
    codeLine(code),
    'Not encrypted: only in a network that you trust. Paired screens are listed in Workshop and sent away there.',
  ].join('\n');
}

export const codeLine = (code: string): string =>
  `Pairing code: ${code.slice(0, 3)} ${code.slice(3)} (pairs one screen, for ten minutes; Enter draws another)`;
