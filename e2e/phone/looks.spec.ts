import type { Page } from '@playwright/test';
import { barriers } from '../fixtures/barriers';
import { bushCut, cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { isDrawn, visit } from '../fixtures/drawn';
import { EVERY_PAGE } from '../fixtures/every-page';
import { handFaults } from '../fixtures/hand-checks';

test.use({ withInstruments: true });
// Pages are only looked at: workers share them out.
test.describe.configure({ mode: 'parallel' });

const NO_FAULTS = { small: [], close: [], named: [], cut: [] };
const GROUND = { light: 'rgb(230, 234, 232)', dark: 'rgb(14, 21, 26)' } as const;
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
/** A phone across, and a page of 1280x800 at twice its size. */
const LOW = [
  { width: 844, height: 390 },
  { width: 640, height: 400 },
];

/** Has pages drawn in inches; what they log as an error is collected. */
async function watched(page: Page): Promise<string[]> {
  const faults: string[] = [];
  await page.addInitScript(
    (kept) => localStorage.setItem('pike-preferences', kept),
    JSON.stringify({ state: { units: 'inch', theme: 'system', recent: {} }, version: 0 }),
  );
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error') faults.push(message.text());
  });
  return faults;
}

/** By which heading each page is announced before the application is there. */
async function announcedBy(page: Page, addresses: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const headings = new Map<string, string>();
  await page.route(/\.js$/, (route) => route.abort());
  for (const address of addresses) {
    await page.goto(address);
    headings.set(address, (await page.locator('#frame h1').allTextContents()).join('').trim());
  }
  await page.unroute(/\.js$/);
  return headings;
}

async function open(page: Page, address: string): Promise<void> {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  await page.setViewportSize(PHONE);
  await visit(page, address);
}

/** Without what the rules of accessibility bring about: they measure with styles of their own, which the page's policy refuses. */
const ofThePage = (faults: readonly string[]): string[] =>
  faults.filter((fault) => !fault.startsWith('Applying inline style'));

/** A size of the window, and what is looked at in it: the part that is new of the page. */
interface Look {
  readonly size: { readonly width: number; readonly height: number };
  readonly part: string;
}

const themed = async (page: Page, colorScheme: keyof typeof GROUND): Promise<void> => {
  await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
  await expect(page.locator('body')).toHaveCSS('background-color', GROUND[colorScheme]);
};

/** A page that gets another size is drawn anew, and so is what lies on it. */
async function resized(page: Page, size: Look['size'], part: string): Promise<void> {
  await page.setViewportSize(size);
  await expect(page.locator(part)).toBeVisible();
}

/** Named, in contrast, nothing cut off, nothing small or close to touch, at every size and in both themes. */
async function looksRight(page: Page, looks: readonly Look[]): Promise<void> {
  await themed(page, 'light');
  for (const { size, part } of looks) {
    await resized(page, size, part);
    expect(await barriers(page, 'all', part), `${page.url()} ${size.width} light`).toEqual([]);
    await expect.poll(() => handFaults(page), `${page.url()} ${size.width}`).toEqual(NO_FAULTS);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(size.width);
  }
  // Backwards, from the size that stands: every change of size draws the page anew.
  await themed(page, 'dark');
  for (const { size, part } of looks.toReversed()) {
    await resized(page, size, part);
    expect(await barriers(page, 'contrast', part), `${page.url()} ${size.width} dark`).toEqual([]);
  }
}

const threadCut = cutAddress(DEMO.machine.long, DEMO.stock.shaft, DEMO.tool.threading, {
  operation: 'thread',
  workDiameterMm: 20,
});
const button = (name: RegExp | string) => (page: Page) => page.getByRole('button', { name }).first().click();
const dimension = (key: string) => (page: Page) => page.getByTestId(`dimension-${key}`).click();

const drillCut = cutAddress(DEMO.machine.mill, DEMO.stock.hatch, DEMO.tool.drill85, { operation: 'drill' });
const bay = `/drawer/machines/${DEMO.machine.bay}`;
const bit = `/grind/${DEMO.bit.facing}`;

/** Sheets by the page they open on, each with what opens it. */
const SHEETS: Readonly<Record<string, Readonly<Record<string, (page: Page) => Promise<void>>>>> = {
  [bushCut]: {
    'a size': dimension('diameter'),
    ...Object.fromEntries(
      ['Operation', 'Stock', 'Machine', 'Tool', 'Conditions'].map((what) => [
        what,
        button(new RegExp(`, ${what}, change$`)),
      ]),
    ),
    'a link that cannot be copied': async (page) => {
      await page.evaluate(() =>
        Object.defineProperty(navigator.clipboard, 'writeText', { value: () => Promise.reject(new Error()) }),
      );
      await button(/^Copy link/)(page);
    },
  },
  [drillCut]: { 'a drill size': dimension('diameter') },
  [threadCut]: { 'a pitch': dimension('pitch') },
  [bushCut.replace('/cut?', '/cut/choose?')]: { 'what is wanted': button(/, The job, change$/) },
  '/drawer': { 'a new machine': button('Add a machine') },
  [`/drawer/tools/${DEMO.tool.knife}`]: { 'a count': button('Counted') },
  '/drawer/rescue': {
    'the bath': async (page) => {
      await page.getByLabel(/^Aluminium on the edges/).fill('2');
      await button('Step by step')(page);
    },
  },
  '/grind': { 'a new bit': button('Plan a bit') },
  '/grind/forms': { 'a new form': button('Start a form') },
  [`/grind/forms/${DEMO.form.pinion}`]: {
    'a gear': button(/, Form, change$/),
    'a tool': button(/, Tool, change$/),
  },
  [`/grind/forms/${DEMO.form.pinion}/prove`]: { 'measured points': button('Measured points') },
  [bit]: {
    'an angle': button(/, Side rake/),
    ...Object.fromEntries(
      ['Shape', 'Metal and angles', 'Steel', 'Wheel', 'Cut'].map((what) => [
        what,
        button(new RegExp(`, ${what}, change$`)),
      ]),
    ),
    'a groove': button(/^Chip breaker/),
    'a name': button(/^Name and note/),
    'a file': button(/^As a file/),
  },
  [`/grind/${DEMO.bit.boring}`]: { 'a second clearance': button(/^Second clearance/) },
  [`/grind/${DEMO.bit.general}/steps`]: { measuring: button('Measured'), heat: button('Heat') },
  [`/grind/wheels/${DEMO.wheel.grey}`]: {
    'a marking': button(/, Marking, change$/),
    mounting: button('Mount it'),
    'a dress': button('Dress it'),
  },
  [`/grind/sharpen/${DEMO.tool.endMill16}`]: {
    'a cutter': button(/, Cutter, change$/),
    'a wheel': button(/, Wheel, change$/),
  },
  [`${bay}/drive`]: {
    'a part': button('Add a part'),
    'the motor': button(/^Motor/),
    'a pulley': button(/pulley .*, change$/),
  },
  [`${bay}/gears`]: { 'leadscrew and gears': button('Leadscrew and gears owned') },
  [`${bay}/moves`]: {
    'a job': button('Add a job'),
    'what a change counts': button('What each change counts, change'),
  },
  [`/drawer/machines/${DEMO.machine.mill}/reach`]: { 'a choice from many': button(/^In: /) },
};

/** The page as it stands, at every size. */
async function pageLooksRight(page: Page, announced: string): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toContainText(announced);
  expect(await page.title()).toMatch(/^.+ · Pike Stone$/);
  await looksRight(page, [
    { size: PHONE, part: 'html' },
    { size: WIDE, part: 'html' },
  ]);
  for (const size of LOW) {
    await page.setViewportSize(size);
    await expect.poll(() => handFaults(page), `${size.width}`).toEqual(NO_FAULTS);
  }
}

/** @param behind  the page behind it is looked at too: it lies behind all its sheets in the same way */
async function sheetLooksRight(
  page: Page,
  openSheet: (page: Page) => Promise<void>,
  behind: boolean,
): Promise<void> {
  await page.setViewportSize(PHONE);
  await openSheet(page);
  const sheet = page.getByRole('dialog');
  await expect(sheet).toBeVisible();
  await looksRight(page, [
    { size: PHONE, part: behind ? 'html' : '[role=dialog]' },
    { size: WIDE, part: '[role=dialog]' },
  ]);
  for (const size of LOW) {
    await page.setViewportSize(size);
    await expect.poll(() => handFaults(page), `${size.width}`).toEqual(NO_FAULTS);
    // What closes it and its main action are in reach without scrolling.
    await expect(sheet.getByRole('button', { name: 'Close' })).toBeInViewport({ ratio: 1 });
    const set = sheet.getByRole('button', { name: /^(Set|Done|Next)$/ });
    if ((await set.count()) > 0) await expect(set.last()).toBeInViewport({ ratio: 1 });
  }
  await page.goBack();
  await expect(sheet).toBeHidden();
}

/** With the text of the browser at 130 %. */
async function largeTextFits(page: Page): Promise<void> {
  await page.setViewportSize(PHONE);
  await page.evaluate(() => {
    document.documentElement.style.fontSize = '130%';
    window.dispatchEvent(new Event('resize'));
  });
  await expect.poll(async () => (await handFaults(page)).cut, '130 %').toEqual([]);
  await page.evaluate(() => document.documentElement.style.removeProperty('font-size'));
}

/** Pages with their sheets, shared out so that each test has about as much to look at. */
const TESTS = 12;
const shares: string[][] = Array.from({ length: TESTS }, () => []);
const weightOf = (address: string): number => 1 + Object.keys(SHEETS[address] ?? {}).length;
for (const address of [...new Set([...EVERY_PAGE, ...Object.keys(SHEETS)])].sort(
  (a, b) => weightOf(b) - weightOf(a),
)) {
  const weights = shares.map((share) => share.reduce((sum, one) => sum + weightOf(one), 0));
  shares[weights.indexOf(Math.min(...weights))]!.push(address);
}

for (const [i, share] of shares.entries()) {
  // One page after the other within the application: it and the rules are loaded and compiled once for all.
  test(`every page and sheet looks right, ${i + 1} of ${TESTS}`, async ({ page }) => {
    test.setTimeout(300_000);
    const announced = await announcedBy(page, share);
    const faults = await watched(page);
    await page.goto('/');
    await isDrawn(page);
    for (const address of share) {
      await test.step(address, async () => {
        await open(page, address);
        expect(faults, address).toEqual([]);
        await pageLooksRight(page, announced.get(address)!);
        for (const [at, [name, openSheet]] of Object.entries(SHEETS[address] ?? {}).entries())
          await test.step(name, () => sheetLooksRight(page, openSheet, at === 0));
        await largeTextFits(page);
        expect(ofThePage(faults), address).toEqual([]);
        faults.length = 0;
      });
    }
  });
}
