import { Module, type DynamicModule } from '@nestjs/common';
import { LiveModule } from '../live/live.module.js';
import type { Network } from './network.js';
import { ScreensController } from './screens.controller.js';
import { NETWORK, NetworkDoor } from './network-door.js';
import { ScreensService } from './screens.service.js';

@Module({})
export class ScreensModule {
  static on(network: Network | null): DynamicModule {
    return {
      module: ScreensModule,
      imports: [LiveModule],
      controllers: [ScreensController],
      providers: [{ provide: NETWORK, useValue: network }, NetworkDoor, ScreensService],
      exports: [ScreensService],
    };
  }
}
