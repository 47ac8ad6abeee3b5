import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { typeSize } from '../fixtures/typing';

const { machine, stock, tool } = DEMO;
const list = 'What will happen';

test('threading: pitch, passes by the compound dial, a school, and the wires at the end', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.long, stock.shaft, tool.threading, {
      operation: 'thread',
      workDiameterMm: 16,
      stickOutMm: 50,
    }),
  );
  await expect(page.getByRole('img', { name: /^Thread ⌀16\smm, pitch 2\smm, 1.37\smm deep/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Leadscrew 2 mm\/rev/ })).toBeVisible();
  await page.getByTestId('dimension-pitch').click();
  await page.getByRole('textbox', { name: /As it is called/ }).fill('11 tpi');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByRole('img', { name: /pitch 2.31\smm/ })).toBeVisible();
  await page.getByTestId('dimension-pitch').click();
  await page.getByRole('button', { name: 'The usual' }).click();
  await expect(page.getByRole('img', { name: /pitch 2\smm/ })).toBeVisible();
  await page.getByRole('button', { name: 'Thread passes' }).click();
  const passes = page.getByRole('list', { name: 'Passes' }).getByRole('listitem');
  await expect(passes).toHaveCount(13);
  await expect(page.getByText(/pass 1 of 13: touch off/)).toBeVisible();
  const first = await page.getByTestId('next-infeed').innerText();
  await page.getByRole('button', { name: 'Pass taken' }).click();
  await expect(page.getByText(/pass 2 of 13: in to/)).toBeVisible();
  await expect(page.getByTestId('next-infeed')).not.toHaveText(first);
  await page.reload();
  await expect(page.getByText(/pass 2 of 13: in to/)).toBeVisible();
  await page.getByRole('radio', { name: 'Straight in' }).click();
  await expect(page.getByText(/Both flanks cut/)).toBeVisible();
  await page.getByRole('button', { name: 'Measured over wires' }).click();
  await page.keyboard.type('17');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/deeper still, on the radius/)).toBeVisible();
  await page.getByRole('button', { name: 'Gears' }).click();
  await expect(page.getByRole('heading', { name: 'Change gears' })).toBeVisible();
});

test('facing: where the speed gets useless, the faster step toward the centre, and its working', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.bay, stock.bush, tool.knife, {
      operation: 'face',
      workDiameterMm: 140,
      stickOutMm: 30,
    }),
  );
  await expect(
    page.getByText(
      /Speed falls toward the centre: inside ⌀.* it is under half of the aim. From ⌀.* inward \d+\srpm is right/,
    ),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Spindle/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText('Toward the centre');
});

test('a taper said as on the drawing: the compound’s angle, then the tailstock over', async ({ page }) => {
  await page.goto(
    cutAddress(machine.bay, stock.shaft, tool.knife, { operation: 'taper', stickOutMm: 200, lengthMm: 150 }),
  );
  await expect(page.getByRole('button', { name: /^By hand, compound slide/ })).toBeVisible();
  await page.getByTestId('dimension-angle').click();
  await page.getByRole('radio', { name: '1 in …' }).click();
  await page.getByRole('textbox', { name: '1 in …' }).fill('50');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByTestId('dimension-angle')).toHaveText('0.57°');
  await page.getByRole('button', { name: /, Conditions, change$/ }).click();
  await page.getByRole('radio', { name: 'Tailstock set over' }).click();
  await page.getByRole('radio', { name: 'Chuck and centre' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: /^Carriage/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Depth, start .* tailstock over 2\smm/ })).toBeVisible();
  await expect(page.getByText(/Look that the work cannot leave its centre/)).toBeVisible();
});

test('grooving, forming, knurling and centre-drilling each ask for what is theirs', async ({ page }) => {
  await page.goto(
    cutAddress(machine.bay, stock.railing, tool.parting, {
      operation: 'groove',
      workDiameterMm: 32,
      stickOutMm: 20,
    }),
  );
  await typeSize(page, 'width', '5');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('img', { name: /^Grooving ⌀32\smm, 5\smm wide and 2\smm deep$/ }),
  ).toBeVisible();
  await expect(page.getByText(/3 plunges side by side/)).toBeVisible();
  await visit(
    page,
    cutAddress(machine.bay, stock.bush, tool.formTool, {
      operation: 'form',
      workDiameterMm: 40,
      stickOutMm: 25,
    }),
  );
  await expect(page.getByText(/A broad form .* chatters on small machines/)).toBeVisible();
  await visit(
    page,
    cutAddress(machine.bay, stock.shaft, tool.knurl, {
      operation: 'knurl',
      workDiameterMm: 25,
      stickOutMm: 50,
    }),
  );
  await expect(page.getByText(/Turn the blank to ⌀24.83\smm/)).toBeVisible();
  await page.getByRole('button', { name: list }).click();
  await expect(page.getByRole('list', { name: list })).not.toContainText('Power');
  await visit(
    page,
    cutAddress(machine.drill, stock.railing, tool.centreDrill, { operation: 'centre-drill', stickOutMm: 40 }),
  );
  await expect(page.getByRole('img', { name: /Centre hole, pilot ⌀3.15\smm, mouth ⌀6.4\smm/ })).toBeVisible();
});

test('slotting by hand feed: the full width is said, and the pacer beats the feed', async ({ page }) => {
  await page.goto(
    cutAddress(machine.mill, stock.hatch, tool.slotDrill, { operation: 'mill-slot', stickOutMm: 30 }),
  );
  await expect(page.getByText(/Full width: the chips stay in the slot/)).toBeVisible();
  await page.getByRole('button', { name: 'Pacer' }).click();
  await expect(page.getByText(/^table wheel, one turn in/)).toBeVisible();
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText(/; [1-9]\d* turns? so far/)).toBeVisible();
});

test('straight down without teeth at the centre is a danger; a coating in the wrong metal too', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.mill, stock.hatch, tool.endMill12, { operation: 'plunge', stickOutMm: 30 }),
  );
  await expect(
    page.getByText(/This cutter has no teeth at the centre: it cannot go straight down/),
  ).toBeVisible();
  await visit(
    page,
    cutAddress(machine.mill, stock.hatch, tool.coatedEndMill, { operation: 'plunge', stickOutMm: 30 }),
  );
  await expect(page.getByText(/A coating that holds aluminium welds to aluminium/)).toBeVisible();
  await expect(page.getByText(/no teeth at the centre/)).toBeHidden();
  await visit(
    page,
    cutAddress(machine.mill, stock.hatch, tool.slotDrill, { operation: 'ramp', stickOutMm: 30 }),
  );
  await page.getByTestId('dimension-angle').click();
  await page.getByRole('textbox', { name: 'Degrees' }).fill('15');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByText(/Steep: most of the cutting is done by the end/)).toBeVisible();
});

test('saw, T-slot and dovetail: teeth in the cut, the neck first, the room roughed square', async ({
  page,
}) => {
  await page.goto(cutAddress(machine.mill, stock.hatch, tool.saw, { operation: 'saw', stickOutMm: 30 }));
  await expect(
    page.getByRole('img', { name: /^Sawing 3\smm deep with ⌀80\smm, 1.6\smm thick, 48 teeth$/ }),
  ).toBeVisible();
  await page.getByTestId('dimension-depth').click();
  await expect(page.getByRole('dialog').getByRole('textbox')).toBeFocused();
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/teeth are in the cut at once: the gullets pack/)).toBeVisible();
  await visit(
    page,
    cutAddress(machine.mill, stock.sheave, tool.tSlot, { operation: 't-slot', stickOutMm: 40 }),
  );
  await expect(page.getByText(/Mill the neck slot first/)).toBeVisible();
  await visit(
    page,
    cutAddress(machine.mill, stock.sheave, tool.dovetail, { operation: 'dovetail', stickOutMm: 35 }),
  );
  await expect(page.getByText(/Rough it square first/)).toBeVisible();
});

test('a flat face: every cutter compared, the quickest that the machine drives is taken', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.mill, stock.hatch, tool.faceMill, { operation: 'face-mill', stickOutMm: 40 }),
  );
  await page.getByRole('button', { name: 'A flat face' }).click();
  const cutters = page.getByRole('list', { name: 'Cutters compared' }).getByRole('listitem');
  await expect(cutters.first()).toContainText('the quickest the machine can drive');
  await expect(cutters.filter({ hasText: 'Fly cutter' })).toHaveCount(1);
  await page.getByRole('button', { name: /Width of the face/ }).click();
  await page.keyboard.type('300');
  await page.keyboard.press('Enter');
  await expect(cutters.first()).toContainText(/\d+ strips/);
  await page.getByRole('button', { name: /Take Fly cutter/ }).click();
  await expect(page.getByRole('button', { name: /^Fly-cut.*, Operation, change$/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Fly cutter.*, Tool, change$/ })).toBeVisible();
  await expect(page.getByTestId('dimension-width')).toContainText('60');
  await expect(page.getByTestId('dimension-depth')).toContainText('1');
});

test('what holds it back comes first; a wanted finish sets the lever; the curves follow', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.bay, stock.shaft, tool.knife, { operation: 'turn', workDiameterMm: 50 }),
  );
  await page.getByRole('button', { name: list }).click();
  await expect(page.getByRole('list', { name: list }).getByRole('listitem').first()).toContainText(
    'Held back by',
  );
  await expect(page.getByRole('list', { name: list })).toContainText(/To go further/);
  await page.getByRole('list', { name: list }).getByRole('button', { name: /^Chip/ }).click();
  await expect(page.getByRole('list', { name: list })).toContainText(
    /a step ground behind the edge|By the model it breaks at/,
  );
  await page.getByRole('radio', { name: /^1.6\sμm$/ }).click();
  await page.getByRole('button', { name: /^Set 0.0\d+\smm\/rev$/ }).click();
  await expect(page.getByRole('button', { name: /^Set 0.0/ })).toBeHidden();
  await expect(page.getByRole('img', { name: /^Power: \d+ % as it stands/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Speed', exact: true }).click();
  await expect(
    page.getByRole('img', { name: /^Edge lasts: .* at 42\srpm|^Edge lasts: .* at 42/ }),
  ).toBeVisible();
});

test('an operation without a tool in the drawer leads to adding one', async ({ page }) => {
  await page.goto(cutAddress(machine.bay, stock.shaft, tool.knife, { operation: 'turn' }));
  await page.goto(`/drawer/tools/${tool.knurl}`);
  await page.getByRole('button', { name: /Put away/ }).click();
  await page.goto('/cut');
  await page.getByRole('button', { name: /, Operation, change$/ }).click();
  await page.getByRole('button', { name: /^Knurl/ }).click();
  await expect(page).toHaveURL(/\/drawer\/tools\/new/);
});

test('a thread in the book comes back with its pitch; another pitch then has its own depth', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.long, stock.shaft, tool.threading, {
      operation: 'thread',
      workDiameterMm: 16,
      pitchMm: 1.5,
    }),
  );
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await page.getByRole('button', { name: 'Open in Cut' }).click();
  await expect(
    page.getByRole('img', { name: /^Thread ⌀16\smm, pitch 1.5\smm, 0.99\smm deep/ }),
  ).toBeVisible();
  await page.getByTestId('dimension-pitch').click();
  await page.getByRole('button', { name: '2 mm', exact: true }).click();
  await expect(page.getByRole('button', { name: /Thread depth 1.37 mm/ })).toBeVisible();
});
