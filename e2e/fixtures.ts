import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import { startServer, type RunningServer } from '../scripts/lib/server.mjs';

/** Half past six in the evening of a Tuesday: the evenings of the demo lie ahead. */
export const NOW = '2026-11-24T18:30:00';

/**
 * A page on a server with the demo data, fresh for each test, with the clock standing at `NOW`. Whatever the browser
 * complains of fails the test.
 */
export const test = base.extend<{ server: RunningServer; bench: Page }>({
  server: async ({}, use) => {
    const server = await startServer({ env: { TZ: process.env['TZ'] ?? 'UTC', EVENINGTIDE_TODAY: NOW.slice(0, 10) } });
    await use(server);
    await server.stop();
  },
  bench: async ({ page, server }, use) => {
    const complaints: string[] = [];
    page.on('pageerror', (error) => complaints.push(error.message));
    page.on('console', (message) => {
      // refused requests are part of some tests; the browser logs each
      if (message.type() === 'error' && !message.text().includes('Failed to load resource')) complaints.push(message.text());
    });
    await page.clock.install({ time: new Date(NOW) });
    await page.goto(server.url);
    await expect(page.getByRole('heading', { name: 'Pieces' })).toBeVisible();
    await use(page);
    expect(complaints).toEqual([]);
  },
});

export { expect };

/** Nothing that WCAG 2.2 A and AA forbid, as far as a program can see. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
}

export const openPiece = async (page: Page, name: string): Promise<void> => {
  await page.getByRole('link', { name, exact: true }).click();
  await expect(page.getByRole('region', { name: 'Sequence' })).toBeVisible();
};

export const rows = (page: Page) => page.getByRole('region', { name: 'Sequence' }).getByRole('listitem');

export const saved = (page: Page) => expect(page.getByText('All saved')).toBeVisible();
