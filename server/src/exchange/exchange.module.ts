import { Module } from '@nestjs/common';
import { BackupsModule } from '../backups/backups.module.js';
import { KeptModule } from '../kept/kept.module.js';
import { ExchangeController } from './exchange.controller.js';
import { ExchangeService } from './exchange.service.js';

@Module({
  imports: [BackupsModule, KeptModule],
  controllers: [ExchangeController],
  providers: [ExchangeService],
  exports: [ExchangeService],
})
export class ExchangeModule {}
