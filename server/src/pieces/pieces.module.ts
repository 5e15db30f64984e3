import { Module } from '@nestjs/common';
import { BottlesModule } from '../bottles/bottles.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { MixesStoreModule } from '../mixes/mixes-store.module.js';
import { WorkshopModule } from '../workshop/workshop.module.js';
import { PiecesController } from './pieces.controller.js';
import { PiecesService } from './pieces.service.js';
import { PiecesStore } from './pieces.store.js';

@Module({
  imports: [BottlesModule, MaterialsModule, MixesStoreModule, WorkshopModule],
  controllers: [PiecesController],
  providers: [PiecesService, PiecesStore],
  exports: [PiecesStore],
})
export class PiecesModule {}
