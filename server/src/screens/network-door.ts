import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { NetworkError, addressesToOpen, type Network } from './network.js';

export const NETWORK = Symbol('network');

/**
 * Whether the network is answered. It is where it was asked for at the start, for as long as the server runs; else from when it is switched on at the bench,
 * on further listeners, until it is switched off there or the server ends. By default only this machine is.
 */
@Injectable()
export class NetworkDoor implements OnApplicationShutdown {
  private opened: Network | null = null;
  private listeners: Server[] = [];

  constructor(
    @Inject(NETWORK) private readonly atStart: Network | null,
    private readonly host: HttpAdapterHost,
  ) {}

  /** How the server is reached from the network now; null: not at all. */
  get network(): Network | null {
    return this.atStart ?? this.opened;
  }

  /** It was asked for at the start, and is not switched off while the server runs. */
  get isFixed(): boolean {
    return this.atStart !== null;
  }

  /** @throws NetworkError where this machine is in no network, or its addresses cannot be listened at. */
  async open(): Promise<void> {
    if (this.network) return;
    const addresses = addressesToOpen();
    const { httpAdapter } = this.host;
    const { port } = (httpAdapter.getHttpServer() as Server).address() as AddressInfo;
    const listeners = addresses.map(() => createServer(httpAdapter.getInstance<RequestListener>()));
    try {
      await Promise.all(listeners.map((one, i) => listening(one, port, addresses[i] ?? '')));
    } catch (error) {
      await Promise.all(listeners.map(closed));
      throw new NetworkError(`The network cannot be opened: ${error instanceof Error ? error.message : String(error)}.`);
    }
    this.listeners = listeners;
    this.opened = { addresses, port };
  }

  async close(): Promise<void> {
    const listeners = this.listeners;
    this.opened = null;
    this.listeners = [];
    await Promise.all(listeners.map(closed));
  }

  onApplicationShutdown(): Promise<void> {
    return this.close();
  }
}

const listening = (server: Server, port: number, address: string): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, address, () => {
      resolve();
    });
  });

/** Ended, with the lines that are open; one that never listened is closed already. */
const closed = (server: Server): Promise<void> =>
  new Promise((resolve) => {
    server.close(() => {
      resolve();
    });
    server.closeAllConnections();
  });
