import { Global, Module, type DynamicModule } from '@nestjs/common';
import { DataLock } from './database/data-lock.js';
import { DataPlaces } from './data/data-places.js';

/** Tells every module where its files go. */
@Global()
@Module({})
export class DataModule {
  static at(places: DataPlaces, lock: DataLock): DynamicModule {
    return {
      module: DataModule,
      providers: [
        { provide: DataPlaces, useValue: places },
        { provide: DataLock, useValue: lock },
      ],
      exports: [DataPlaces],
    };
  }
}
