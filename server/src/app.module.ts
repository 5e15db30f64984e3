import { Module, type DynamicModule, type MiddlewareConsumer, type NestModule } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { BackupsModule } from './backups/backups.module.js';
import { BottlesModule } from './bottles/bottles.module.js';
import { DataModule } from './data/data.module.js';
import { DatabaseModule } from './database/database.module.js';
import { ExchangeModule } from './exchange/exchange.module.js';
import { FinishesModule } from './finishes/finishes.module.js';
import { LocalOnly } from './http/local-only.js';
import { RunningRequests } from './http/running-requests.js';
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
        ExchangeModule,
        BackupsModule,
      ],
      providers: [{ provide: APP_INTERCEPTOR, useClass: RunningRequests }],
    };
  }

  configure(consumer: MiddlewareConsumer): void {
    consumer.apply(LocalOnly).forRoutes('*path');
  }
}
