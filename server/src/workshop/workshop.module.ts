import { Module } from '@nestjs/common';
import { WorkshopController } from './workshop.controller.js';
import { WorkshopStore } from './workshop.store.js';

@Module({ controllers: [WorkshopController], providers: [WorkshopStore], exports: [WorkshopStore] })
export class WorkshopModule {}
