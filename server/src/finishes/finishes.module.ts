import { Module } from '@nestjs/common';
import { BinStoreModule } from '../bin/bin-store.module.js';
import { BottlesModule } from '../bottles/bottles.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { FinishesController } from './finishes.controller.js';
import { FinishesService } from './finishes.service.js';
import { FinishesStore } from './finishes.store.js';

@Module({
  imports: [BinStoreModule, BottlesModule, MaterialsModule],
  controllers: [FinishesController],
  providers: [FinishesService, FinishesStore],
  exports: [FinishesStore],
})
export class FinishesModule {}
