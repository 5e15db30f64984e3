import { readFileSync } from 'node:fs';
import { expect, test as base, type Locator, type Page } from '@playwright/test';
import axe from 'axe-core';
import { startServer, type RunningServer } from '../scripts/lib/server.mjs';

/** Half past six in the evening of a Tuesday: the evenings of the demo lie ahead. */
export const NOW = '2026-11-24T18:30:00';

const begin = (): Promise<RunningServer> =>
  startServer({ env: { TZ: process.env['TZ'] ?? 'UTC', EVENINGTIDE_NOW: NOW, EVENINGTIDE_BACKUPS: 'none' } });

const DEMO = readFileSync(new URL('../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8');

/** As it stood before anything was done: the demo read again, nothing deleted, devices off. */
async function begunAnew({ url }: RunningServer): Promise<void> {
  const put = async (path: string, body: string): Promise<void> => {
    const answer = await fetch(`${url}/api/${path}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body });
    if (!answer.ok) throw new Error(`the demo could not be put back, ${path}: ${String(answer.status)} ${await answer.text()}`);
  };
  await put(`plan-file?today=${NOW.slice(0, 10)}`, DEMO);
  const deleted = (await (await fetch(`${url}/api/deleted`)).json()) as { kind: string; id: string }[];
  for (const { kind, id } of deleted) await fetch(`${url}/api/deleted/${kind}/${id}`, { method: 'DELETE' });
  const devices = (await (await fetch(`${url}/api/devices`)).json()) as { id: string; on: boolean }[];
  for (const { id, on } of devices) if (on) await put(`devices/${id}`, JSON.stringify({ on: false, isSilent: false }));
}

interface ForTest {
  /** The test wants a server that nobody had before: it looks at what a plan file does not hold. */
  ownServer: boolean;
  server: RunningServer;
  bench: Page;
}

interface ForWorker {
  /** The server of this worker, with the demo as it was at first. */
  shared: () => Promise<RunningServer>;
}

/**
 * A page on a server with the demo data as it is at first, with the clock standing at `NOW`. Whatever the browser
 * complains of fails the test.
 */
export const test = base.extend<ForTest, ForWorker>({
  ownServer: [false, { option: true }],
  shared: [
    async ({}, use) => {
      let running: RunningServer | null = null;
      await use(async () => {
        if (running) await begunAnew(running);
        return (running ??= await begin());
      });
      await (running as RunningServer | null)?.stop();
    },
    { scope: 'worker' },
  ],
  server: async ({ shared, ownServer }, use) => {
    if (!ownServer) {
      await use(await shared());
      return;
    }
    const own = await begin();
    await use(own);
    await own.stop();
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

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** Nothing that WCAG 2.2 A and AA forbid, as far as a program can see; of all its rules, or of some. */
export async function expectAccessible(page: Page, rules?: string[]): Promise<void> {
  // as long as the page is not loaded anew the program stays in it
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const violations = await page.evaluate(
    async (only) => {
      const { axe: here } = window as unknown as { axe: typeof axe };
      const { violations: found } = await here.run(document, { runOnly: only, resultTypes: ['violations'] });
      return found.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
    },
    rules ? { type: 'rule' as const, values: rules } : { type: 'tag' as const, values: TAGS },
  );
  expect(violations).toEqual([]);
}

export const openPiece = async (page: Page, name: string): Promise<void> => {
  await page.getByRole('link', { name, exact: true }).click();
  await expect(page.getByRole('region', { name: 'Sequence' })).toBeVisible();
};

/** To another view, by the way it is listed at the left. */
export const go = (page: Page, name: string) =>
  page
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .first()
    .click();

export const facts = (page: Page) => page.getByRole('complementary', { name: /^Facts/ });

export const rows = (page: Page) => page.getByRole('region', { name: 'Sequence' }).getByRole('listitem');

/** Opens a step of the sequence, or closes it. */
export const openStep = (page: Page, at: number) => rows(page).nth(at).locator('button[id^=step-]').click();

export const saved = (page: Page) => expect(page.getByText('All saved')).toBeVisible();

/** The pieces of the demo, in their order. */
export const PIECES = [
  'Salt van No. 14',
  'Peat wagons 22, 23, 27',
  'Field lorry in estuary mud',
  'Slate load for flat No. 3',
  'Quay wall casting',
  'Quay stores 1 to 4',
];

/** What lies in the archive of the demo. */
export const ARCHIVED = ['Quay wall of last spring'];

/** Chooses in the open step what a painter would: technique, bottle or kind, dilution. */
export async function setStep(page: Page, technique: string, material?: string, dilution?: string): Promise<void> {
  const sequence = page.getByRole('region', { name: 'Sequence' });
  await sequence.getByRole('combobox', { name: 'Technique' }).click();
  await page.getByRole('option', { name: technique, exact: true }).click();
  if (material) {
    // asked for at once where the one before does not fit
    const asked = page.getByRole('listbox', { name: 'Material' });
    if (!(await asked.isVisible())) await sequence.getByRole('combobox', { name: 'Material' }).click();
    await page.getByRole('option', { name: material, exact: true }).click();
  }
  if (dilution) await sequence.getByLabel('Dilution').fill(dilution);
}

/** A step more at the end, on every zone. Its technique is asked for at once, then its material. */
export async function addStep(page: Page, technique: string, material?: string, dilution?: string): Promise<void> {
  const before = await rows(page).count();
  await page.getByRole('button', { name: 'Add a step', exact: true }).click();
  // the one before it is open as well, until the new one stands there
  await expect(rows(page)).toHaveCount(before + 1);
  await expect(rows(page).last().locator('button[id^=step-][aria-expanded=true]')).toBeVisible();
  const option = (name: string) => page.getByRole('option', { name, exact: true });
  await option(technique).click();
  if (material) await option(material).click();
  // another Escape would close the step
  else if (await page.getByRole('listbox', { name: 'Material' }).isVisible()) await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  const row = rows(page).last();
  if (dilution) await row.getByLabel('Dilution').fill(dilution);
  const all = row.getByRole('checkbox', { name: 'all', exact: true });
  if (!(await all.isChecked())) await all.check();
}

/** Opens the lesser fields of the open step; they then stay open on this screen. */
export async function more(page: Page): Promise<void> {
  const button = page.getByRole('region', { name: 'Sequence' }).getByRole('button', { name: /^More/ });
  if ((await button.getAttribute('aria-expanded')) === 'false') await button.click();
}

/** Pins a step to a moment; its row is open. */
export async function pinTo(row: Locator, day: string, time: string): Promise<void> {
  await row.getByLabel(/^Done at.*day$/).fill(day);
  await row.getByLabel(/^Done at.*time$/).fill(time);
}

/** Puts every piece of the demo aside. */
export async function clearTheBench(page: Page): Promise<void> {
  for (const name of PIECES) {
    await page.getByRole('button', { name: `Delete ${name}` }).click();
    await expect(page.getByRole('link', { name, exact: true })).toHaveCount(0);
  }
}

/** The form of a new piece, its kind chosen by its picture. */
export async function newPiece(page: Page, kind: string): Promise<Locator> {
  await page.getByRole('button', { name: 'New piece' }).click();
  const dialog = page.getByRole('dialog', { name: 'New piece' });
  await dialog.getByRole('list').getByRole('button', { name: kind, exact: true }).click();
  return dialog;
}

/** A new piece of a kind, opened. It comes as its kind usually does, and has no step yet. */
export async function make(page: Page, name: string, kind: string, count = '1', madeOf?: string): Promise<void> {
  const dialog = await newPiece(page, kind);
  await dialog.getByLabel('Name', { exact: true }).fill(name);
  if (madeOf !== undefined) await dialog.getByLabel('Made of').selectOption({ label: madeOf });
  await dialog.getByLabel('How many').fill(count);
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(name);
}

/** Leaves only these zones in the open step. */
export async function onlyOn(page: Page, ...names: string[]): Promise<void> {
  const row = rows(page).last();
  for (const name of names) await row.getByRole('checkbox', { name, exact: true }).check();
  for (const box of await row.getByRole('group', { name: 'Zones' }).getByRole('checkbox').all()) {
    const label = (await box.locator('xpath=..').innerText()).trim();
    if (label !== 'all' && !names.includes(label)) await box.uncheck();
  }
}

/** Pages that the view prints on. */
export async function printed(page: Page): Promise<number> {
  const pdf = await page.pdf({ preferCSSPageSize: true });
  return pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;
}

/** Adds effects by name through the dialog. */
export async function wishFor(page: Page, ...effects: string[]): Promise<void> {
  await page.getByRole('button', { name: 'Add an effect' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add effects' });
  for (const effect of effects) {
    await dialog.getByRole('searchbox').fill(effect);
    await dialog.getByRole('button', { name: `Add ${effect}`, exact: true }).click();
  }
  await dialog.getByRole('button', { name: 'Done' }).click();
}

/** Puts a kept finish on one piece, by the list of finishes; what is adapted on it says so. */
export async function putOn(page: Page, finish: string, piece: string, says?: RegExp): Promise<void> {
  await go(page, 'Pieces');
  await page.getByRole('link', { name: 'Finishes' }).click();
  const item = page.getByRole('listitem').filter({ hasText: finish }).first();
  await item.getByRole('button', { name: 'Put it on …' }).click();
  const put = page.getByRole('dialog', { name: `Put “${finish}” on` });
  await put.getByLabel(piece).check();
  const adapted = put.getByRole('region', { name: `On ${piece}` });
  await expect(adapted).toBeVisible();
  if (says) await expect(adapted).toContainText(says);
  await put.getByRole('button', { name: 'Put it on' }).click();
  await expect(page.getByText(`${finish} is on 1 piece`)).toBeVisible();
}

/** Notes as they were written down, put into the line of a piece; what was read of them, to be looked through. */
export async function pasteNotes(page: Page, lines: readonly string[]): Promise<Locator> {
  await page.getByLabel('Or type a step, or paste notes').evaluate((field, text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text', text);
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, lines.join('\n'));
  return page.getByRole('region', { name: 'Pasted notes' });
}
