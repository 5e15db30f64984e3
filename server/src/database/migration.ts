/** One step of the database's history. Once landed it is never changed: a change is a new migration. */
export interface Migration {
  name: string;
  statements: string[];
}
