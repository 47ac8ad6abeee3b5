import type { Page } from '@playwright/test';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

const hatchCut = cutAddress(DEMO.machine.mill, DEMO.stock.hatch, DEMO.tool.endMill16, {
  operation: 'mill-side',
});

const set = (page: Page) => page.getByRole('button', { name: 'Set', exact: true }).click();
const word = (page: Page, what: string) =>
  page.getByRole('button', { name: new RegExp(`, ${what}, change$`) }).click();

test('a wheel is described by its marking, checked against its spindle, dressed, and its rest corrected', async ({
  page,
}) => {
  await page.goto('/grind');
  await page.getByRole('button', { name: 'Wheels', exact: true }).click();
  await page.getByRole('button', { name: /^Silicon carbide 80, green/ }).click();
  // A marking that cannot be read is said so at its field, and stays as it was typed.
  await word(page, 'Marking');
  const marking = page.getByLabel('As it is printed on the wheel');
  await marking.fill('GC 80 5 5 V');
  await set(page);
  await expect(page.getByText(/^This cannot be read\. In order: abrasive/)).toBeVisible();
  await expect(marking).toHaveValue('GC 80 5 5 V');
  await marking.fill('GC 80 H 5 V 170 m/s');
  await expect(page.getByText('The speed must be above 0 and not above 160 m/s.')).toBeVisible();
  await marking.fill('GC 80 H 5 V 25 m/s');
  await expect(page.getByTestId('marking-read')).toContainText(
    'Abrasive GC: green silicon carbide: roughs carbide',
  );
  await set(page);
  await expect(page.getByTestId('decoded')).toContainText('soft: lets blunt grains go');
  await expect(page.getByTestId('wheel-stands')).toContainText('Never carbon steel, HSS, soft steel');
  // On the fast spindle it may not run: 25 m/s on 150 mm is 3183 rpm.
  await word(page, 'Grinder');
  await page.getByRole('button', { name: /^Tool-post grinder.*too fast, 3183 at the most/ }).click();
  await expect(page.getByRole('alert')).toContainText('do not mount it');
  await word(page, 'Grinder');
  await page.getByRole('button', { name: /^Bench grinder/ }).click();
  await expect(page.getByTestId('wheel-stands')).toContainText('22.4 m/s at its rim now; rated 25 m/s');
  // Mounting asks for the ring test and every step; a dull ring forbids it.
  await page.getByRole('button', { name: 'Mount it' }).click();
  const mounted = page.getByRole('button', { name: 'Log it as mounted' });
  await page.getByRole('radio', { name: 'Sounds dull' }).click();
  await page.getByLabel(/^Gap to the rest/).fill('4');
  await expect(page.getByTestId('mount-faults')).toContainText('must ring clear');
  await expect(page.getByTestId('mount-faults')).toContainText('Set the rest nearer');
  await page.getByRole('radio', { name: 'Rings clear' }).click();
  await page.getByLabel(/^Gap to the rest/).fill('2');
  for (const step of await page.getByRole('checkbox').all()) await step.click();
  await expect(page.getByTestId('mount-faults')).toBeEmpty();
  await mounted.click();
  await expect(page.getByTestId('dress-book')).toContainText('Mounted, rest 2');

  // The white wheel: its rest stands for the wheel as it was, and is corrected for its wear.
  await visit(page, '/grind/wheels');
  await page.getByRole('button', { name: /^Aluminium oxide 100, white/ }).click();
  await page.getByRole('radio', { name: 'Glazed' }).click();
  await expect(page.getByTestId('wheel-acts')).toContainText('1. Dress it.');
  await page.getByRole('button', { name: 'Dress it' }).click();
  await expect(
    page.getByRole('radiogroup', { name: 'Why it is dressed' }).getByRole('radio', { name: 'Glazed' }),
  ).toBeChecked();
  await page.getByRole('radio', { name: 'Diamond only' }).click();
  await page.getByLabel(/^Diameter after it/).fill('140');
  await page.getByLabel('Seconds across the wheel').fill('4');
  await expect(page.getByTestId('dress-lead')).toContainText('fine, for finishing');
  await page.getByRole('button', { name: 'Log the dress' }).click();
  const book = page.getByTestId('dress-book');
  await expect(book).toContainText('Diamond only, glazed, 3');
  // Set to 8° with the edge 3 mm up at 150; at 140 it grinds 10.46 for 10.29: 7.8.
  await expect(
    page.getByText(/At 140\smm it grinds 10\.5° instead of 10\.3°: set the rest to 7\.8°\./),
  ).toBeVisible();
  await page.reload();
  await expect(book).toContainText('Diamond only, glazed, 3');
  // Measured at 95 it is used up: below 15 m/s at its rim.
  await word(page, 'Diameter');
  await page.getByLabel(/^Diameter now/).fill('95');
  await set(page);
  await expect(page.getByRole('alert')).toContainText(/Used up: 101\smm is the least/);
  // A bit that is ground on it is told, and reckoned with what the wheel measures now.
  await visit(page, `/grind/${DEMO.bit.shear}`);
  await expect(
    page.getByText(/white measures 95\smm now; the rest is reckoned for 150\smm\.$/),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Reckon with 95/ }).click();
  await expect(page.getByRole('button', { name: /^a 95\smm wheel, Wheel, change$/ })).toBeVisible();
});

test('a chipped four-flute cutter is sharpened step by step, its high tooth found, and the cut reckons with it', async ({
  page,
}) => {
  await page.goto('/grind/sharpen');
  await page.getByRole('button', { name: /^HSS end mill 16, 4 flutes/ }).click();
  await word(page, 'Wear seen');
  await page.getByRole('radio', { name: 'Chipped' }).click();
  await page.getByLabel(/^Depth of the deepest chip/).fill('0.1');
  await set(page);
  // 30 sin 6° at the 60 mm wheel; read back on the solid.
  await expect(page.getByText('3.14', { exact: true })).toBeVisible();
  await expect(page.getByTestId('end-read')).toContainText('relief 6° at the edge, 3.9° at the heel', {
    timeout: 20_000,
  });
  await expect(page.getByTestId('rounds')).toContainText(/0\.13\smm off the end/);
  await expect(page.getByTestId('mill-cost')).toContainText('Send it out');
  // What cannot be: a disc too small for so little relief, a wheel that would burst, a cutting disc.
  const findings = page.getByTestId('findings');
  const sharpen = page.getByRole('button', { name: 'Sharpen it' });
  await word(page, 'Wheel');
  await page.getByLabel(/^Diameter now/).fill('20');
  await page.getByLabel(/^Diameter when new/).fill('20');
  await page.getByRole('radio', { name: 'Cutting disc' }).click();
  await page.getByLabel('Speed of the spindle, rpm').fill('50000');
  await page.getByRole('button', { name: 'Take this one' }).click();
  await word(page, 'Relief');
  await page.getByLabel('Relief at the edge, degrees').fill('2');
  await set(page);
  await expect(findings).toContainText(
    'This wheel cannot grind it: on so small a round the heel stands proud',
  );
  await expect(findings).toContainText('50000 rpm is too fast for this wheel');
  await expect(findings).toContainText('A cutting disc is never loaded from the side');
  await expect(sharpen).toBeDisabled();
  await word(page, 'Relief');
  await page.getByLabel('Second relief, degrees').fill('5');
  await page.getByLabel('Relief at the edge, degrees').fill('6');
  await set(page);
  await expect(page.getByText('The second relief must be more than the first.')).toBeVisible();
  await page.getByLabel('Second relief, degrees').fill('14');
  await set(page);
  await word(page, 'Wheel');
  await page.getByRole('button', { name: /^Tool-post wheel 60/ }).click();
  await expect(findings).toBeEmpty();
  // At the lathe: the cover first; what was done stands after a reload.
  await sharpen.click();
  const title = page.getByTestId('step-title');
  await expect(title).toHaveText('Cover the lathe');
  await expect(page.getByText(/^Power off, out of gear, chuck locked/)).toBeVisible();
  for (const next of [
    'Hold the cutter',
    'Set the dish',
    'Set the height',
    'Index and square the teeth',
    'Touch off',
    'Round 1 of 7',
  ]) {
    await page.getByTestId('lower-half Next').click();
    await expect(title).toHaveText(next);
  }
  await expect(page.getByText(/^Waiting/)).toHaveCount(0);
  await page.reload();
  await expect(title).toHaveText('Round 1 of 7');
  await page.keyboard.press('PageUp');
  await expect(title).toHaveText('Touch off');
  const measure = page.getByRole('heading', { name: 'Measure the teeth' });
  while (!(await measure.isVisible())) {
    const before = await page.getByRole('heading', { level: 1 }).textContent();
    await page.keyboard.press(' ');
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(before!);
  }
  // The high tooth, by an indicator; a count that is not that of the teeth only waits.
  const heights = page.getByLabel(/^Heights of the 4 teeth/);
  await heights.fill('0 0.004 -0.002');
  await expect(page.getByText('3 of 4 teeth so far.')).toBeVisible();
  await heights.fill('0 0.004 0.021 -0.002');
  await expect(page.getByTestId('heights-say')).toContainText('Touch tooth 3 again');
  await expect(page.getByTestId('heights-say')).toContainText(/tooth 3 by 0\.023\smm, to tooth 4/);
  // 6° at the edge of a land of 1.1 mm on 60 mm is 4.95° from edge to heel.
  await page.getByLabel(/^Relief as a protractor/).fill('2');
  await expect(page.getByTestId('relief-say')).toContainText('too little');
  await page.getByLabel(/^Relief as a protractor/).fill('5');
  await expect(page.getByTestId('relief-say')).toContainText('Relief 5°: right');
  await page.getByLabel(/^Length of the flutes left/).fill('35');
  await page.getByLabel(/^Diameter as it measures/).fill('15.9');
  await page.getByRole('button', { name: 'Log it' }).click();
  // The drawer and the cut have it as it is now.
  await expect(page).toHaveURL(new RegExp(`/drawer/tools/`));
  await expect(page.getByRole('button', { name: /Diameter 15\.9\smm, change$/ })).toBeVisible();
  await page.getByRole('button', { name: /^Sharpen the end teeth/ }).click();
  await expect(page.getByTestId('mill-history')).toContainText('flutes 35');
  await visit(page, hatchCut);
  await page.getByRole('button', { name: /^Spindle .*Open the working/ }).click();
  await expect(page.getByText(/15\.9/).first()).toBeVisible();
});

test('more flutes than fit are said, with what to do', async ({ page }) => {
  await page.goto('/grind/sharpen/any');
  await word(page, 'Cutter');
  await page.getByLabel('Flutes', { exact: true }).fill('2.5');
  await set(page);
  await expect(page.getByText('Must be a whole number from 1 to 60.')).toBeVisible();
  await page.getByLabel('Flutes', { exact: true }).fill('14');
  await set(page);
  await expect(page.getByTestId('findings')).toContainText('More flutes than fit');
  await expect(page.getByRole('button', { name: 'Sharpen it' })).toBeDisabled();
});

test('a round takes everything dull in the fewest settings; what is done is sharp when it ends', async ({
  page,
}) => {
  await page.goto('/grind/round');
  await expect(page.getByTestId('round-says')).toContainText('No order of these settings takes less.');
  await expect(page.getByTestId('left-out')).toContainText('HSS end mill 10, short');
  await expect(page.getByTestId('left-out')).toContainText('past saving: nothing left to grind');
  await page.getByRole('button', { name: 'Begin the round' }).click();
  const drill = page.getByRole('checkbox', { name: 'Drill 10: point' });
  await drill.click();
  await expect(page.getByText(/^1 of \d+ faces done$/)).toBeVisible();
  await expect(page.getByText(/^Waiting/)).toHaveCount(0);
  await page.reload();
  await expect(drill).toBeChecked();
  const end = page.getByRole('button', { name: 'End the round' });
  await end.click();
  await expect(page.getByText('One tool is sharp again.')).toBeVisible();
  // Ended by mistake it goes on where it stood.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(drill).toBeChecked();
  await end.click();
  // The drill has left the next round; the rest is still dull.
  await expect(page.getByRole('button', { name: 'Begin the round' })).toBeVisible();
  await expect(page.getByText('Drill 10', { exact: true })).toHaveCount(0);
  await expect(page.getByText('HSS slot drill 5')).toBeVisible();
  await visit(page, `/grind/short/drill`);
  await expect(page.getByTestId('short-log')).toContainText('Drill 10');
});

test('heat, stones and a drill’s point follow what is typed', async ({ page }) => {
  await page.goto('/grind/heat');
  const heat = page.getByTestId('heat-says');
  await expect(heat).toContainText('Hardness stays as it was.');
  await page.getByRole('radio', { name: 'Carbon steel' }).click();
  await expect(heat).toContainText('Too hot');
  await page.getByRole('radio', { name: 'Carbide', exact: true }).click();
  await page.getByLabel('Dip, seconds').fill('2');
  await expect(page.getByRole('alert')).toContainText('Carbide is never dipped');
  await page.getByLabel('Times').fill('40');
  await expect(page.getByText('Must be a whole number from 1 to 12.')).toBeVisible();

  await visit(page, '/grind/hone');
  await expect(page.getByTestId('hone-says')).toContainText(/Two bright bands of 0\.31\smm/);
  await page.getByRole('radio', { name: 'Insert' }).click();
  await expect(page.getByText(/^An insert comes honed/)).toBeVisible();

  await visit(page, '/grind/short/drill');
  await expect(page.getByText('59°', { exact: true })).toBeVisible();
  await page.getByLabel(/^One lip longer by/).fill('0.2');
  await expect(page.getByTestId('drill-says')).toContainText(/the hole comes out 0\.17\smm too large/);
  await page.getByRole('button', { name: /^Drill 8\.5/ }).click();
  await expect(page.getByTestId('short-log')).toContainText('Drill 8.5');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('short-log').getByText(/Drill 8\.5/)).toHaveCount(1);
});
