import { barriers } from '../fixtures/barriers';
import { bushCut, cutAddress, DEMO, frameCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

test.use({ withInstruments: true });
// Pages are only looked at: workers share them out.
test.describe.configure({ mode: 'parallel' });

const thread = cutAddress(DEMO.machine.long, DEMO.stock.shaft, DEMO.tool.threading, {
  operation: 'thread',
  workDiameterMm: 20,
});
const face = cutAddress(DEMO.machine.mill, DEMO.stock.hatch, DEMO.tool.faceMill, { operation: 'face-mill' });
const taper = cutAddress(DEMO.machine.bay, DEMO.stock.shaft, DEMO.tool.knife, {
  operation: 'taper',
  stickOutMm: 200,
  lengthMm: 150,
  way: 'set-over',
  support: 'between-centres',
});
const dovetail = cutAddress(DEMO.machine.mill, DEMO.stock.sheave, DEMO.tool.dovetail, {
  operation: 'dovetail',
});

/** Addresses; with one before it where the page belongs to a cut. */
const PAGES: readonly (string | readonly [before: string, address: string])[] = [
  '/',
  bushCut,
  thread,
  taper,
  dovetail,
  [thread, '/cut/thread'],
  [face, '/cut/area'],
  [bushCut, '/cut/forecast'],
  [bushCut, '/cut/choose'],
  [frameCut, '/cut/choose'],
  [bushCut, '/cut/cost'],
  frameCut,
  '/cut/working?of=feed',
  '/cut/log',
  '/cut/to-size',
  '/cut/pacer',
  '/book',
  `/book/${DEMO.cut.bush}`,
  '/drawer',
  '/drawer?kind=tools',
  '/drawer?kind=supplies',
  `/drawer/tools/${DEMO.tool.knife}`,
  '/drawer/identify',
  '/drawer/rescue',
  '/drawer/kit',
  '/drawer/file?kind=tools',
  '/drawer/labels',
  '/grind',
  `/grind/${DEMO.bit.facing}`,
  `/grind/${DEMO.bit.general}/steps`,
  `/grind/${DEMO.bit.boring}/set-up`,
  `/grind/${DEMO.bit.squeals}/regrind`,
  '/settings',
  '/glossary',
  '/files',
  `/drawer/machines/${DEMO.machine.bay}`,
  `/drawer/machines/${DEMO.machine.mill}/reach`,
  `/drawer/machines/${DEMO.machine.bay}/true-speed`,
  `/drawer/machines/${DEMO.machine.bay}/true-speed?way=friction-wheel`,
  ...['drive', 'gears', 'moves', 'check', 'plate', 'true-speed?way=pulses'].map(
    (page) => `/drawer/machines/${DEMO.machine.bay}/${page}`,
  ),
  `/drawer/machines/${DEMO.machine.drill}/drive`,
  '/drawer/instruments',
];

// Every page in light and dark: named, in contrast, nothing wider than the phone, nothing small to touch.
for (const [i, entry] of PAGES.entries()) {
  const [before, address] = typeof entry === 'string' ? [null, entry] : entry;
  test(`looks, ${i + 1}: ${address.split('&')[0]}`, async ({ page }) => {
    const faults: string[] = [];
    await page.addInitScript(
      (kept) => localStorage.setItem('pike-preferences', kept),
      JSON.stringify({ state: { units: 'inch', theme: 'system', recent: {} }, version: 0 }),
    );
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
    if (before) {
      await page.goto(before);
      await expect(page.getByRole('button', { name: /^Spindle/ })).toBeVisible();
    }
    await page.goto(address);
    await expect(page.getByRole('main')).not.toBeEmpty();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    for (const [colorScheme, ground, rules] of [
      ['light', 'rgb(230, 234, 232)', 'all'],
      ['dark', 'rgb(14, 21, 26)', 'contrast'],
    ] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
      await expect(page.locator('body')).toHaveCSS('background-color', ground);
      expect(await barriers(page, rules), colorScheme).toEqual([]);
    }
    await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
    expect(await page.title()).toMatch(/^.+ · Pike Stone$/);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll(
          '[role=button], [role=radio], [role=checkbox], [role=link], a, input, textarea',
        ),
      ]
        .filter((one) => !one.closest('[aria-hidden=true]') && getComputedStyle(one).display !== 'inline')
        .map((one) => ({
          name: one.getAttribute('aria-label') ?? one.textContent,
          box: one.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.width > 0 && (box.height < 47 || box.width < 44))
        .map(({ name, box }) => `${name} ${Math.round(box.width)}x${Math.round(box.height)}`),
    );
    expect(small).toEqual([]);
    expect(faults).toEqual([]);
  });
}
