import { Module, type DynamicModule } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Transaction } from 'sequelize';
import { MODELS } from './models.js';

/** The database: one SQLite file with foreign keys; `prepareDatabase` has brought it up to date before. */
@Module({})
export class DatabaseModule {
  static at(file: string): DynamicModule {
    return {
      module: DatabaseModule,
      imports: [
        SequelizeModule.forRoot({
          dialect: 'sqlite',
          storage: file,
          models: MODELS,
          logging: false,
          synchronize: false,
          retryAttempts: 0,
          // every transaction here writes: taking the lock at once avoids a late SQLITE_BUSY
          transactionType: Transaction.TYPES.IMMEDIATE,
          retry: { match: [/SQLITE_BUSY/], max: 8 },
        }),
      ],
    };
  }
}
