import { readFile } from 'node:fs/promises';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

const MM_PER_POINT = 25.4 / 72;

/** Every stroked path of the first page as its size in millimetres, and the words on it. */
async function opened(file: string) {
  const pdf = await getDocument({ data: new Uint8Array(await readFile(file)), useSystemFonts: false })
    .promise;
  const page = await pdf.getPage(1);
  const { fnArray, argsArray } = await page.getOperatorList();
  const sizes = fnArray.flatMap((operator, i) => {
    if (operator !== OPS.constructPath) return [];
    const [x0, y0, x1, y1] = minMax(argsArray[i] as unknown[]);
    return [{ widthMm: (x1 - x0) * MM_PER_POINT, heightMm: (y1 - y0) * MM_PER_POINT }];
  });
  const words = (await page.getTextContent()).items.map((item) => ('str' in item ? item.str : '')).join(' ');
  const [, , width, height] = page.view as [number, number, number, number];
  await pdf.destroy();
  return { sizes, words, pageMm: { width: width * MM_PER_POINT, height: height * MM_PER_POINT } };
}

/** Bounds of a path: its points, a rectangle given by corner and size. */
function minMax([operators, numbers]: unknown[]): readonly [number, number, number, number] {
  const xs: number[] = [];
  const ys: number[] = [];
  let at = 0;
  const values = numbers as number[];
  for (const operator of operators as number[]) {
    if (operator === OPS.rectangle) {
      const [x, y, w, h] = values.slice(at, at + 4) as [number, number, number, number];
      xs.push(x, x + w);
      ys.push(y, y + h);
      at += 4;
    } else if (operator === OPS.moveTo || operator === OPS.lineTo) {
      xs.push(values[at]!);
      ys.push(values[at + 1]!);
      at += 2;
    }
  }
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

test('a speed plate is printed at true size', async ({ page }) => {
  await page.goto(`/drawer/machines/${DEMO.machine.bay}`);
  await page.getByRole('button', { name: /^Speed plate/ }).click();
  await page.getByRole('radio', { name: /^120\smm/ }).click();
  const said = await page.getByText(/wide, .* high\.$/).textContent();
  const heightMm = Number(/wide, ([\d.]+)/.exec(said!)![1]);
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the plate as PDF' }).click();
  const download = await coming;
  expect(download.suggestedFilename()).toBe('bay-lathe-speeds.pdf');
  const { sizes, words, pageMm } = await opened(await download.path());

  expect(pageMm.width).toBeCloseTo(210, 0);
  const [outline] = [...sizes].sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm);
  // The outline is drawn 0.2 mm inside the edge. True to half a percent.
  expect(Math.abs(outline!.widthMm / 119.6 - 1)).toBeLessThan(0.005);
  expect(Math.abs(outline!.heightMm / (heightMm - 0.4) - 1)).toBeLessThan(0.005);
  expect(sizes.some(({ widthMm, heightMm: high }) => Math.abs(widthMm / 50 - 1) < 0.005 && high < 0.01)).toBe(
    true,
  );
  for (const text of [
    'Bay lathe',
    '440',
    'Belt 2, back gear out *',
    '50 mm when printed true',
    'Isolate before touching belts',
  ])
    expect(words).toContain(text);
});

test('and saved as SVG in millimetres; without diameters, in inches, for a shaper', async ({ page }) => {
  await page.addInitScript(
    (kept) => localStorage.setItem('pike-preferences', kept),
    JSON.stringify({ state: { units: 'inch', theme: 'dark', recent: {} }, version: 0 }),
  );
  await page.goto(`/drawer/machines/${DEMO.machine.shaper}/plate`);
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the plate as SVG' }).click();
  const svg = await readFile(await (await coming).path(), 'utf8');
  expect(svg).toMatch(/^<\?xml/);
  const [, width, height] = /<svg [^>]*width="([\d.]+)mm" height="([\d.]+)mm" viewBox="0 0 \1 \2"/.exec(svg)!;
  expect(Number(width)).toBe(90);
  expect(Number(height)).toBeGreaterThan(30);
  for (const text of ['Ram shaper', 'strokes/min', 'Gear lever 4', '>95<']) expect(svg).toContain(text);
});
