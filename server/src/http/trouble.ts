import { codesOf } from '../database/sqlite-code.js';

/** What stands in the way of an answer, as the painter is told. */
export interface Trouble {
  status: number;
  kind: 'disk-full' | 'read-only' | 'damaged' | 'busy' | 'unreadable' | 'internal';
  message: string;
}

const DAMAGED: Trouble = {
  status: 500,
  kind: 'damaged',
  message: 'The database is damaged. Put back a backup in Workshop under Backups, or start Eveningtide again to see what can be done.',
};

/** By what the driver and the system call it; the first that fits. */
const KNOWN: readonly (Trouble & { codes: readonly string[] })[] = [
  {
    codes: ['SQLITE_FULL', 'ENOSPC', 'EDQUOT'],
    status: 507,
    kind: 'disk-full',
    message: 'The disk is full: nothing of this was saved. Make room on the disk that holds the data; it goes on by itself then.',
  },
  { codes: ['SQLITE_CORRUPT', 'SQLITE_NOTADB'], ...DAMAGED },
  {
    codes: ['SQLITE_READONLY', 'SQLITE_CANTOPEN', 'SQLITE_PERM', 'EACCES', 'EPERM', 'EROFS'],
    status: 507,
    kind: 'read-only',
    message: 'The folder with the data cannot be written: nothing of this was saved. Look at its rights, or at the disk it lies on.',
  },
  {
    codes: ['SQLITE_BUSY', 'SQLITE_LOCKED'],
    status: 503,
    kind: 'busy',
    message: 'Something else holds the database: nothing of this was saved. It is tried again.',
  },
  // a disk that fills while SQLite writes beside the database shows as that
  {
    codes: ['SQLITE_IOERR'],
    status: 507,
    kind: 'disk-full',
    message: 'The disk cannot be written; it may be full. Nothing of this was saved.',
  },
];

/** Status and code that http errors of the parsers carry: theirs is the last word. */
const isHttpError = (error: unknown): boolean =>
  error instanceof Error && 'statusCode' in error && typeof error.statusCode === 'number' && error.statusCode < 500;

/** What an error means for whoever asked; null: it says so itself. */
export function whatIsWrong(error: unknown): Trouble | null {
  if (isHttpError(error)) return null;
  if (error instanceof URIError) return { status: 400, kind: 'unreadable', message: 'The address cannot be read' };
  // a list that was stored as JSON and is none any more
  if (error instanceof SyntaxError) return DAMAGED;
  const codes = [...codesOf(error)];
  const known = KNOWN.find((one) => one.codes.some((code) => codes.includes(code)));
  if (known) return { status: known.status, kind: known.kind, message: known.message };
  return {
    status: 500,
    kind: 'internal',
    message: 'Eveningtide made a mistake: nothing of this was saved. What is written in the terminal helps whoever mends it.',
  };
}
