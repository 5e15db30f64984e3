import type { ModelCtor } from 'sequelize-typescript';
import { BinRow } from '../kept/bin.row.js';
import { AirReadingRow, DeviceRow } from '../devices/device.rows.js';
import { SERVED } from '../kept/registry.js';
import { WORKSHOP_MODELS, WorkshopRow } from '../kept/workshop.row.js';
import { ScreenRow } from '../screens/screen.row.js';

const LISTS = Object.values(SERVED).map(({ table }) => table.models);

/** Every table there is. */
export const MODELS: ModelCtor[] = [...WORKSHOP_MODELS, ...LISTS.flat(), DeviceRow, ScreenRow, AirReadingRow, BinRow];

/** Rows with a version for optimistic locking. */
export const VERSIONED: ModelCtor[] = [WorkshopRow, ...LISTS.map(([main]) => main)];
