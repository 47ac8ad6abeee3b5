import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';
import NodeStl from 'node-stl';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

test.use({ withInstruments: true });

const facingBronze = cutAddress(DEMO.machine.bay, DEMO.stock.bush, DEMO.tool.knife, {
  operation: 'face',
  workDiameterMm: 60,
});

test('a bit to face bronze is planned from the cut, ground with one wrong angle put right, and cut with', async ({
  page,
}) => {
  await page.goto(facingBronze);
  await expect(page.getByRole('button', { name: /Open the working/ }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Grind' }).click();
  await page.getByRole('button', { name: 'Plan a bit' }).click();
  await page.getByRole('button', { name: /^For the cut that is set up: facing/ }).click();
  await expect(page).toHaveURL(/\/grind\/[0-9a-f-]{36}$/);
  // The general shape first; then the angles for the metal.
  const sideRake = page.getByTestId('dimension-sideRakeDeg');
  await expect(sideRake).toContainText('12°');
  await page.getByRole('button', { name: /^for phosphor.*, Metal and angles, change$/ }).click();
  await page.getByRole('radio', { name: 'Angles for the metal' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(sideRake).toContainText('6°');
  // An angle opens its reason, refuses what no bit has, and keeps what was typed.
  await sideRake.click();
  await expect(page.getByText(/^Too much: The edge crumbles and digs in/)).toBeVisible();
  await page.getByLabel('Degrees').fill('75');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByText('Must be a number from -30 to 60.')).toBeVisible();
  await page.getByLabel('Degrees').fill('8');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(sideRake).toContainText('8°');
  // Read on the solid, hollow as the wheel makes it.
  await expect(page.getByText(/hollow 0\.1\d\smm deep/)).toBeVisible();
  await page.getByRole('button', { name: 'Grind it' }).click();
  const title = page.getByTestId('step-title');
  await expect(title).toHaveText('Grind the front clearance');
  await page.getByTestId('lower-half Next face').click();
  await expect(title).toHaveText('Grind the side clearance');
  await page.getByRole('button', { name: 'Measured' }).click();
  const verdict = page.getByTestId('angle-verdict');
  await page.getByLabel('Side clearance, degrees').fill('4');
  await page.getByRole('button', { name: 'Judge it' }).click();
  await expect(verdict).toContainText('Side clearance 4°: 5° less than planned.');
  await expect(verdict).toContainText(/Rubs above 3\.\d+\smm\/rev/);
  await expect(verdict).toContainText('Set the rest 5° lower at your edge');
  // Ground again, and read by the simulated gauge.
  await page.getByRole('button', { name: /Take [89]\.\d\s°, simulated angle gauge/ }).click();
  await expect(verdict).toContainText('as it should be');
  await page.getByRole('button', { name: 'Close' }).click();
  // A pedal types a space; what was done stands after a reload.
  await page.keyboard.press(' ');
  await expect(title).toHaveText('Grind the top rake');
  await expect(page.getByText(/^Waiting/)).toHaveCount(0);
  await page.reload();
  await expect(title).toHaveText('Grind the top rake');
  await page.keyboard.press('PageUp');
  await expect(title).toHaveText('Grind the side clearance');
  for (const next of ['top rake', 'nose radius']) {
    await page.keyboard.press('PageDown');
    await expect(title).toHaveText(`Grind the ${next}`);
  }
  await page.keyboard.press('PageDown');
  await expect(title).toHaveText('Hone the edge');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByLabel(/^Length of the bit now/).fill('62.5');
  // What is typed and not yet logged survives a reload.
  await page.reload();
  await expect(page.getByLabel(/^Length of the bit now/)).toHaveValue('62.5');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByTestId('measured')).toContainText(/Side clearance (8|9)(\.\d)?°: as it should be\./);
  await expect(page.getByText('62.5 mm long after it', { exact: false })).toBeVisible();
  // One touch to the cut, with the bit's true angles in the working.
  await page.getByRole('button', { name: 'Cut with it' }).click();
  await expect(
    page.getByRole('button', { name: /^Facing bit for Pump bush bronze.*, Tool, change$/ }),
  ).toBeVisible();
  await page.goto('/cut/forecast');
  await page.getByRole('button', { name: /^Power/ }).click();
  await expect(page.getByText(/side rake 8° as planned/)).toBeVisible();
  // In the drawer it has its angles, its count and what is left: 62.5 less 30 held and 12 out of the post.
  await visit(page, '/drawer?kind=tools');
  await page.getByRole('button', { name: /^Facing bit for Pump bush bronze/ }).click();
  await expect(page.getByText(/^Ground by hand: side rake 8°/)).toBeVisible();
  await expect(page.getByText(/at the grinder once$/)).toBeVisible();
  await expect(page.getByTestId('left')).toHaveText(/^20\.5\smm left to grind away: 68 regrinds$/);
});

test('a bit of the rack goes to the cut on a machine that does it, whatever was set up before', async ({
  page,
}) => {
  await page.goto(
    cutAddress(DEMO.machine.mill, DEMO.stock.bush, DEMO.tool.endMill12, {
      operation: 'mill-side',
      workDiameterMm: 60,
    }),
  );
  await expect(page.getByRole('button', { name: /^Knee mill.*, Machine, change$/ })).toBeVisible();
  await visit(page, `/grind/${DEMO.bit.boring}`);
  await page.getByRole('button', { name: 'Cut with it' }).click();
  await expect(
    page.getByRole('button', { name: /^Boring bit for the pump bushes.*, Tool, change$/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Bore.*, Operation, change$/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^.* lathe.*, Machine, change$/ })).toBeVisible();
});

test('a wheel smaller than its arbor is refused; a round blank has its nose in the steel; heat has two schools', async ({
  page,
}) => {
  await page.goto(`/grind/${DEMO.bit.knife}`);
  await page.getByRole('button', { name: /, Wheel, change$/ }).click();
  await page.getByRole('radio', { name: 'Dip often' }).click();
  await page.getByLabel(/^Diameter now/).fill('20');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByText(/^That is smaller than the arbor and flanges/)).toBeVisible();
  await page.getByLabel(/^Diameter now/).fill('125');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await page.getByRole('button', { name: /, Steel, change$/ }).click();
  await page.getByRole('radio', { name: 'Round', exact: true }).click();
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  const findings = page.getByTestId('findings');
  await expect(findings).toContainText(/^Only \d+ % of the blank is left/);
  await page.getByRole('button', { name: /, Steel, change$/ }).click();
  await page.getByLabel(/^Nose below the top/).fill('0.1');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(findings).toContainText('These angles leave no edge on the blank');
  await page.getByRole('button', { name: /^All steps at the wheel/ }).waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: /^All steps at the wheel/ }).click();
  await expect(page.getByText(/^Dip|from the start, while it is only warm/).first()).toBeVisible();
});

test('a chamfer bit that would rub in a bore is mended before it is ground', async ({ page }) => {
  await page.goto(`/grind/${DEMO.bit.chamfer}`);
  const findings = page.getByTestId('findings');
  await expect(findings).toContainText('In a bore of 30 mm the heel stands 0.61 mm into the wall');
  await findings.getByRole('button', { name: 'Second clearance 14°' }).click();
  await expect(findings).not.toContainText('In a bore');
  await expect(page.getByText('4. Second clearance, left')).toBeVisible();
  await page.getByRole('button', { name: /^Set it up/ }).click();
  await expect(page.getByTestId('bore-clearance')).toContainText('clears the wall by');
  await expect(page.getByTestId('packing')).toContainText('17.1 mm of packing');
  await page.getByLabel(/^Nose above the axis now/).fill('16');
  await expect(page.getByText(/^Must be from -5 to 5\smm here\.$/)).toBeVisible();
  await page.getByLabel(/^Nose above the axis now/).fill('-1');
  await expect(page.getByTestId('height-effects')).toContainText('too low');
});

test('a bit as files that others read: STL, DXF, SVG and a card to print', async ({ page }) => {
  await page.goto(`/grind/${DEMO.bit.general}`);
  await expect(page.getByText(/^1\. Side clearance/)).toBeVisible();
  await page.getByRole('button', { name: /^As a file/ }).click();
  const file = async (name: RegExp): Promise<Buffer> => {
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name }).click();
    return readFileSync(await (await coming).path());
  };
  const solid = new NodeStl(await file(/^Solid, STL/));
  // The blank of 63 x 10 x 10 less what was ground off, cm³; the box of the blank but for its front.
  expect(solid.volume).toBeGreaterThan(5.7);
  expect(solid.volume).toBeLessThan(5.95);
  expect(solid.boundingBox[0]).toBeCloseTo(62.75, 0);
  expect(solid.boundingBox.slice(1)).toEqual([expect.closeTo(10, 1), expect.closeTo(10, 1)]);
  const drawing = new DxfParser().parseSync((await file(/^Views, DXF/)).toString('utf8'));
  const lines = drawing?.entities.filter(({ type }) => type === 'LINE') ?? [];
  expect(lines.length).toBeGreaterThan(20);
  expect((await file(/^Views, SVG/)).toString('utf8')).toMatch(/^<svg [^>]*width="\d+\.\d+mm"/);
  const card = await getDocument({ data: new Uint8Array(await file(/^Setting card, PDF/)) }).promise;
  const { items } = await (await card.getPage(1)).getTextContent();
  const words = items.map((item) => ('str' in item ? item.str : '')).join(' ');
  // The whole way to hold it, over two lines; the check bar; the gauges.
  expect(words).toMatch(/On its right side, top to your right, nose\s+98° to your left\./);
  expect(words).toContain('50 mm when printed at true size');
  expect(words).toContain('Side clearance 10.0°');
  await card.destroy();
});

test('without the solid library the bit is shown flat, and that is said', async ({ page }) => {
  await page.route('**/solid/manifold.wasm', (route) => route.abort());
  await page.goto(`/grind/${DEMO.bit.facing}`);
  await expect(
    page.getByText(/^The solid library could not start, so hollow faces are shown flat/),
  ).toBeVisible();
  await expect(page.getByTestId('dimension-frontClearanceDeg')).toContainText('9°');
});

test('a worn bit is reground on the least that brings it back, and a chip breaker says what chip it makes', async ({
  page,
}) => {
  await page.goto(`/grind/${DEMO.bit.squeals}`);
  await expect(page.getByTestId('measured')).toContainText('Rubs at any feed');
  await page.getByRole('button', { name: /^Regrind/ }).click();
  const says = page.getByTestId('regrind-says');
  await page.getByRole('radio', { name: 'Worn land' }).click();
  await page.getByLabel(/^How wide the land is/).fill('0.4');
  await expect(says).toContainText('0.11 mm off side clearance, front clearance and nose radius');
  await page.getByRole('button', { name: 'Grind it' }).click();
  await expect(page.getByText('Squeals on the railing bar, 1 of 4')).toBeVisible();
  await page.getByRole('button', { name: 'Heat' }).click();
  await page.getByRole('button', { name: 'Grinding' }).click();
  await expect(page.getByTestId('tip-temperature')).toHaveText(/^about [3-9]0 °C$/);
  await visit(page, `/grind/${DEMO.bit.general}`);
  await page.getByRole('button', { name: /^Chip breaker/ }).click();
  await expect(page.getByTestId('groove-says')).toContainText('Recut it after');
  await page.getByLabel(/^Width of the groove/).fill('6');
  await expect(page.getByText(/^The groove must be narrower than the round of the stone/)).toBeVisible();
  await page.getByLabel(/^Width of the groove/).fill('1.6');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Chip breaker, 1\.6 mm wide/ })).toBeVisible();
  await expect(page.getByText('4. Chip breaker')).toBeVisible();
});
