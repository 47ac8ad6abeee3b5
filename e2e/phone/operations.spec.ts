import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { typeSize } from '../fixtures/typing';

const spindle = /^Spindle [\d.]+ rpm/;

test('parting off: blade, cross feed, ease toward the centre; a wider blade takes more power', async ({
  page,
}) => {
  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.railing, DEMO.tool.parting, {
      operation: 'part',
      workDiameterMm: 32,
      stickOutMm: 10,
    }),
  );
  await expect(
    page.getByRole('img', { name: /^Parting off ⌀32\smm with a blade of 2\smm, 10\smm from the chuck$/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Cross feed 0.0\d+ mm\/rev/ })).toBeVisible();
  await expect(page.getByText(/The speed falls to nothing at the centre/)).toBeVisible();
  await expect(page.getByText(/Never catch the piece by hand/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Blade 2 mm, 16\smm to the centre/ })).toBeVisible();
  await page.getByRole('button', { name: /^Cross feed/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the feed' })).toContainText(
    'finer rubs, coarser breaks the blade',
  );
  await page.goBack();
  // Far from the chuck it springs and digs in.
  await typeSize(page, 'stickOut', '60');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText(/Cuts 1.9 diameters from the chuck, 1 is usual. Closer to the chuck./),
  ).toBeVisible();
  await page.getByRole('button', { name: 'What will happen' }).click();
  await expect(page.getByRole('list', { name: 'What will happen' })).toContainText(/Time for 16\smm/);
});

test('boring: the bore as it will be, the bar out of its holder, and the size by the dial', async ({
  page,
}) => {
  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.bush, DEMO.tool.boringBar, {
      operation: 'bore',
      workDiameterMm: 40,
      stickOutMm: 40,
    }),
  );
  await expect(page.getByRole('button', { name: spindle })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Carriage 0.\d+ mm\/rev/ })).toBeVisible();
  await page.getByTestId('dimension-stickOut').click();
  await expect(page.getByText('Bar out of the holder', { exact: true })).toBeVisible();
  await page.keyboard.type('80');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/The bar sticks out 6.7 diameters, 4 is usual/)).toBeVisible();
  await page.getByRole('button', { name: /^Depth, start/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the depth' })).toContainText(
    'the bore before this cut',
  );
  await page.goBack();
  await page.getByRole('button', { name: 'What will happen' }).click();
  await expect(page.getByRole('list', { name: 'What will happen' })).toContainText('Bar springs away');
  await page.goBack();
  await page.getByRole('button', { name: 'To size' }).click();
  await expect(page.getByRole('radio', { name: 'Bore' })).toHaveAttribute('aria-checked', 'true');
});

test('reaming on the lathe and the drill press: slow, coarse, with what is left for it', async ({ page }) => {
  for (const machine of [DEMO.machine.bay, DEMO.machine.drill]) {
    await page.goto(
      cutAddress(machine, DEMO.stock.railing, DEMO.tool.reamer12, { operation: 'ream', stickOutMm: 60 }),
    );
    await expect(page.getByRole('img', { name: /^Reaming ⌀12\smm, 0.22\smm left for it$/ })).toBeVisible();
    await expect(
      page.getByRole('button', { name: /Leave for it 0.22 mm, drill ⌀11.78\smm or the next smaller/ }),
    ).toBeVisible();
    await expect(page.getByRole('button', { name: /^By hand, (tailstock|quill) wheel/ })).toBeVisible();
  }
  await page.getByRole('button', { name: /^By hand/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the feed' })).toContainText(
    '2.5 × the feed of a drill this size',
  );
});

test('shaping: strokes a minute, ratchet feed, stroke and caution at the ram, and the cut in the book', async ({
  page,
}) => {
  await page.goto(
    cutAddress(DEMO.machine.shaper, DEMO.stock.bright, DEMO.tool.knife, {
      operation: 'shape',
      workDiameterMm: 175,
    }),
  );
  await expect(page.getByRole('img', { name: /^Shaping 175\smm long, .* stroke 200\smm$/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Ram strokes \d+ \/min, Gear lever \d/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Table feed 0.\d+ mm\/stroke, Ratchet/ })).toBeVisible();
  await expect(page.getByText(/Stand to the side, never in line with the ram/)).toBeVisible();
  await page.getByRole('button', { name: /^Ram strokes/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText(
    /÷ \(200 × \(1 \+ 1 ÷ 1\.\d+\)\)/,
  );
  await page.goBack();
  await typeSize(page, 'diameter', '360');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Longer than the ram goes: 350\smm is its longest stroke/)).toBeVisible();
  await typeSize(page, 'diameter', '100');
  await page.keyboard.press('Enter');
  await typeSize(page, 'width', '80');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'What will happen' }).click();
  await expect(page.getByRole('list', { name: 'What will happen' })).toContainText(
    /Time for 80\smm of width/,
  );
  await page.goBack();
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByText('100 mm long')).toBeVisible();
  await expect(page.getByText(/strokes\/min/).first()).toBeVisible();
});

test('a new parting blade is typed in the drawer and cuts; the book keeps the cut', async ({ page }) => {
  await page.goto('/drawer?kind=tools');
  await page.getByRole('button', { name: 'Add a tool' }).click();
  await page.getByLabel('Name').fill('Thin blade');
  await page.getByRole('button', { name: /^Kind: / }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Parting or grooving blade' }).click();
  await expect(page.getByLabel('Nose radius (mm)')).toBeHidden();
  await page.getByLabel('Width of the blade (mm)').fill('1,5');
  await page.getByRole('button', { name: 'Add to the drawer' }).click();
  await expect(page.getByRole('button', { name: /^Thin blade/ }).first()).toBeVisible();
  await expect(page.getByText('Thin blade is in the drawer.')).toBeVisible();
  await visit(
    page,
    cutAddress(DEMO.machine.bay, DEMO.stock.railing, DEMO.tool.parting, {
      operation: 'part',
      workDiameterMm: 20,
      stickOutMm: 10,
    }),
  );
  await page.getByRole('button', { name: /, Tool, change$/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Thin blade/ })
    .click();
  await expect(page.getByRole('button', { name: /Blade 1.5 mm/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByText('In the book.')).toBeVisible();
});
