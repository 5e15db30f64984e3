import { Module } from '@nestjs/common';
import { KeptModule } from '../kept/kept.module.js';
import { BinController } from './bin.controller.js';
import { PiecesRestoreController } from './pieces-restore.controller.js';
import { BinService } from './bin.service.js';

@Module({ imports: [KeptModule], controllers: [BinController, PiecesRestoreController], providers: [BinService], exports: [BinService] })
export class BinModule {}
