import { Module } from '@nestjs/common';
import { LiveModule } from '../live/live.module.js';
import { WorkshopModule } from '../workshop/workshop.module.js';
import { DevicesController } from './devices.controller.js';
import { DevicesService } from './devices.service.js';

@Module({ imports: [LiveModule, WorkshopModule], controllers: [DevicesController], providers: [DevicesService] })
export class DevicesModule {}
