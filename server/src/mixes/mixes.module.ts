import { Module } from '@nestjs/common';
import { BinStoreModule } from '../bin/bin-store.module.js';
import { BottlesModule } from '../bottles/bottles.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { MixesController } from './mixes.controller.js';
import { MixesService } from './mixes.service.js';
import { MixesStoreModule } from './mixes-store.module.js';

@Module({
  imports: [BinStoreModule, BottlesModule, MaterialsModule, MixesStoreModule],
  controllers: [MixesController],
  providers: [MixesService],
  exports: [MixesStoreModule],
})
export class MixesModule {}
