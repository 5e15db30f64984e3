import { Module } from '@nestjs/common';
import { MixesStore } from './mixes.store.js';

/** The store by itself: bottles tell it when one of them goes, and it knows nothing of bottles. */
@Module({ providers: [MixesStore], exports: [MixesStore] })
export class MixesStoreModule {}
