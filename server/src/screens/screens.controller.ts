import { Controller, Delete, ForbiddenException, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import qrCode from 'qrcode';
import { screenIdOf } from '../http/screen-id.js';
import { pairingAddress } from './network.js';
import { ScreensService, type Screen } from './screens.service.js';

export interface ScreensState {
  /** How to pair one; null: the network was not asked for. */
  pairing: {
    address: string;
    code: string;
    /** SVG of the address with the code. */ qr: string;
    lockedUntil: string | null;
    openUntil: string | null;
  } | null;
  screens: Screen[];
}

@ApiTags('screens')
@Controller('api/screens')
export class ScreensController {
  constructor(private readonly screens: ScreensService) {}

  @Get()
  @ApiOperation({ summary: 'Paired screens, and how to pair another; told to this machine only' })
  async all(@Res({ passthrough: true }) response: Response): Promise<ScreensState> {
    atTheBench(response);
    return this.state();
  }

  @Post('code')
  @HttpCode(200)
  @ApiOperation({ summary: 'Draw another pairing code, and open pairing for ten minutes' })
  async renew(@Res({ passthrough: true }) response: Response): Promise<ScreensState> {
    atTheBench(response);
    this.screens.renewCode();
    return this.state();
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Send a paired screen away' })
  async revoke(@Param('id') id: string, @Res({ passthrough: true }) response: Response): Promise<void> {
    atTheBench(response);
    await this.screens.revoke(id);
  }

  private async state(): Promise<ScreensState> {
    const { network, code } = this.screens;
    const iso = (at: number | null): string | null => (at === null ? null : new Date(at).toISOString());
    const pairing = network && {
      address: pairingAddress(network),
      code,
      qr: await qrCode.toString(pairingAddress(network, code), { type: 'svg', margin: 2 }),
      lockedUntil: iso(this.screens.lockedUntil()),
      openUntil: iso(this.screens.openUntil()),
    };
    return { pairing, screens: await this.screens.all() };
  }
}

/** A paired screen must not pair or send away others. */
function atTheBench(response: Response): void {
  if (screenIdOf(response) !== null)
    throw new ForbiddenException({ error: 'not-here', message: 'Screens are paired and sent away where Eveningtide was started' });
}
