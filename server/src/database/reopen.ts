import type { Sequelize } from 'sequelize-typescript';

interface Opened {
  close(done: (error: Error | null) => void): void;
}

/**
 * Closes the connection that reads share, after what it is about; the next read opens another. Sequelize has no word for it: its SQLite part keeps open
 * connections by name and opens what is not there.
 */
export async function closeReads(sequelize: Sequelize): Promise<void> {
  const { connections } = sequelize.connectionManager as unknown as { connections: Record<string, Opened | undefined> };
  const { default: opened } = connections;
  if (!opened) return;
  delete connections['default'];
  await new Promise<void>((resolve, reject) => {
    opened.close((error) => {
      if (error) reject(error);
      else resolve();
    });
  });
}
