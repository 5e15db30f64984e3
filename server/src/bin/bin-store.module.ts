import { Module } from '@nestjs/common';
import { BinStore } from './bin.store.js';

@Module({ providers: [BinStore], exports: [BinStore] })
export class BinStoreModule {}
