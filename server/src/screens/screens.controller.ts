import { ConflictException, Controller, Delete, ForbiddenException, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import qrCode from 'qrcode';
import { screenIdOf } from '../http/screen-id.js';
import { NetworkError, pairingAddress } from './network.js';
import { ScreensService, type Screen } from './screens.service.js';

export interface ScreensState {
  /** How to pair one; null: the network is not answered. */
  pairing: {
    address: string;
    code: string;
    /** SVG of the address with the code. */ qr: string;
    lockedUntil: string | null;
    openUntil: string | null;
  } | null;
  /** The network was asked for at the start, and is not switched off here. */
  isFixed: boolean;
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

  @Post('network')
  @HttpCode(200)
  @ApiOperation({ summary: 'Answer the network too, until it is switched off or the server ends; opens pairing' })
  async open(@Res({ passthrough: true }) response: Response): Promise<ScreensState> {
    atTheBench(response);
    try {
      await this.screens.openNetwork();
    } catch (error) {
      if (error instanceof NetworkError) throw new ConflictException({ error: 'no-network', message: error.message });
      throw error;
    }
    return this.state();
  }

  @Delete('network')
  @HttpCode(200)
  @ApiOperation({ summary: 'Answer this machine only' })
  async close(@Res({ passthrough: true }) response: Response): Promise<ScreensState> {
    atTheBench(response);
    await this.screens.closeNetwork();
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
    return { pairing, isFixed: this.screens.isFixed, screens: await this.screens.all() };
  }
}

/** A paired screen must not pair or send away others. */
function atTheBench(response: Response): void {
  if (screenIdOf(response) !== null)
    throw new ForbiddenException({ error: 'not-here', message: 'Screens are paired and sent away where Eveningtide was started' });
}
