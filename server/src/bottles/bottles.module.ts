import { Module } from '@nestjs/common';
import { BottlesController } from './bottles.controller.js';
import { BottlesService } from './bottles.service.js';
import { BottlesStore } from './bottles.store.js';

@Module({ controllers: [BottlesController], providers: [BottlesService, BottlesStore], exports: [BottlesStore] })
export class BottlesModule {}
