import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { AnyDeviceState, DeviceState } from '@eveningtide/core/devices';
import { AirHistory, type AirReading } from './air-history.js';
import { OnThePanDto, SetDeviceDto, UnderTheMeterDto } from './device.dto.js';
import { DevicesService } from './devices.service.js';

@ApiTags('devices')
@Controller('api/devices')
export class DevicesController {
  constructor(
    private readonly devices: DevicesService,
    private readonly history: AirHistory,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Devices at the bench, simulated ones marked so, with what they read last' })
  all(): Promise<AnyDeviceState[]> {
    return this.devices.all();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Switch a device on or off, or make it fall silent' })
  set(@Param('id') id: string, @Body() body: SetDeviceDto): Promise<AnyDeviceState[]> {
    return this.devices.set(id, body);
  }

  @Get('hygrometer/readings')
  @ApiOperation({ summary: 'What the hygrometer read in the last day, oldest first' })
  readings(): Promise<AirReading[]> {
    return this.history.all();
  }

  @Post('scale/pan')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put so much on the pan of the simulated scale' })
  putOnPan(@Body() { grams }: OnThePanDto): Promise<void> {
    return this.devices.putOnPan(grams);
  }

  @Post('colour-meter/measure')
  @HttpCode(200)
  @ApiOperation({ summary: 'Hold the simulated colour meter against a colour and read it' })
  measure(@Body() { l, a, b }: UnderTheMeterDto): Promise<DeviceState<'colour-meter'>['last']> {
    return this.devices.measure({ l, a, b });
  }
}
