import { Module } from '@nestjs/common';
import { MaterialsController } from './materials.controller.js';
import { MaterialsService } from './materials.service.js';
import { MaterialsStore } from './materials.store.js';

@Module({ controllers: [MaterialsController], providers: [MaterialsService, MaterialsStore], exports: [MaterialsStore] })
export class MaterialsModule {}
