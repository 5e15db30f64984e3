import { Module, type DynamicModule, type MiddlewareConsumer, type NestModule } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { BackupsModule } from './backups/backups.module.js';
import { BottlesModule } from './bottles/bottles.module.js';
import { DataModule } from './data/data.module.js';
import { DatabaseModule } from './database/database.module.js';
import { DevicesModule } from './devices/devices.module.js';
import { ExchangeModule } from './exchange/exchange.module.js';
import { FinishesModule } from './finishes/finishes.module.js';
import { LocalOnly } from './http/local-only.js';
import { RunningRequests } from './http/running-requests.js';
import { LiveModule } from './live/live.module.js';
import { TellChanges } from './live/tell-changes.js';
import { LogModule } from './log/log.module.js';
import { MaterialsModule } from './materials/materials.module.js';
import { MixesModule } from './mixes/mixes.module.js';
import { PicturesModule } from './pictures/pictures.module.js';
import { PiecesModule } from './pieces/pieces.module.js';
import { WorkshopModule } from './workshop/workshop.module.js';

@Module({})
export class AppModule implements NestModule {
  static at(databaseFile: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        DataModule.at(databaseFile),
        DatabaseModule.at(databaseFile),
        PiecesModule,
        MaterialsModule,
        BottlesModule,
        FinishesModule,
        MixesModule,
        WorkshopModule,
        PicturesModule,
        LogModule,
        LiveModule,
        DevicesModule,
        ExchangeModule,
        BackupsModule,
      ],
      providers: [
        { provide: APP_INTERCEPTOR, useClass: RunningRequests },
        { provide: APP_INTERCEPTOR, useClass: TellChanges },
      ],
    };
  }

  configure(consumer: MiddlewareConsumer): void {
    consumer.apply(LocalOnly).forRoutes('*path');
  }
}
