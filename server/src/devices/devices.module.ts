import { Module } from '@nestjs/common';
import { LiveModule } from '../live/live.module.js';
import { AirHistory } from './air-history.js';
import { DevicesController } from './devices.controller.js';
import { DevicesService } from './devices.service.js';
import { StandIns } from './stand-ins.js';

@Module({
  imports: [LiveModule],
  controllers: [DevicesController],
  providers: [AirHistory, StandIns, DevicesService],
})
export class DevicesModule {}
