import type { Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { checkedStl, downloaded, printedPdf, printedSvg, readDxfFile } from '../fixtures/open-files';

const set = (page: Page) => page.getByRole('button', { name: 'Set', exact: true }).click();
const word = (page: Page, what: string) =>
  page.getByRole('button', { name: new RegExp(`, ${what}, change$`) }).click();
const start = async (page: Page, what: RegExp) => {
  await page.getByRole('button', { name: 'Start a form' }).click();
  await page.getByRole('button', { name: what }).click();
  await expect(page).toHaveURL(/\/grind\/forms\/[0-9a-f-]{36}$/);
};

test('an unknown gear becomes a cutter that is made, kept in the drawer, and cuts tooth by tooth', async ({
  page,
}) => {
  await page.goto('/grind');
  await page.getByRole('button', { name: 'Form cutters' }).click();
  await start(page, /^A gear/);
  await word(page, 'Form');
  // Three teeth are none; a span of another gear fits nothing and is said so; the right one is found.
  await page.getByRole('radio', { name: 'Find it' }).click();
  const [counted, outside, over, span, next] = [
    'Teeth counted',
    /^Outside diameter/,
    'Teeth in the span',
    /^Span over them/,
    /^Span over one tooth more/,
  ].map((label) => page.getByLabel(label));
  await counted!.fill('3');
  await expect(page.getByText('Must be a whole number from 6 to 2000.')).toBeHidden();
  await counted!.fill('32');
  await outside!.fill('53.89');
  await over!.fill('4');
  await span!.fill('21.1');
  await expect(page.getByText(/^Nothing fits well/)).toBeVisible();
  await span!.fill('17.08');
  await next!.fill('21.77');
  await expect(page.getByText(/^Sure: the next one fits far worse/)).toBeVisible();
  await page.getByRole('button', { name: /^16 DP, 20°, outside 85/ }).click();
  await page.getByRole('radio', { name: 'A gear in hand' }).click();
  await page.getByLabel('Teeth of the pattern').fill('30');
  await expect(page.getByText(/^Within 10 µm a pattern has 31 to 33 teeth/)).toBeVisible();
  await set(page);
  await expect(page.getByTestId('findings')).toContainText('Drawn for 30 teeth, wanted for 32');
  // The form computed for its own count has no such error.
  await word(page, 'Form');
  await page.getByLabel('Teeth', { exact: true }).fill('3');
  await set(page);
  await expect(page.getByText('Must be a whole number from 6 to 2000.')).toBeVisible();
  await page.getByLabel('Teeth', { exact: true }).fill('32');
  await page.getByRole('radio', { name: 'This count' }).click();
  await set(page);
  await expect(page.getByTestId('findings')).not.toContainText('Drawn for');
  await expect(page.getByTestId('space-read')).toContainText(/within 0\.\d\sµm of the form/);
  // With rake it must be corrected; with a body too thick its heel would drag.
  await word(page, 'Tool');
  await page.getByLabel(/^Body behind the edge/).fill('16');
  await page.getByLabel('Rake, degrees').fill('6');
  await set(page);
  await expect(page.getByTestId('findings')).toContainText('The heel of the body would drag');
  await expect(page.getByRole('button', { name: 'Keep it in the drawer' })).toBeDisabled();
  await word(page, 'Tool');
  await page.getByLabel(/^Body behind the edge/).fill('6');
  await set(page);
  await expect(page.getByTestId('correction')).toContainText('Shaped to the form itself it would cut up to');
  await expect(page.getByTestId('sharpenings')).toContainText('About 30 sharpenings left');
  await page.getByRole('button', { name: /^Sharpened: / }).click();
  await expect(page.getByTestId('sharpenings')).toContainText(
    /About 29 sharpenings left.*0\.1\smm are off its face/,
  );
  await page.getByRole('button', { name: 'Keep it in the drawer' }).click();
  await expect(page.getByRole('button', { name: 'In the drawer' })).toBeVisible();
  await expect
    .poll(async () =>
      (await (await page.request.get('/api/tools?limit=200')).text()).includes(
        '16 DP, for 32 teeth; about 29 sharpenings left',
      ),
    )
    .toBe(true);
  await page.getByRole('button', { name: 'In the drawer' }).click();
  await expect(page.getByRole('heading', { name: 'Cutter for a gear' })).toBeVisible();
  await page.goBack();

  await page.getByRole('button', { name: /^Make it/ }).click();
  await expect(page.getByText(/0 of|of 8 steps to go/)).toBeVisible();
  await page.getByRole('checkbox', { name: '1. The blank' }).click();
  await page.getByRole('radio', { name: 'Skates' }).nth(4).click();
  await page.getByRole('radio', { name: 'Bites' }).nth(5).click();
  await expect(page.getByTestId('scratch-says')).toContainText('Hard enough. Above 60, below 65 HRC.');
  await expect(page.getByText(/: 7 of 8 steps to go$/)).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).first().click();

  await page.getByRole('button', { name: /^Cut the gear/ }).click();
  await expect(page.getByTestId('tooth-by-tooth')).toContainText('Pin in the starting hole');
  await page.getByRole('button', { name: 'First space is cut' }).click();
  await expect(page.getByTestId('tooth-by-tooth')).toContainText('1 full turn and 5 spaces of the 20 circle');
  await page.getByRole('button', { name: 'Space 2 is cut' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Space 3 is cut' })).toBeVisible();
  await expect(page.getByTestId('measure-gear')).toContainText(/Span over 4 teeth: 17\.1/);
  await page.getByRole('button', { name: /^Speed and feed/ }).click();
  await expect(page).toHaveURL(/\/cut/);
});

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
  await page.getByRole('button', { name: 'Next stop' }).click();
  await page.getByRole('button', { name: 'Next stop' }).click();
  await expect(page.getByTestId(/^step-Stop 3 of/)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId(/^step-Stop 3 of/)).toBeVisible();
  const csv = await downloaded(page, () => page.getByRole('button', { name: 'As CSV' }).click());
  expect(csv).toMatch(/slide table\.csv$/);
});

test('lines that overlap are refused, measured points and a drawing become a form', async ({ page }) => {
  await page.goto('/grind/forms');
  await start(page, /^Lines and arcs/);
  await word(page, 'Form');
  const corners = page.getByLabel('Corners: x y radius');
  await corners.fill('-4 4\n2 0\n-2 0.5\n4 4');
  await set(page);
  await expect(page.getByTestId('findings')).toContainText('The form crosses itself');
  await expect(page.getByRole('button', { name: 'Keep it in the drawer' })).toBeDisabled();
  await word(page, 'Form');
  await corners.fill('-4 4\n-2 0 x\n4 4');
  await expect(page.getByText('Row 2 has something that is no number')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Set', exact: true })).toBeDisabled();
  // A drawing without lines, one with ten thousand, one without a unit.
  await page.getByRole('button', { name: 'DXF or SVG' }).click();
  const choose = async (name: string, text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Choose a file' }).click();
    await (await chooser).setFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) });
  };
  const dxf = (entities: string, unit = '4') =>
    `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n${unit}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;
  const line = (x1: number, y1: number, x2: number, y2: number) =>
    `0\nLINE\n8\n0\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
  await choose('empty.dxf', dxf('0\nPOINT\n8\n0\n10\n1\n20\n1\n'));
  await expect(page.getByText(/^There are no lines, arcs or polylines in it/)).toBeVisible();
  await choose('much.dxf', dxf(Array.from({ length: 10_000 }, (_, i) => line(i, 0, i + 0.5, 1)).join('')));
  await expect(page.getByText(/^10000 entities are a whole drawing/)).toBeVisible();
  await choose(
    'inch.dxf',
    dxf([line(0.1, 0, 0.2, 0.1), line(-0.2, 0.1, -0.1, 0), line(-0.1, 0, 0.1, 0)].join(''), '0'),
  );
  await expect(page.getByText('The file does not say its unit.')).toBeVisible();
  await page.getByRole('radio', { name: 'inches' }).click();
  await expect(page.getByText('4 corners, 2.54 mm deep.')).toBeVisible();
  await choose(
    'arc.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" width="10mm" height="10mm" viewBox="0 0 10 10"><path d="M1 2L3 2A2 2 0 0 0 7 2L9 2"/></svg>',
  );
  await expect(page.getByText('4 corners, 2 mm deep.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it' }).click();
  await set(page);
  await expect(page.getByTestId('dimension-depth')).toContainText('2');
  // A corner is dragged up, and put back by undo.
  const corner = (await page.getByTestId('corner-0').boundingBox())!;
  await page.mouse.move(corner.x + 20, corner.y + 20);
  await page.mouse.down();
  await page.mouse.move(corner.x + 20, corner.y - 20, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText('Corner moved.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();

  await visit(page, '/grind/forms');
  await start(page, /^Measured points/);
  await word(page, 'Form');
  const rows = Array.from({ length: 41 }, (_, i) => `${(i - 20) / 10};${((i - 20) / 10) ** 2 / 2}`).join(
    '\n',
  );
  await page.getByLabel('Points: x y').fill(`x_mm;y_mm\n${rows}`);
  await expect(page.getByText('41 points')).toBeVisible();
  await set(page);
  await expect(page.getByTestId('dimension-depth')).toContainText('2');
  await expect(page.getByTestId('fit')).toContainText(/lines and arcs follow 41 points within \d/);
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

test('a photo with a known rectangle is traced into a form; without its scale it is refused', async ({
  page,
}) => {
  // A card of 60 by 40 mm at 20 pixels to the millimetre, with a dark tooth that ends in a round of 6 mm radius.
  const png = new PNG({ width: 1400, height: 1000 });
  const at = (mm: number, from: number): number => from + mm * 20;
  for (let y = 0; y < png.height; y += 1)
    for (let x = 0; x < png.width; x += 1) {
      const [mx, my] = [(x + 0.5 - 100) / 20, (y + 0.5 - 100) / 20];
      const onCard = mx > 0 && mx < 60 && my > 0 && my < 40;
      const inTooth = Math.abs(mx - 30) < 6 && my > 8 && (my < 20 || Math.hypot(mx - 30, my - 20) < 6);
      const grey = inTooth ? 30 : onCard ? 240 : 200;
      png.data.set([grey, grey, grey, 255], 4 * (y * png.width + x));
    }
  await page.goto('/grind/forms');
  await start(page, /^Measured points/);
  await word(page, 'Form');
  await page.getByRole('button', { name: /^Photo/ }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a photo' }).click();
  await (await chooser).setFiles({ name: 'tooth.png', mimeType: 'image/png', buffer: PNG.sync.write(png) });
  await page.getByRole('button', { name: 'Trace' }).click();
  await expect(page.getByText(/^Without a scale a photo says nothing/)).toBeVisible();
  await page.getByLabel(/^Width of the known rectangle/).fill('60');
  await page.getByLabel(/^Its height/).fill('40');
  const photo = page.getByTestId('photo');
  const { width } = (await photo.boundingBox())!;
  const touch = (mx: number, my: number) =>
    photo.click({ position: { x: (at(mx, 100) * width) / png.width, y: (at(my, 100) * width) / png.width } });
  for (const [mx, my] of [
    [0, 40],
    [60, 40],
    [60, 0],
    [0, 0],
  ] as const)
    await touch(mx, my);
  await touch(24, 18);
  await touch(36, 18);
  await page.getByRole('button', { name: 'Trace' }).click();
  await expect(page.getByTestId('photo-next')).toContainText('points followed');
  await page.getByRole('button', { name: 'Take it' }).click();
  await page.getByLabel(/^Lines and arcs within/).fill('0.15');
  await set(page);
  // Six millimetres of round and two of straight flank; the marks are as good as a finger on a phone.
  const depth = page.getByTestId('dimension-depth');
  await expect(depth).toContainText(/^(7\.[7-9]|8(\.[0-3])?)/);
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

test('stacks and divisions: what cannot be made says what is nearest', async ({ page }) => {
  await page.goto('/grind/angles');
  await page.getByLabel('Angle, degrees').fill('30');
  await expect(page.getByTestId('stack-answer')).toContainText('50 mm exactly');
  await page.getByRole('radio', { name: 'Stack' }).click();
  await page.getByLabel(/^Length/).fill('41.126');
  await expect(page.getByTestId('stack-answer')).toContainText(
    'It cannot be made from this set. The nearest: 41.125 mm and 41.13 mm.',
  );
  await page.getByLabel(/^May be off by/).fill('0.002');
  await expect(page.getByTestId('stack-answer')).toContainText('41.125 mm, 0.001 mm under');
  await page.getByRole('radio', { name: 'Dividing' }).click();
  await page.getByLabel('Divisions').fill('127');
  const says = page.getByTestId('dividing-says');
  await expect(says).toContainText('Index 120: 13 spaces of the 39 circle.');
  await expect(says).toContainText('56 driving, 24 driven');
  await page.getByLabel('Divisions').fill('0');
  await expect(page.getByText('Must be a whole number from 1 to 1000.')).toBeVisible();
});
