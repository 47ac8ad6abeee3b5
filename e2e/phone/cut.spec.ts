import type { Page } from '@playwright/test';
import { bushCut, cutAddress, DEMO, frameCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { typeSize } from '../fixtures/typing';

const spindle = (page: Page) => page.getByRole('button', { name: /^Spindle .*Open the working/ });
const feed = (page: Page) =>
  page.getByRole('button', { name: /^(Carriage|Cross feed|Table feed|By hand).*Open the working/ });
const choose = async (page: Page, word: string, option: RegExp) => {
  await page.getByRole('button', { name: new RegExp(`, ${word}, change$`) }).click();
  await page.getByRole('dialog').getByRole('button', { name: option }).click();
};
const type = async (page: Page, dimension: string, text: string) => {
  await typeSize(page, dimension, text);
  await page.getByRole('button', { name: 'Set', exact: true }).click();
};

test('the whole path: choose, type 5/8 on the sketch, read the working, step the ladder, log, restart, find it, open it again', async ({
  page,
  shop,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  await page.getByRole('button', { name: 'Go on to Cut' }).click();
  await choose(page, 'Machine', /^Long-bed lathe/);
  await choose(page, 'Stock', /^Bright bar/);
  await choose(page, 'Tool', /^HSS knife tool/);

  await type(page, 'diameter', '5/8');
  await type(page, 'stickOut', '40mm');
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀15.88');
  // 32 m/min on 15.875 mm is 642 rpm; 710 is more than 10 % above it, 500 is the step this machine has.
  await expect(spindle(page)).toContainText('500');
  await expect(spindle(page)).toContainText('Range high, lever 2');

  await spindle(page).click();
  const working = page.getByRole('list', { name: 'Working of the speed' });
  await expect(working).toContainText('26 to 38 m/min');
  await expect(working).toContainText('Start at the middle');
  await expect(working).toContainText('1000 × 32 ÷ (π × 15.88)');
  await expect(working).toContainText('642 rpm');
  await expect(working).toContainText('500 and 710 rpm');
  await page.getByRole('button', { name: 'Back' }).click();

  await page.getByRole('button', { name: 'One step up' }).click();
  await expect(spindle(page)).toContainText('710');
  await expect(spindle(page)).toContainText('lever 3');

  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByText('Say how it went first.')).toBeVisible();
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  const remark = `Clevis pin ${Date.now()}, clean at the faster step.`;
  await page.getByLabel('Remark').fill(remark);
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByRole('heading', { name: 'Turn Bright bar' })).toBeVisible();

  await shop.stop();
  await shop.start();

  await page.goto('/book');
  await page.getByLabel('Find').fill('clevis clean');
  await page.getByRole('button', { name: /^Turn Bright bar, ⌀15.88/ }).click();
  await expect(page.getByLabel('Remark')).toHaveValue(remark);
  await expect(page.getByText('710 rpm').first()).toBeVisible();
  await page.getByRole('button', { name: 'Open in Cut' }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀15.88');
  await expect(spindle(page)).toContainText('710');
});

test('the answer stands on a phone without scrolling, lathe and mill, mm and inch', async ({ page }) => {
  for (const address of [bushCut, frameCut]) {
    for (const units of ['mm', 'inch']) {
      await page.addInitScript(
        (kept) => localStorage.setItem('pike-preferences', kept),
        JSON.stringify({ state: { units, theme: 'light', recent: {} }, version: 0 }),
      );
      await page.goto(address);
      await expect(spindle(page)).toBeVisible();
      const actions = (await page.getByRole('button', { name: 'Cut taken' }).boundingBox())!;
      for (const result of [spindle(page), feed(page), page.getByRole('slider', { name: 'Spindle speed' })]) {
        const box = (await result.boundingBox())!;
        expect(box.y).toBeGreaterThanOrEqual(0);
        expect(box.y + box.height).toBeLessThanOrEqual(actions.y);
      }
      await expect(page.getByTestId('dimension-depth')).toBeInViewport();
      expect(actions.y).toBeGreaterThan((844 * 2) / 3);
    }
  }
});

test('what cannot be a size is refused at the keypad with a sentence, and stays as typed', async ({
  page,
}) => {
  await page.goto(bushCut);
  await page.getByTestId('dimension-diameter').click();
  const field = page.getByRole('textbox', { name: 'Diameter of the work' });
  const set = page.getByRole('button', { name: 'Set', exact: true });
  const faults: readonly [text: string, sentence: RegExp][] = [
    ['0', /more than 0/],
    ['-3', /more than 0/],
    ['99999999', /Must be from 0.5 to 3000\smm/],
    ['abc', /cannot be read/],
    ['5/7', /halves, quarters/],
    ['#81', /#1 to #80/],
    ['M8', /thread/],
    ['12ft', /Use mm, cm, in/],
    ['9'.repeat(10_000), /longer than any size/],
  ];
  for (const [text, sentence] of faults) {
    await field.fill(text);
    await expect(page.getByRole('dialog')).toContainText(sentence);
    await expect(set).toBeDisabled();
    await expect(field).toHaveValue(text);
  }
  await field.fill('.250');
  await expect(page.getByText('Two ways to read that')).toBeVisible();
  await page.getByRole('button', { name: '6.35 mm = 0.250 in' }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀6.35');
  await page.getByTestId('dimension-diameter').click();
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀6.35');
});

test('the keypad alone is enough: fractions, thou, the last sizes, letter drills', async ({ page }) => {
  await page.goto(bushCut);
  const keys = async (...names: string[]) => {
    for (const name of names)
      await page.getByRole('dialog').getByRole('button', { name, exact: true }).click();
  };
  await page.getByTestId('dimension-diameter').click();
  await keys('1', 'space', '1/4');
  await expect(page.getByRole('dialog')).toContainText('1 1/4 is 31.75 mm = 1.250 in');
  await keys('Set');
  await page.getByTestId('dimension-depth').click();
  await keys('4', '0', 'thou', 'Set');
  await expect(page.getByTestId('dimension-depth')).toContainText('1.02');
  await expect(page.getByRole('button', { name: /^Depth, yours/ })).toContainText('40 divisions in');
  await page.getByTestId('dimension-depth').click();
  await keys('Use start, Use the proposed start');
  await expect(page.getByRole('button', { name: /^Depth, start/ })).toBeVisible();

  await page.getByTestId('dimension-diameter').click();
  await keys('31.75 mm, again 31.75 mm = 1.250 in');
  await choose(page, 'Operation', /^Drill/);
  await page.getByTestId('dimension-diameter').click();
  await keys('F, letter drill F', 'Set');
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀6.53');
});

test('carbide on a machine too slow for it, and HSS too fast, are said with what to do', async ({ page }) => {
  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.shaft, DEMO.tool.coated, {
      operation: 'turn',
      workDiameterMm: 12,
    }),
  );
  await expect(page.getByText(/Too slow for coated carbide.*Take sharp HSS/)).toBeVisible();
  await visit(
    page,
    cutAddress(DEMO.machine.mill, DEMO.stock.stainless, DEMO.tool.endMill12, {
      operation: 'mill-slot',
      stickOutMm: 30,
      rpmByHand: 2450,
    }),
  );
  await expect(page.getByRole('alert')).toContainText(
    /Too fast for High speed steel.*The edge will burn\. Go down/,
  );
  await page.getByRole('slider', { name: 'Spindle speed' }).press('ArrowLeft');
  await expect(spindle(page)).toContainText('1600');
});

const EVERY = {
  'Long-bed lathe': [
    'Turn',
    'Face',
    'Turn to a shoulder',
    'Bore',
    'Drill',
    'Centre-drill',
    'Ream',
    'Part off',
    'Groove',
    'Chamfer',
    'Cut a thread',
    'Turn a taper',
    'Knurl',
    'Form-turn',
    'File and polish',
  ],
  'Knee mill': [
    'Side-mill',
    'Slot',
    'Plunge',
    'Ramp down',
    'Face-mill',
    'Fly-cut',
    'Saw',
    'Drill',
    'Centre-drill',
    'Ream',
    'Bore',
    'Form-mill',
    'Cut a T-slot',
    'Cut a dovetail',
  ],
};

test('every operation of both machines says a speed, a feed and a depth', async ({ page }) => {
  await page.goto(bushCut);
  for (const [machine, operations] of Object.entries(EVERY)) {
    await choose(page, 'Machine', new RegExp(`^${machine}`));
    for (const operation of operations) {
      await choose(page, 'Operation', new RegExp(`^${operation},`));
      await expect(
        page.getByRole('button', { name: new RegExp(`^${operation}.*, Operation, change$`) }),
      ).toBeVisible();
      await expect(spindle(page)).toHaveAccessibleName(/Spindle [\d.]+ rpm, (Range|Belt)/);
      await expect(page.locator('[data-testid^="dimension-"]').first()).toHaveText(/\d/);
      await expect(page.getByTestId('dimension-feed')).toHaveText(/\d/);
    }
  }
});

test('conditions change the number and stand in the working as named factors', async ({ page }) => {
  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.sheave, DEMO.tool.knife, {
      operation: 'turn',
      workDiameterMm: 150,
    }),
  );
  await page.getByRole('button', { name: /, Conditions, change$/ }).click();
  await page.getByRole('radio', { name: 'Dry' }).click();
  await page.getByRole('checkbox', { name: 'Interrupted' }).click();
  await page.getByRole('checkbox', { name: 'First pass over scale or cast skin' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await spindle(page).click();
  const working = page.getByRole('list', { name: 'Working of the speed' });
  for (const factor of ['Tired machine', 'Interrupted cut', 'Hard skin, first pass'])
    await expect(working).toContainText(factor);
  await page.getByRole('radio', { name: 'Depth' }).click();
  await expect(page.getByRole('list', { name: 'Working of the depth' })).toContainText(
    'goes under the hard skin',
  );
});

test('units, night shop and the school are kept', async ({ page }) => {
  await page.goto(bushCut);
  await expect(spindle(page)).toContainText('118');
  await visit(page, '/settings');
  await page.getByRole('radio', { name: 'Inches' }).click();
  await page.getByRole('radio', { name: 'Night shop' }).click();
  await page.getByRole('radio', { name: 'Top', exact: true }).click();
  await page.getByRole('radio', { name: '4 × CS ÷ D' }).click();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Inches' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Top', exact: true })).toBeChecked();
  await expect(page.locator('html')).toHaveCSS('color-scheme', 'dark');
  await visit(page, '/cut/working?of=speed');
  const working = page.getByRole('list', { name: 'Working of the speed' });
  await expect(working).toContainText('Start at the top');
  await expect(working).toContainText('Shop shortcut 4 × CS ÷ D');
  await expect(working).toContainText('+4.7 %');
  await expect(working).toContainText('sfm');
  await visit(page, '/settings');
  await page.getByRole('radio', { name: 'Middle', exact: true }).click();
  await page.getByRole('radio', { name: '1000 × v ÷ (π D)' }).click();
  await expect(page.getByRole('radio', { name: 'Middle', exact: true })).toBeChecked();
});

test('an address opens its cut also where nothing was set up before and everything is already on the device', async ({
  page,
}) => {
  await page.goto('/drawer');
  await expect(page.getByRole('button', { name: /^Bay lathe/ })).toBeVisible();
  await page.waitForFunction(() =>
    performance.getEntriesByType('resource').some((one) => one.name.includes('/api/rules?')),
  );
  await page.waitForLoadState('networkidle');
  await page.goto(frameCut);
  await expect(page.getByRole('button', { name: /^Hatch plate aluminium.*, Stock, change$/ })).toBeVisible();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀12');
});

test('a set-up survives a reload, an address of nonsense does no harm', async ({ page }) => {
  await page.goto(frameCut);
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀12');
  await type(page, 'diameter', '11.8');
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀11.8');
  await page.goto('/');
  await page.reload();
  await expect(page.getByRole('button', { name: /^Hatch plate aluminium, ⌀11.8 mm/ })).toBeVisible();
  for (const damaged of [
    '/cut?machineId=nobody&operation=dance&workDiameterMm=1e99',
    `/cut/forecast?${frameCut.split('?')[1]!.replace(/toolId=[^&]*/, 'toolId=0192f000-0003-7000-8000-00000000ffff')}`,
  ]) {
    await page.goto(damaged);
    await expect(page.getByRole('heading', { name: 'This link is damaged' })).toBeVisible();
    await expect(page.getByTestId('dimension-diameter')).toBeHidden();
  }
  await page.getByRole('button', { name: 'Open the cut that is set up here' }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀11.8');
  // A damaged one that was come to from a cut is left by Back like any other.
  await visit(page, frameCut.replace('fluid=brush', 'fluid=tea'));
  await expect(page.getByRole('heading', { name: 'This link is damaged' })).toBeVisible();
  await page.goBack();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀11.8');
  await page.goto('/cut/nowhere');
  await expect(page.getByText('No such page')).toBeVisible();
});
