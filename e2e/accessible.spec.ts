import { expect, expectAccessible, test } from './fixtures.js';

const VIEWS = [
  '/pieces',
  '/pieces/salt-van-14',
  '/pieces/peat-wagons?step=s12',
  '/pieces/quay-wall?step=s7',
  '/pieces/salt-van-14/card',
  '/pieces/quay-stores/wishes',
  '/finishes',
  '/finishes/compare?left=salt-van:1&right=salt-van:2',
  '/handbook',
  '/handbook?part=effects',
  '/handbook?part=techniques',
  '/handbook/rules/chip-stack-incomplete',
  '/handbook/materials/enamel-matt',
  '/evenings',
  '/evenings?part=one',
  '/evenings?part=sure',
  '/evenings?part=if',
  '/evenings?part=waiting',
  '/tonight',
  '/tonight?part=card',
  '/tonight?part=cautions',
  '/log',
  '/log?piece=spring-wall&part=history',
  '/log?part=learnt',
  '/shelf',
  '/pieces/quay-wall/film',
  '/mixing',
  '/mixing?part=ladder',
  '/mixing?part=find',
  '/mixing?part=kept',
  '/shelf?part=needs',
  '/shelf?part=count',
  '/shelf?part=sealants',
  '/shelf?part=own',
  '/shelf?part=catalogue',
  '/workshop',
];

for (const theme of ['day', 'dusk'])
  for (const textPct of [100, 130])
    test(`every view is accessible: ${theme} theme, text at ${String(textPct)} %`, async ({ bench: page, server }) => {
      // many views, each looked through whole
      test.slow();
      await page.evaluate(
        (display) => {
          localStorage.setItem('eveningtide.display', JSON.stringify(display));
        },
        { theme, textPct },
      );
      for (const path of VIEWS) {
        await test.step(path, async () => {
          await page.goto(`${server.url}${path}`);
          await expect(page.getByRole('main')).toBeVisible();
          await expect(page.getByRole('link', { name: /^Evenings/ })).not.toHaveText('Evenings0');
          await expectAccessible(page);
          // nothing runs out of the window
          const over = await page.locator('#view').evaluate((view) => view.scrollWidth - view.clientWidth);
          expect(over).toBeLessThanOrEqual(0);
        });
      }
    });
