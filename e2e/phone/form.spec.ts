import { DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { set, startForm, word } from '../fixtures/forms';

test('an unknown gear becomes a cutter that is made, kept in the drawer, and cuts tooth by tooth', async ({
  page,
}) => {
  await page.goto('/grind');
  await page.getByRole('button', { name: 'Form cutters' }).click();
  await startForm(page, /^A gear/);
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
  await expect(page.getByText(/^Within 10\sµm a pattern has 31 to 33 teeth/)).toBeVisible();
  await set(page);
  await expect(page.getByTestId('findings')).toContainText('Drawn for 30 teeth, wanted for 32');
  const pattern = page.getByTestId('pattern');
  await expect(pattern).toContainText('Which gear may be the pattern for 32 teeth');
  await expect(pattern.getByRole('img', { name: /30 teeth \d+\sµm, .*32 teeth 0\sµm/ })).toBeVisible();
  await expect(pattern).toContainText('Along the flank, drawn for 30 teeth');
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
  // At the diameter of this cutter, twice its swing.
  await expect(page.locator('body')).toContainText(/Cutter for a gear.*⌀50/s);
});

test('a clock train is chosen by the leaves that meet its ratio, and its pinion is drawn', async ({
  page,
}) => {
  await page.goto('/grind/forms');
  await startForm(page, /^A clock train/);
  await word(page, 'Form');
  const ratio = page.getByLabel(/^Ratio, turns of the pinion/);
  await ratio.fill('60');
  await page.getByLabel('Leaves of the pinion').fill('12');
  await expect(page.getByText(/^That wheel would have fewer than 6 or more than 400 teeth/)).toBeVisible();
  await ratio.fill('7.5');
  await page.getByRole('button', { name: /^10 leaves/ }).click();
  await page.getByRole('radio', { name: 'Pinion' }).click();
  await set(page);
  await expect(page.getByText(/the pinion of a 7\.5 to 1 clock train with 10 leaves/)).toBeVisible();
  await expect(page.getByTestId('findings')).toContainText('Flank and arc meet at');
  await page.getByRole('button', { name: /^Cut the gear/ }).click();
  await expect(page.getByText('of 10', { exact: true })).toBeVisible();
});

test('a thread is cut by a circular tool, and the first one measured over three wires', async ({ page }) => {
  await page.goto('/grind/forms');
  await startForm(page, /^A thread/);
  await word(page, 'Form');
  await page.getByLabel(/^Pitch/).fill('1.5');
  await set(page);
  await expect(page.getByText(/a 60° thread of 1\.5\smm pitch/)).toBeVisible();
  await word(page, 'Tool');
  await page.getByRole('radio', { name: 'Circular form tool' }).click();
  await page.getByLabel('Rake, degrees').fill('8');
  await set(page);
  await expect(page.getByText(/a circular tool of 40\smm, down to R 10\smm/)).toBeVisible();
  await expect(page.getByTestId('correction')).toContainText('Shaped to the form itself it would cut up to');
  await page.getByRole('button', { name: /^Prove it/ }).click();
  const first = page.getByTestId('first-part');
  await expect(first).toContainText(/Best wires for this pitch: 0\.866\smm/);
  const wanted = /It must read ([\d.]+)/.exec((await first.textContent())!)![1];
  await page.getByLabel(/^Over the wires reads/).fill(String(Number(wanted) + 0.1));
  await expect(first).toContainText(/too large: in by 0\.05\smm on the radius/);
});

test('a relieved cutter for a chamfer is gashed on the head of the shop and backed off', async ({ page }) => {
  await page.goto('/grind/forms');
  await startForm(page, /^A chamfer/);
  await word(page, 'Form');
  await page.getByLabel(/^Width/).fill('3');
  await set(page);
  await word(page, 'Tool');
  await page.getByRole('radio', { name: 'Relieved cutter' }).click();
  await page.getByLabel('Teeth', { exact: true }).fill('24');
  await set(page);
  await expect(page.getByTestId('findings')).toContainText('No land is left');
  await word(page, 'Tool');
  await page.getByLabel('Teeth', { exact: true }).fill('7');
  await set(page);
  await page.getByRole('button', { name: /^Make it/ }).click();
  await expect(page.getByTestId('make-gash 1')).toContainText(
    /40 : 1: 5 full turns and 35 spaces of the 49 circle/,
  );
  await expect(page.getByTestId('make-relief 1')).toContainText('Turned radius');
  // The stone it is begun with reaches all of it; one that cuts into the land has no stop at all.
  const table = page.getByTestId('slide-table');
  await expect(table).toContainText(/\d+ stops leave at most 5\sµm/);
  await expect(table).not.toContainText('does not reach all of the form');
  await page.getByLabel(/^Radius of the wheel or stone/).fill('20');
  await expect(table).toContainText('This wheel fits nowhere on the form');
  await expect(page.getByRole('button', { name: 'Next stop' })).toBeHidden();
});

test('a clock wheel cutter is shaped by a tapered stone or on a swinging fixture', async ({ page }) => {
  await page.goto(`/grind/forms/${DEMO.form.clock}/make`);
  const way = async (name: string) => {
    await page.getByRole('button', { name: /^Steel, and how it is shaped/ }).click();
    await page.getByRole('radio', { name }).click();
    await page.getByRole('button', { name: 'Close' }).last().click();
  };
  await way('Tapered stones');
  await expect(page.getByTestId('make-stone 1')).toContainText('The hollow of radius 24.');
  await expect(page.getByTestId('make-stone 2')).toContainText(/Both hollows of radius 1\.7\smm/);
  await expect(page.getByTestId('make-stone 2')).toContainText('Up from the small end');
  await expect(page.getByTestId('make-stone 2')).toContainText('changes the radius by');
  await expect(page.getByTestId('make-flank 1')).toContainText('Stack under a bar of');
  await way('Swinging fixture');
  await expect(page.getByTestId('make-swing 1')).toContainText('centre kept');
  await expect(page.getByTestId('make-swing 1')).toContainText('in an ellipse');
  await expect(page.getByTestId('slide-table')).toBeHidden();
});
