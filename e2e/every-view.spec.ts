import type { Page } from '@playwright/test';
import { exampleAddresses } from '../web/src/view-examples.js';
import { expect, expectAccessible, openStep, test } from './fixtures.js';

const WIDTHS = [390, 1024, 1280];

/** To another view as a link in the app leads there: nothing is fetched that is there already. */
async function openView(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
  await expect(page.getByRole('main')).toBeVisible();
  await expect(page.getByText(/^Fetching /)).toHaveCount(0);
}

/** What runs out: of the view to the right, of the document to the right and below, and of the rail, whose bar below would take height. */
const overflow = (page: Page) =>
  page.evaluate(() => {
    const view = document.getElementById('view');
    const rail = document.querySelector('aside');
    const { scrollWidth, clientWidth, scrollHeight } = document.documentElement;
    const isPhone = matchMedia('(max-width: 40rem)').matches;
    return {
      view: isPhone || !view ? 0 : Math.max(0, view.scrollWidth - view.clientWidth),
      right: Math.max(0, scrollWidth - clientWidth),
      below: Math.max(0, scrollHeight - window.innerHeight),
      rail: isPhone || !rail ? 0 : Math.max(0, rail.offsetHeight - rail.clientHeight),
    };
  });

const setTheme = (page: Page, theme: string) =>
  page.evaluate((to) => {
    document.documentElement.dataset['theme'] = to;
  }, theme);

for (const textPct of [100, 130])
  test(`every view with text at ${String(textPct)} %: accessible in both themes, and nothing scrolls away at any width`, async ({
    bench: page,
    server,
  }) => {
    // many views, each looked through whole
    test.slow();
    await page.evaluate(
      (display) => {
        localStorage.setItem('eveningtide.display', JSON.stringify(display));
      },
      { theme: 'day', textPct },
    );
    await page.goto(server.url);
    await expect(page.getByRole('link', { name: /^Evenings/ })).not.toHaveText('Evenings0');
    for (const path of exampleAddresses())
      await test.step(path, async () => {
        await openView(page, path);
        if (path === '/pieces/salt-van-14') await openStep(page, 2);
        // all that can be wrong is the same at any size but room, and in any theme but colour
        if (textPct === 100) {
          await expectAccessible(page);
          await setTheme(page, 'dusk');
          await expectAccessible(page, ['color-contrast']);
          await setTheme(page, 'day');
        } else await expectAccessible(page, ['target-size']);
        for (let i = 0; i < 3; i++) await page.keyboard.press('Tab');
        for (const width of WIDTHS) {
          await page.setViewportSize({ width, height: 800 });
          expect({ path, width, ...(await overflow(page)) }).toEqual({ path, width, view: 0, right: 0, below: 0, rail: 0 });
        }
      });
  });
