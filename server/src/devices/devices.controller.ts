import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Air } from '@eveningtide/core/climate';
import type { DeviceState } from '@eveningtide/core/devices';
import { SetDeviceDto } from './device.dto.js';
import { DevicesService, type AirReading } from './devices.service.js';

@ApiTags('devices')
@Controller('api/devices')
export class DevicesController {
  constructor(private readonly devices: DevicesService) {}

  @Get()
  @ApiOperation({ summary: 'Devices at the bench, simulated ones marked so, with what they read last' })
  all(): Promise<DeviceState<Air>[]> {
    return this.devices.all();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Switch a device on or off, or make it fall silent' })
  set(@Param('id') id: string, @Body() body: SetDeviceDto): Promise<DeviceState<Air>[]> {
    return this.devices.set(id, body);
  }

  @Get('hygrometer/readings')
  @ApiOperation({ summary: 'What the hygrometer read in the last day, oldest first' })
  readings(): Promise<AirReading[]> {
    return this.devices.readings();
  }
}
