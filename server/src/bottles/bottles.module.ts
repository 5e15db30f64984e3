import { Module } from '@nestjs/common';
import { BinStoreModule } from '../bin/bin-store.module.js';
import { MixesStoreModule } from '../mixes/mixes-store.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { BottlesController } from './bottles.controller.js';
import { BottlesService } from './bottles.service.js';
import { BottlesStore } from './bottles.store.js';

@Module({
  imports: [BinStoreModule, MaterialsModule, MixesStoreModule],
  controllers: [BottlesController],
  providers: [BottlesService, BottlesStore],
  exports: [BottlesStore],
})
export class BottlesModule {}
