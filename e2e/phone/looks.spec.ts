import AxeBuilder from '@axe-core/playwright';
import { bushCut, DEMO, frameCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/shop';

test.use({ withInstruments: true });

const PAGES = [
  '/', bushCut, frameCut, '/cut/working?of=feed', '/cut/log', '/cut/forecast', '/cut/to-size', '/cut/pacer', '/book', `/book/${DEMO.cut.bush}`, '/drawer', '/drawer?kind=tools', '/settings', '/glossary',
  `/drawer/machines/${DEMO.machine.bay}`, `/drawer/machines/${DEMO.machine.mill}/reach`, `/drawer/machines/${DEMO.machine.bay}/true-speed`, `/drawer/machines/${DEMO.machine.bay}/true-speed?way=friction-wheel`,
  ...['drive', 'gears', 'moves', 'check', 'plate', 'true-speed?way=pulses'].map((page) => `/drawer/machines/${DEMO.machine.bay}/${page}`), `/drawer/machines/${DEMO.machine.drill}/drive`, '/drawer/instruments',
];

// Every page in light and dark: named, in contrast, nothing wider than the phone, nothing small to touch.
for (const address of PAGES) {
  test(`looks: ${address.split('&')[0]}`, async ({ page }) => {
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
    await page.addInitScript((kept) => localStorage.setItem('pike-preferences', kept), JSON.stringify({ state: { units: 'inch', theme: 'system', recent: {} }, version: 0 }));
    await page.goto(address);
    await expect(page.getByRole('main')).not.toBeEmpty();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    for (const [colorScheme, ground] of [['light', 'rgb(230, 234, 232)'], ['dark', 'rgb(14, 21, 26)']] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
      await expect(page.locator('body')).toHaveCSS('background-color', ground);
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
      expect(violations.map(({ id, nodes }) => `${colorScheme} ${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`)).toEqual([]);
    }
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const small = await page.evaluate(() => [...document.querySelectorAll('[role=button], [role=radio], [role=checkbox], [role=link], a, input, textarea')]
      .filter((one) => !one.closest('[aria-hidden=true]') && getComputedStyle(one).display !== 'inline')
      .map((one) => ({ name: one.getAttribute('aria-label') ?? one.textContent, box: one.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 0 && (box.height < 47 || box.width < 44)).map(({ name, box }) => `${name} ${Math.round(box.width)}x${Math.round(box.height)}`));
    expect(small).toEqual([]);
    expect(faults).toEqual([]);
  });
}
