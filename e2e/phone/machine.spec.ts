import { bushCut, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

test('what a machine is good for: the diameters of both tool materials, the gaps, every step at a diameter', async ({
  page,
}) => {
  await page.goto(`/drawer/machines/${DEMO.machine.bay}`);
  await page.getByRole('button', { name: /^Good for/ }).click();
  await expect(page.getByText('Nothing between 118 and 265')).toBeVisible();
  await page.getByRole('button', { name: /^In: / }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Medium-carbon/ })
    .click();
  await expect(page.getByText(/HSS: ⌀8.6 to 230 mm; no proper step between/)).toBeVisible();
  await expect(page.getByText(/nor ⌀36 and 54/)).toBeVisible();

  await page.getByRole('button', { name: /Diameter of the work .*change/ }).click();
  await page.keyboard.type('2 3/8');
  await page.keyboard.press('Enter');
  const steps = page.getByRole('list', { name: 'Every step' });
  // 118 rpm on 60.325 mm is 22.4 m/min: HSS; 744 rpm is 141 m/min: carbide; 265 rpm is 50 m/min: neither.
  await expect(steps.getByRole('listitem').filter({ hasText: 'Belt 3, back gear in' })).toContainText('HSS');
  await expect(steps.getByRole('listitem').filter({ hasText: 'Belt 3, back gear out' })).toContainText(
    'Carbide',
  );
  await expect(steps.getByRole('listitem').filter({ hasText: 'Belt 1, back gear out' })).toContainText(
    'between',
  );

  const chart = page.getByRole('slider', { name: 'Diameter on the chart' });
  const box = (await chart.boundingBox())!;
  await chart.click({ position: { x: box.width * 0.4, y: box.height / 2 } });
  // 112 of the 298 points between 2 mm and 200 mm on a log scale.
  await expect(page.getByRole('button', { name: /Diameter of the work 11\smm/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^In: Medium-carbon/ })).toBeVisible();
});

test('a shaper has strokes instead of turns', async ({ page }) => {
  await page.goto(`/drawer/machines/${DEMO.machine.shaper}/reach`);
  await expect(page.getByRole('slider', { name: 'Stroke on the chart' })).toBeVisible();
  await page.getByRole('button', { name: /Length of the stroke/ }).click();
  await page.keyboard.type('200');
  await page.keyboard.press('Enter');
  // 55 strokes of 200 mm, 1.6 times longer cutting than returning: 55 x 0.2 x 1.625 = 17.9 m/min.
  await expect(
    page.getByRole('list', { name: 'Every step' }).getByRole('listitem').filter({ hasText: 'Gear lever 3' }),
  ).toContainText(/18\sm\/min/);
  await visit(page, '/cut');
  await page.getByRole('button', { name: /, Machine, change$/ }).click();
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Pillar drill/ })).toBeVisible();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Ram shaper/ })
    .click();
  await expect(page.getByRole('button', { name: /^Ram strokes \d+ \/min, Gear lever/ })).toBeVisible();
});

test('tap along with a mark: the true speed goes into the machine, the other steps follow through the pulleys', async ({
  page,
}) => {
  await page.clock.install();
  await page.goto(`/drawer/machines/${DEMO.machine.bay}`);
  await page.getByRole('button', { name: /^True speed/ }).click();
  await page.getByRole('button', { name: /^Step that is set: / }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Belt 3, back gear in/ })
    .click();
  const pad = page.getByRole('button', { name: 'Tap as the mark comes by' });
  await expect(page.getByRole('button', { name: 'Take this measure' })).toBeDisabled();
  // A mark at 115 rpm, one tap doubled and one mark missed.
  await page.clock.pauseAt(Date.now() + 60_000);
  const period = 60_000 / 115;
  const tap = () => pad.dispatchEvent('pointerdown');
  for (let mark = 0; mark < 12; mark += 1) {
    if (mark !== 5) await tap();
    await page.clock.runFor(60);
    if (mark === 8) await tap();
    await page.clock.runFor(Math.round(period) - 60);
  }
  await page.clock.resume();
  await expect(page.getByText(/^115\srpm/)).toBeVisible();
  await expect(page.getByText('12 taps; allowed for: 1 double, 1 missed')).toBeVisible();
  await page.getByRole('button', { name: 'Take this measure' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Put it into the machine' }).click();
  await expect(page.getByText('The machine has its true speeds.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^True speed, 3 of 6 steps measured/ })).toBeVisible();

  await visit(page, bushCut);
  await page.getByRole('button', { name: /^Spindle 115 rpm/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText(
    'True speed, measured',
  );
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText(
    'At the spindle in this step',
  );
});

test('slow turns times the back gear; what does not fit is said at its field, what lies far off is questioned', async ({
  page,
}) => {
  await page.goto(`/drawer/machines/${DEMO.machine.long}/true-speed?step=9&way=counted`);
  await page.getByRole('radio', { name: 'Same belt, back gear in' }).click();
  const take = page.getByRole('button', { name: 'Take this measure' });
  await page.getByLabel('Whole turns of the mark').fill('0');
  await take.click();
  await expect(page.getByText('Must be a number from 5 to 10000.')).toBeVisible();
  await expect(page.getByText('Must be a number from 1 to 3600.')).toBeVisible();
  await page.getByLabel('Whole turns of the mark').fill('30');
  await page.getByLabel('Seconds').fill('49,6');
  await page.getByLabel('Teeth of the driving gears, from the cone').fill('25 20');
  await page.getByLabel('Teeth of the driven gears').fill('65');
  await take.click();
  await expect(page.getByText('As many driving as driven gears.')).toBeVisible();
  await page.getByLabel('Teeth of the driven gears').fill('65 70');
  await take.click();
  await expect(page.getByText('330 rpm', { exact: false }).first()).toBeVisible();
  await expect(page.getByText(/That is 0.33 times the table: is it the right step\?/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave out measure 1' }).click();
  await expect(page.getByRole('button', { name: 'All steps' })).toBeHidden();
});

test('a friction wheel, in the sizes as machinists write them: one step, or the whole table of the plate', async ({
  page,
}) => {
  await page.goto(`/drawer/machines/${DEMO.machine.long}/true-speed?step=4&way=friction-wheel`);
  await page.getByLabel(/^Diameter of the wheel/).fill('2 in');
  await expect(page.getByText('50.8 mm = 2.000 in')).toBeVisible();
  await page.getByLabel(/^Diameter of the rim/).fill('160');
  await page.getByLabel(/^Turns of the wheel/).fill('270');
  await page.getByLabel('Seconds').fill('29.6');
  await page.getByRole('button', { name: 'Take this measure' }).click();
  await expect(page.getByText(/the table says 180/)).toBeVisible();
  await page.getByRole('button', { name: 'All steps' }).click();
  await expect(page.getByLabel('Speed 5, rpm')).toHaveValue('174.6');
  await expect(page.getByLabel('Speed 1, rpm')).toHaveValue('43.66');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/not measured yet/)).toBeVisible();
});

test('a short check makes a machine tired, and the working says what was found', async ({ page }) => {
  await page.goto(`/drawer/machines/${DEMO.machine.long}`);
  await page.getByRole('button', { name: /^Condition check/ }).click();
  await page.getByRole('button', { name: 'Put it into the machine' }).click();
  await expect(page.getByText('Type a size: 32, 5/8, .250, 10 thou, #7, F.').first()).toBeVisible();
  await page.getByLabel('Spindle play (mm)').fill('2 thou');
  await page.getByLabel('Gib slack (mm)').fill('0');
  await page.getByLabel('Backlash (mm)').fill('0.3');
  await page.getByRole('radio', { name: 'Slips in a heavy cut' }).click();
  await expect(page.getByText('Long-bed lathe: tired')).toBeVisible();
  await expect(page.getByText(/In every cut: speed × 0.80, feed × 0.85, depth × 0.70/)).toBeVisible();
  await page.getByRole('button', { name: 'Put it into the machine' }).click();
  await expect(page.getByText('Long-bed lathe counts as tired.')).toBeVisible();
  await expect(page.getByLabel('Cross slide, backlash (mm)')).toHaveValue('0.3');
  await visit(page, bushCut.replace(DEMO.machine.bay, DEMO.machine.long));
  await page.getByRole('button', { name: /^Spindle/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText(
    /checked: spindle play 0.05\smm/,
  );
});

test('change gears: a pitch from gears, gears for a pitch, and the feed into the carriage list', async ({
  page,
}) => {
  await page.goto(`/drawer/machines/${DEMO.machine.bay}/gears`);
  await expect(page.getByRole('heading', { name: '0.635 mm (40 tpi)' })).toBeVisible();
  await page.getByRole('button', { name: '50 teeth, Gear on the leadscrew, change' }).click();
  await page.getByRole('dialog').getByRole('button', { name: '40 teeth' }).click();
  await expect(page.getByRole('heading', { name: '0.79375 mm (32 tpi)' })).toBeVisible();
  const wanted = page.getByLabel('Pitch: 1.25, or 20 tpi');
  await wanted.fill('a coarse one');
  await expect(page.getByText('Type a pitch like 1.25 mm, or threads per inch like 20 tpi.')).toBeVisible();
  await wanted.fill('1 mm');
  // 63 and 80 instead of 127 and 100: 1.000125 mm.
  await expect(page.getByText(/\+125 ppm: 0.01\smm over 100 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Put these on' }).click();
  await expect(page.getByRole('heading', { name: '1.0001 mm (25.397 tpi)' })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Put this feed into the list of carriage feeds' }).click();
  await expect(page.getByText('The feed is in the list of the carriage.')).toBeVisible();
  await expect(page.getByLabel(/^Feed \d, how it is set/).nth(3)).toHaveValue(/^Gears /);
});

test('limits are said in Cut: a bar that does not swing, a cutter without a collet', async ({ page }) => {
  await page.goto(bushCut.replace('workDiameterMm=60', 'workDiameterMm=260'));
  await expect(
    page.getByText(/⌀260\smm does not swing in this lathe: it takes ⌀250\smm over the bed\./),
  ).toBeVisible();
  await visit(page, `/drawer/machines/${DEMO.machine.mill}`);
  await page.getByLabel('Collets (mm)').fill('6; 1/2; eight');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(
    page.getByText('Size 3 cannot be read. Put a semicolon between sizes: 6; 10; 1/2.'),
  ).toBeVisible();
  await page.getByLabel('Collets (mm)').fill('6; 1/2');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  // Gone elsewhere before it is kept, one stays there.
  await visit(
    page,
    `/cut?${new URLSearchParams({ machineId: DEMO.machine.mill, stockId: DEMO.stock.hatch, toolId: DEMO.tool.endMill12, operation: 'mill-side', workDiameterMm: '30', stickOutMm: '30', support: 'chuck', fluid: 'brush' }).toString()}`,
  );
  await expect(page.getByText(/No collet for a shank of 12\smm: there are 6, 12.7\./)).toBeVisible();
});
