import { Module, type DynamicModule } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { BackupsModule } from './backups/backups.module.js';
import { BinModule } from './bin/bin.module.js';
import type { DataLock } from './database/data-lock.js';
import type { DataPlaces } from './data/data-places.js';
import { DataModule } from './data.module.js';
import { DatabaseModule } from './database/database.module.js';
import { DevicesModule } from './devices/devices.module.js';
import { ExchangeModule } from './exchange/exchange.module.js';
import { RunningRequests } from './http/running-requests.js';
import { KeptModule } from './kept/kept.module.js';
import { LiveModule } from './live/live.module.js';
import { TellChanges } from './live/tell-changes.js';
import { PicturesModule } from './pictures/pictures.module.js';
import type { Network } from './screens/network.js';
import { ScreensModule } from './screens/screens.module.js';
import { MODELS } from './tables/tables.js';

@Module({})
export class AppModule {
  static at(places: DataPlaces, lock: DataLock, network: Network | null): DynamicModule {
    return {
      module: AppModule,
      imports: [
        DataModule.at(places, lock),
        DatabaseModule.at(places.databaseFile, MODELS),
        KeptModule,
        PicturesModule,
        LiveModule,
        DevicesModule,
        ScreensModule.on(network),
        BinModule,
        ExchangeModule,
        BackupsModule,
      ],
      providers: [
        { provide: APP_INTERCEPTOR, useClass: RunningRequests },
        { provide: APP_INTERCEPTOR, useClass: TellChanges },
      ],
    };
  }
}
