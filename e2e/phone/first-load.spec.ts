import { bushCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { isDrawn } from '../fixtures/drawn';

test('before any script the page has its places and its heading', async ({ page }) => {
  // Scripts never come.
  await page.route('**/_expo/**', (route) => route.abort());
  for (const [path, heading, place] of [
    ['/', 'Bench', 'Bench'],
    ['/cut/to-size', 'To size', 'Cut'],
    ['/settings', 'Settings', 'Bench'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
    const link = page.getByRole('link', { name: place });
    await expect(link).toHaveAttribute('aria-current', 'page');
    // The bar stands at the bottom, as it will.
    const box = (await link.boundingBox())!;
    expect([Math.round(box.y + box.height), Math.round(box.width)]).toEqual([844, 78]);
  }
});

test('each list is asked for once, and what makes a PDF by nobody', async ({ page }) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(new URL(request.url()).pathname));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Done last' })).toBeVisible();
  // The rest follows by itself: the last of it is a list that only Grind shows.
  await expect.poll(() => asked).toContain('/api/bits');
  await expect.poll(() => asked.some((path) => path.includes('later-pages'))).toBe(true);
  await page.waitForTimeout(1_000);
  const lists = asked.filter((path) => /^\/api\/[a-z]+$/.test(path) && path !== '/api/session');
  expect(lists.length).toBeGreaterThan(5);
  expect(lists.filter((path, i) => lists.indexOf(path) !== i)).toEqual([]);
  expect(asked.filter((path) => path.includes('/pdf-'))).toEqual([]);
});

for (const path of ['/', bushCut]) {
  test(`nothing moves while it is loaded: ${path.split('?')[0]}`, async ({ page }) => {
    await page.addInitScript(() => {
      Object.assign(window, { moved: 0 });
      new PerformanceObserver((list) => {
        for (const shift of list.getEntries())
          Object.assign(window, {
            moved:
              (window as unknown as { moved: number }).moved + (shift as unknown as { value: number }).value,
          });
      }).observe({ type: 'layout-shift', buffered: true });
    });
    // Answers come late and one after the other, as on a slow line.
    let late = 0;
    await page.route('**/api/**', async (route) => {
      await new Promise((go) => setTimeout(go, (late += 120)));
      await route.continue();
    });
    await page.goto(path);
    await isDrawn(page);
    await page.waitForTimeout(4_000);
    expect(await page.evaluate(() => (window as unknown as { moved: number }).moved)).toBeLessThan(0.02);
  });
}
