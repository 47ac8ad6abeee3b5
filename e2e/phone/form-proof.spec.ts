import { readFileSync } from 'node:fs';
import { DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { set } from '../fixtures/forms';
import { checkedStl, downloaded, printedPdf, printedSvg, readDxfFile } from '../fixtures/open-files';

test('a profile is ground by a slide table: a stone too large is refused, the stop is kept', async ({
  page,
}) => {
  await page.goto(`/grind/forms/${DEMO.form.clock}/make`);
  const table = page.getByTestId('slide-table');
  const stone = page.getByLabel(/^Radius of the wheel or stone/);
  await stone.fill('4');
  await expect(table).toContainText(/wheel radius|Wheel radius/);
  await stone.fill('1.2');
  await expect(table).toContainText(/\d+ stops leave at most 5\sµm between them/);
  await page.getByLabel(/^Cusp left between stops/).fill('0.02');
  await expect(table).toContainText(/at most 20\sµm/);
  await expect(page.getByTestId('cusps')).toContainText(/up to \d+\sµm\. The line is 20\sµm\./);
  await page.getByRole('button', { name: 'Next stop' }).click();
  await page.getByRole('button', { name: 'Next stop' }).click();
  await expect(page.getByTestId(/^step-Stop 3 of/)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId(/^step-Stop 3 of/)).toBeVisible();
  const csv = await downloaded(page, () => page.getByRole('button', { name: 'As CSV' }).click());
  expect(csv).toMatch(/slide table\.csv$/);
  const [heading, first] = readFileSync(csv, 'utf8').split(/\r?\n/);
  expect(heading).toBe('stop,x_mm,y_mm,x_turns,x_mark,y_turns,y_mark');
  expect(first).toBe('1,0.0000,0.0000,0,0,0,0');
});

test('an inspection finds a planted error of 20 micrometres and the facet to touch', async ({
  page,
  request,
  shop,
}) => {
  const asked = {
    moduleMm: 2.5,
    toothCount: 21,
    pressureAngleDeg: 20,
    profileShift: 0,
    addendumFactor: 1,
    dedendumFactor: 1.25,
    rackTipRadiusFactor: 0.38,
  };
  const answer = await request.post(`${shop.url}/api/calc/tooth-space-profile`, { data: asked });
  const { profile } = ((await answer.json()) as { result: { profile: readonly [number, number, number][] } })
    .result;
  const measured = (planted: number): string =>
    profile
      .map(([x, y]) => `${(x > 1.6 && x < 2.4 ? x - planted : x).toFixed(5)} ${(y - 20).toFixed(5)}`)
      .join('\n');
  await page.goto(`/grind/forms/${DEMO.form.pinion}/prove`);
  await page.getByRole('button', { name: 'Measured points' }).click();
  await page.getByLabel(/^Points: x y, in order/).fill('1 2\n3 4');
  await set(page);
  await expect(page.getByText('Three points at least.').first()).toBeVisible();
  await page.getByLabel(/^Points: x y, in order/).fill(measured(0));
  await set(page);
  await expect(page.getByTestId('inspection')).toContainText('Within the band.');
  await page.getByRole('button', { name: 'Measure again' }).click();
  await page.getByLabel(/^Points: x y, in order/).fill(measured(0.02));
  await set(page);
  await expect(page.getByTestId('inspection')).toContainText('Outside of the band.');
  await expect(page.getByTestId('facet')).toContainText('on the right');
  await expect(page.getByTestId('facet')).toContainText(/Metal is missing on the tool/);
  // The first gear: a span that reads too large says how much deeper.
  await page.getByLabel(/^Span over 3 teeth reads/).fill('19.30');
  await expect(page.getByTestId('first-part')).toContainText(/too large: cut 0\.0\d+\smm deeper/);
});

test('a form is shown on the screen as large as a known object says', async ({ page }) => {
  await page.goto(`/grind/forms/${DEMO.form.clock}/prove`);
  const overlay = page.getByTestId('overlay');
  await expect(overlay).toContainText('Not measured yet');
  const bar = async () => (await overlay.locator('svg').last().boundingBox())!.width;
  await page.getByLabel(/^Width of a known object/).fill('60');
  const before = await bar();
  await overlay.getByRole('button', { name: 'Wider', exact: true }).click();
  await expect(overlay).toContainText('The screen was measured.');
  expect((await bar()) / before).toBeCloseTo(1.02, 2);
  await page.reload();
  await expect(overlay).toContainText('The screen was measured.');
});

test('templates and the tooth open at true size in other programs', async ({ page }) => {
  await page.goto(`/grind/forms/${DEMO.form.clock}/prove`);
  await page.getByRole('radio', { name: '20 : 1' }).first().click();
  const press = (name: string) => () => page.getByRole('button', { name, exact: true }).click();
  const [pdf, svg, dxf, stl] = [
    await downloaded(page, press('PDF')),
    await downloaded(page, press('SVG')),
    await downloaded(page, press('DXF')),
    await downloaded(page, press('STL of the tooth')),
  ];
  for (const printed of [printedPdf(pdf), printedSvg(svg)]) {
    expect(printed.alongMm).toBeGreaterThan(99.7);
    expect(printed.alongMm).toBeLessThan(100.6);
    expect(printed.upMm).toBeGreaterThan(99.7);
    expect(printed.upMm).toBeLessThan(100.6);
  }
  const read = readDxfFile(dxf);
  expect(read.units).toBe(4);
  read.lines.forEach((length) => expect(length).toBeCloseTo(100, 4));
  expect(read.arcs).toBeGreaterThan(2);
  // The clock wheel cutter is 2.76 mm wide with its run-on, at 20 to 1.
  expect(read.size[0] / 20).toBeCloseTo(2.76, 1);
  const solid = checkedStl(stl);
  expect(solid.said).toMatch(/Number of facets\s*:\s*[1-9]/);
  expect(solid.volume).toBeGreaterThan(5);
});
