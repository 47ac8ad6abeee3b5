import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { chooseFile, set, startForm, toothPhoto, traceTooth, word } from '../fixtures/forms';

test('lines that overlap are refused, measured points and a drawing become a form', async ({ page }) => {
  await page.goto('/grind/forms');
  await startForm(page, /^Lines and arcs/);
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
  const choose = (name: string, text: string) =>
    chooseFile(page, 'Choose a file', {
      name,
      mimeType: 'application/octet-stream',
      buffer: Buffer.from(text),
    });
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
  const moved = (await page.getByTestId('corner-0').boundingBox())!;
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect
    .poll(async () => (await page.getByTestId('corner-0').boundingBox())!.y - moved.y)
    .toBeGreaterThan(10);

  await visit(page, '/grind/forms');
  await startForm(page, /^Measured points/);
  await word(page, 'Form');
  const rows = Array.from({ length: 41 }, (_, i) => `${(i - 20) / 10};${((i - 20) / 10) ** 2 / 2}`).join(
    '\n',
  );
  await chooseFile(page, /^File|From a file/, {
    name: 'points.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`x_mm;y_mm\n${rows}`),
  });
  await expect(page.getByText('41 points')).toBeVisible();
  await set(page);
  await expect(page.getByTestId('dimension-depth')).toContainText('2');
  await expect(page.getByTestId('fit')).toContainText(/lines and arcs follow 41 points within \d/);
});

test('a form is seen larger, with the sizes of its lines and arcs beside them', async ({ page }) => {
  await page.goto('/grind/forms');
  await startForm(page, /^A thread/);
  const sketch = page.getByRole('img', { name: /^The form in section/ });
  await expect(page.getByTestId('dimension-depth')).toBeVisible();
  await page.getByRole('button', { name: 'Larger' }).click();
  await page.getByRole('button', { name: 'Larger' }).click();
  await expect(sketch.first()).toBeVisible();
  // The round root of 2 mm pitch has 0.144 of it.
  await expect(page.getByText(/^R 0\.29\smm$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Smaller' }).click();
  await expect(page.getByText(/\smm, 30°$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Look up' }).click();
  await page.getByRole('button', { name: 'Whole' }).click();
  await expect(page.getByTestId('dimension-depth')).toBeVisible();
});

test('a photo with a known rectangle is traced into a form and leaves nothing on the wire; without its scale it is refused', async ({
  page,
}) => {
  await page.goto('/grind/forms');
  await startForm(page, /^Measured points/);
  await word(page, 'Form');
  await page.getByRole('button', { name: /^Photo/ }).click();
  const sent: string[] = [];
  page.on('request', (request) => {
    if (request.method() !== 'GET') sent.push(request.url());
  });
  await chooseFile(page, 'Choose a photo', {
    name: 'tooth.png',
    mimeType: 'image/png',
    buffer: toothPhoto(),
  });
  await page.getByRole('button', { name: 'Trace' }).click();
  await expect(page.getByText(/^Without a scale a photo says nothing/)).toBeVisible();
  await traceTooth(page);
  expect(sent).toEqual([]);
  await page.getByLabel(/^Lines and arcs within/).fill('0.15');
  await set(page);
  // Six millimetres of round and two of straight flank; the marks are as good as a finger on a phone.
  await expect(page.getByTestId('dimension-depth')).toContainText(/^(7\.[7-9]|8(\.[0-3])?)/);
});

test('a photo of a part is laid on the form it should have', async ({ page }) => {
  await page.goto('/grind/forms');
  await startForm(page, /^A radius/);
  await word(page, 'Form');
  await page.getByRole('radio', { name: 'Round groove' }).click();
  await page.getByLabel(/^Radius \(/).fill('6');
  await page.getByLabel(/^Depth of a groove/).fill('6');
  await set(page);
  await page.getByRole('button', { name: /^Prove it/ }).click();
  await page.getByRole('button', { name: 'Measured points' }).click();
  await page.getByRole('button', { name: /^Photo|From a photo/ }).click();
  await chooseFile(page, 'Choose a photo', {
    name: 'tooth.png',
    mimeType: 'image/png',
    buffer: toothPhoto(),
  });
  await traceTooth(page);
  await page.getByLabel(/^May be off by/).fill('0.4');
  await page.getByLabel(/^How well it was measured/).fill('0.1');
  await set(page);
  await expect(page.getByTestId('inspection')).toContainText(/\d+ of \d\d+ outside of the band/);
});
