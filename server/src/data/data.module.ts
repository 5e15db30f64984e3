import { Global, Module, type DynamicModule } from '@nestjs/common';
import { DataPlaces } from './data-places.js';

/** Tells every module where its files go. */
@Global()
@Module({})
export class DataModule {
  static at(databaseFile: string): DynamicModule {
    return {
      module: DataModule,
      providers: [{ provide: DataPlaces, useValue: new DataPlaces(databaseFile) }],
      exports: [DataPlaces],
    };
  }
}
