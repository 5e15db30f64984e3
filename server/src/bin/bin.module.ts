import { Module } from '@nestjs/common';
import { BottlesModule } from '../bottles/bottles.module.js';
import { FinishesModule } from '../finishes/finishes.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { MixesStoreModule } from '../mixes/mixes-store.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { BinStoreModule } from './bin-store.module.js';
import { BinController } from './bin.controller.js';
import { BinService } from './bin.service.js';

@Module({
  imports: [BinStoreModule, BottlesModule, FinishesModule, MaterialsModule, MixesStoreModule, PiecesModule],
  controllers: [BinController],
  providers: [BinService],
})
export class BinModule {}
