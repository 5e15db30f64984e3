import { Module } from '@nestjs/common';
import { BottlesModule } from '../bottles/bottles.module.js';
import { MaterialsModule } from '../materials/materials.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { LogController } from './log.controller.js';
import { LogService } from './log.service.js';
import { LogStore } from './log.store.js';

@Module({
  imports: [BottlesModule, MaterialsModule, PiecesModule],
  controllers: [LogController],
  providers: [LogService, LogStore],
  exports: [LogStore],
})
export class LogModule {}
