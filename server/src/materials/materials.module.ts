import { Module } from '@nestjs/common';
import { BinStoreModule } from '../bin/bin-store.module.js';
import { MaterialsController } from './materials.controller.js';
import { MaterialsService } from './materials.service.js';
import { MaterialsStore } from './materials.store.js';

@Module({
  imports: [BinStoreModule],
  controllers: [MaterialsController],
  providers: [MaterialsService, MaterialsStore],
  exports: [MaterialsStore],
})
export class MaterialsModule {}
