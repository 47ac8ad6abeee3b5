import type { CutBody, Stored } from '@pike-stone/contract';
import type { Page } from '@playwright/test';
import { encode } from 'jpeg-js';
import { v7 as uuidv7 } from 'uuid';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { chooseFile } from '../fixtures/forms';
import { enter } from '../fixtures/shop';

const shaft = cutAddress(DEMO.machine.long, DEMO.stock.shaft, DEMO.tool.coated, {
  operation: 'turn',
  workDiameterMm: 50,
  depthMm: 0.8,
  fluid: 'dry',
});
const railing = cutAddress(DEMO.machine.long, DEMO.stock.railing, DEMO.tool.coated, {
  operation: 'turn',
  workDiameterMm: 32,
  depthMm: 0.8,
  fluid: 'dry',
});
const see = async (page: Page, group: string, name: RegExp) => {
  await page.getByRole('radio', { name: new RegExp(`^${group}`) }).click();
  await page.getByRole('checkbox', { name }).click();
};
const put = (page: Page) => page.getByRole('button', { name: 'Put in the book' }).click();

/** Least feed at which the simulated lathe's chip breaks, mm/rev. */
const BREAKS_AT = 0.315;

test('a run goes from ribbon to arcs, one lever at a time, on a simulated lathe; what worked is found first next time', async ({
  page,
}) => {
  await page.goto(shaft);
  await page.getByRole('button', { name: 'Work up' }).click();
  await page.getByRole('button', { name: /^A chip that breaks/ }).click();
  await page.getByRole('button', { name: 'Start the run' }).click();
  await expect(page.getByText('Take the first cut as it is set.')).toBeVisible();
  const feeds: number[] = [];
  const met = page.getByText('The goal is met: keep this setting.');
  for (let trial = 1; trial <= 6 && !(await met.isVisible()); trial += 1) {
    await page.getByRole('button', { name: 'Cut taken' }).click();
    await expect(page.getByText(`Trial ${trial} of a run: a chip that breaks`)).toBeVisible();
    const set = page.getByRole('slider', { name: 'Feed that was set' });
    const feed = Number(/[\d.]+/.exec((await set.getAttribute('aria-valuetext')) ?? '')?.[0]);
    feeds.push(feed);
    const breaks = feed >= BREAKS_AT;
    await see(page, 'Chip', breaks ? /^Short arcs/ : /^Long ribbon/);
    if (trial > 1) await page.getByRole('radio', { name: 'Better', exact: true }).click();
    await page.getByRole('radio', { name: breaks ? 'Worked' : 'So-so', exact: true }).click();
    await put(page);
    await expect(page.getByText(trial === 1 ? 'After 1 trial' : `After ${trial} trials`)).toBeVisible();
  }
  await expect(met).toBeVisible();
  // Each is the next lever at or beyond a quarter more, and the last is the first that breaks.
  expect(feeds).toEqual([0.2, 0.25, 0.315]);
  await expect(
    page.getByRole('img', {
      name: /^Trials on feed and depth. 1: .*0.2.*long ribbon.*3: .*0.315.*short arcs/,
    }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'End the run' }).click();
  await expect(page.getByText('3 trials, ✓ met')).toBeVisible();

  await page.getByRole('button', { name: /^Keep this setting/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: /^Feed/ })).toContainText('0.315');
  await expect(page.getByText(/^Worked in the one cut, last on /)).toBeVisible();
  // As a card on paper it has the figures, and nothing that is only for a finger.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('list', { name: 'Proven setting' })).toBeVisible();
  for (const name of ['Print', 'Open in Cut', 'The cut it came from'])
    await expect(page.getByRole('button', { name })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.goto(shaft);
  const proven = page.getByRole('group', { name: 'Proven here' });
  await expect(proven).toContainText('0.315');
  await proven.getByRole('button', { name: /^Use it/ }).click();
  await expect(page.getByRole('button', { name: /^Carriage 0.315/ })).toBeVisible();
  await expect(proven.getByRole('button', { name: /^Set, / })).toBeDisabled();
});

test('what was seen gives the one next change at once; danger stops; signs that exclude each other are said', async ({
  page,
}) => {
  await page.goto(railing);
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await see(page, 'Chip', /^Long ribbon/);
  await expect(page.getByTestId('next-change')).toHaveText('Feed 0.2 mm/rev → 0.25 mm/rev, Lever C, dial 1');
  await expect(page.getByText('1. Long ribbon: feed too fine for the breaker')).toBeVisible();
  await expect(page.getByText('Stop if it reaches chuck or hand.')).toBeVisible();
  await expect(page.getByText('Tried after it, if that does not help')).toBeVisible();
  await page.getByRole('checkbox', { name: /^Short arcs/ }).click();
  await expect(page.getByRole('alert')).toContainText('“Long ribbon” and “short arcs” do not go together');
  await page.getByRole('checkbox', { name: /^Short arcs/ }).click();
  await see(page, 'Load', /^Work slipped/);
  await expect(page.getByRole('heading', { name: 'Stop' })).toBeVisible();
  await expect(page.getByTestId('next-change')).toBeHidden();
  // What was seen survives a reload.
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Load (1)' })).toBeVisible();
  await see(page, 'Load', /^Work slipped/);
  await expect(page.getByTestId('next-change')).toBeVisible();
});

test('a file that is no picture is refused, one that is stands in the book with what was measured', async ({
  page,
}) => {
  await page.goto(shaft);
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByLabel('Roughness Ra (μm)').fill('rough');
  await expect(page.getByText('Must be a number from 0.01 to 200.')).toBeVisible();
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await put(page);
  await expect(page.getByText('Look at what was measured: one figure cannot be used.')).toBeVisible();
  await page.getByLabel('Roughness Ra (μm)').fill('1.4');
  const photo = (buffer: Buffer) =>
    chooseFile(page, /photo$/, { name: 'edge.jpg', mimeType: 'image/jpeg', buffer });
  await photo(Buffer.from('no picture at all'));
  await expect(page.getByText('This file cannot be read as a picture.')).toBeVisible();
  const { data } = encode({ data: Buffer.alloc(4 * 64 * 48, 130), width: 64, height: 48 }, 70);
  await photo(Buffer.from(data));
  await expect(page.getByRole('img', { name: 'Photo of the cut' })).toBeVisible();
  // What will be learned is told, and a person may know better.
  await page.getByRole('button', { name: 'What is learned from it' }).click();
  const speed = page.getByRole('radiogroup', { name: 'The speed was' });
  await expect(speed.getByRole('radio', { name: 'Right' })).toBeChecked();
  await speed.getByRole('radio', { name: 'Too slow' }).click();
  await put(page);
  await expect(page.getByRole('button', { name: 'Keep this setting' })).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').at(-1);
  const stored = (await (await page.request.get(`/api/cuts/${id}`)).json()) as Stored<'cuts'>;
  expect(stored.body).toMatchObject({
    speedWas: 'too-slow',
    feedWas: 'right',
    measured: { raUm: 1.4 },
    photo: true,
  });
  await expect(page.getByText('Ra 1.4 μm')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Photo of the cut' })).toBeVisible();
});

test('the shop’s own factor stands in the working of a cut, and can be switched off', async ({
  page,
  request,
}) => {
  await enter(request);
  const { body } = (await (await request.get(`/api/cuts/${DEMO.cut.bush}`)).json()) as Stored<'cuts'>;
  // 56 m/min were right where the table says 80.
  const cut: CutBody = {
    ...body,
    machineId: DEMO.machine.long,
    stockId: DEMO.stock.brass,
    toolId: DEMO.tool.knife,
    planned: { ...body.planned, aimMPerMin: 80, tableMPerMin: 80 },
    diameterMm: 20,
    set: { ...body.set, rpm: 56_000 / (Math.PI * 20) },
    outcome: 'worked',
    speedWas: 'right',
    feedWas: null,
  };
  for (let i = 0; i < 9; i += 1)
    await request.put(`/api/cuts/${uuidv7()}`, { data: { version: 0, archived: false, body: cut } });
  const working = `${cutAddress(DEMO.machine.long, DEMO.stock.brass, DEMO.tool.knife, { operation: 'turn', workDiameterMm: 19 }).replace('/cut?', '/cut/working?of=speed&')}`;
  await page.goto(working);
  const line = page.getByRole('listitem').filter({ hasText: 'Learned here, speed' });
  await expect(line).toContainText(/× 0\.7\d/);
  await expect(line).toContainText('from 9 cuts like this');
  await page.goto('/settings');
  await page.getByRole('checkbox', { name: 'Bring starts to what our own cuts showed' }).click();
  await page.goto(working);
  await expect(page.getByRole('listitem').filter({ hasText: /^Aim/ })).toBeVisible();
  await expect(line).toBeHidden();
  await page.goto('/settings');
  await page.getByRole('checkbox', { name: 'Bring starts to what our own cuts showed' }).click();
});

test('the book is filtered, set side by side, charted, and goes out as a file', async ({ page }) => {
  await page.goto('/book');
  await page.getByRole('button', { name: 'Filter', exact: true }).click();
  const panel = page.getByRole('dialog', { name: 'Filter the cuts' });
  await panel.getByRole('button', { name: /^Machine: / }).click();
  await page.getByRole('dialog', { name: 'Machine' }).getByRole('button', { name: 'Bay lathe' }).click();
  await panel.getByRole('button', { name: /^What was seen: / }).click();
  await page
    .getByRole('dialog', { name: 'What was seen' })
    .getByRole('button', { name: 'Sound: squeal' })
    .click();
  await panel.getByRole('button', { name: 'Show them' }).click();
  await expect(page.getByText('2 cuts')).toBeVisible();
  expect(new URL(page.url()).searchParams.get('sign')).toBe('squeal');
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: /^As CSV/ }).click();
  expect((await coming).suggestedFilename()).toBe('pike-stone-cuts.csv');

  await page.getByRole('button', { name: 'Side by side' }).click();
  const bush = page.getByRole('button', { name: /^Turn Pump bush bronze/ });
  await bush.nth(0).click();
  await bush.nth(1).click();
  await page.getByRole('button', { name: 'Compare 2' }).click();
  const row = page.getByRole('row').filter({ hasText: /^Speed/ });
  await expect(row).toContainText('265');
  await expect(row).toContainText('440');

  await page.goto('/book/charts');
  await expect(page.getByRole('list', { name: 'Cuts for each edge' })).toContainText('cuts an edge');
  await page.goto(`/book/charts?machine=${DEMO.machine.bay}`);
  await expect(page.getByRole('img', { name: /^Cuts by month: .*2026-11 8/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Factor by month: / })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Mean net power by tool' })).toContainText('126 W, 2 measured');
  await page.getByRole('radio', { name: 'Runs' }).click();
  await page.getByRole('button', { name: /^Turn Pump shaft stainless/ }).click();
  await expect(page.getByText('The goal is met: keep this setting.')).toBeVisible();
});
