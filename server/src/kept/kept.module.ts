import { Module } from '@nestjs/common';
import { LIST_KEYS } from '@eveningtide/core/kept';
import { BinStore } from './bin.store.js';
import { BottlesController } from './bottles.controller.js';
import { KeptService } from './kept.service.js';
import { listController } from './list-controller.js';
import { PackedLists } from './packed-lists.js';
import { WorkshopController } from './workshop.controller.js';

/** Everything of the painter's that is kept: its addresses follow from the register. */
@Module({
  controllers: [...LIST_KEYS.map(listController), BottlesController, WorkshopController],
  providers: [KeptService, BinStore, PackedLists],
  exports: [KeptService, BinStore],
})
export class KeptModule {}
