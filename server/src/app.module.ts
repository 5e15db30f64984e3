import { Module, type DynamicModule, type MiddlewareConsumer, type NestModule } from '@nestjs/common';
import { BottlesModule } from './bottles/bottles.module.js';
import { DatabaseModule } from './database/database.module.js';
import { ExchangeModule } from './exchange/exchange.module.js';
import { LocalOnly } from './http/local-only.js';
import { PiecesModule } from './pieces/pieces.module.js';
import { WorkshopModule } from './workshop/workshop.module.js';

@Module({})
export class AppModule implements NestModule {
  static at(databaseFile: string): DynamicModule {
    return { module: AppModule, imports: [DatabaseModule.at(databaseFile), PiecesModule, BottlesModule, WorkshopModule, ExchangeModule] };
  }

  configure(consumer: MiddlewareConsumer): void {
    consumer.apply(LocalOnly).forRoutes('*path');
  }
}
