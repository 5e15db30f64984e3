import { Global, Module, type DynamicModule } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Transaction } from 'sequelize';
import type { ModelCtor } from 'sequelize-typescript';
import { Reader } from './reader.js';
import { Writes } from './writes.js';

/** The database: one SQLite file with foreign keys; `prepareDatabase` has brought it up to date before. */
@Global()
@Module({ providers: [Reader, Writes], exports: [Reader, Writes] })
export class DatabaseModule {
  static at(file: string, models: ModelCtor[]): DynamicModule {
    return {
      module: DatabaseModule,
      imports: [
        SequelizeModule.forRoot({
          dialect: 'sqlite',
          storage: file,
          models,
          logging: false,
          synchronize: false,
          // `Writes` does, when nothing is written any more
          autoCloseConnection: false,
          retryAttempts: 0,
          // every transaction here writes: taking the lock at once avoids a late SQLITE_BUSY
          transactionType: Transaction.TYPES.IMMEDIATE,
          retry: { match: [/SQLITE_BUSY/], max: 8 },
        }),
      ],
    };
  }
}
