import { Module } from '@nestjs/common';
import { BackupsModule } from '../backups/backups.module.js';
import { BottlesModule } from '../bottles/bottles.module.js';
import { FinishesModule } from '../finishes/finishes.module.js';
import { LogModule } from '../log/log.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { MixesStoreModule } from '../mixes/mixes-store.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { WorkshopModule } from '../workshop/workshop.module.js';
import { ExchangeController } from './exchange.controller.js';
import { ExchangeService } from './exchange.service.js';

@Module({
  imports: [BackupsModule, BottlesModule, FinishesModule, LogModule, MaterialsModule, MixesStoreModule, PiecesModule, WorkshopModule],
  controllers: [ExchangeController],
  providers: [ExchangeService],
  exports: [ExchangeService],
})
export class ExchangeModule {}
