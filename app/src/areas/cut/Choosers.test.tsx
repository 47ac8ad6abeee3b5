import { MACHINE_OPERATIONS } from '@pike-stone/core';
import { operationName, sayDial } from '@pike-stone/words';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import { ThemeProvider } from '../../theme/theme';
import { Choosers } from './Choosers';
import { TOOLS } from '@pike-stone/core/fixture';
import { cutOf, LATHE } from './cut.fixture';
import { useQuick } from './quick/quick-store';
import type { Chooser } from './Sentence';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

const tools = [
  { id: 'worn', archived: false, body: { ...TOOLS['turning-tool'], name: 'Worn', dull: true } },
  { id: 'knife', archived: false, body: { ...TOOLS['turning-tool'], name: 'Knife' } },
  { id: 'bit', archived: false, body: { ...TOOLS['threading-tool'], name: 'Bit' } },
];
const show = (what: Chooser, more: Parameters<typeof cutOf>[0] = {}) => {
  const change = jest.fn();
  const onClose = jest.fn();
  const cut = {
    ...cutOf(more, change),
    choice: {
      operation: more.operation ?? 'turn',
      fluid: 'brush',
      support: 'chuck',
      interrupted: false,
      firstPassOnSkin: false,
      toolId: 'knife',
    } as never,
  };
  render(
    <ThemeProvider>
      <Choosers
        what={what}
        cut={cut}
        drawer={{ machines: [{ id: 'm', archived: false, body: LATHE }], stock: [], tools } as never}
        metals={{ nameOf: () => 'Steel' } as never}
        onClose={onClose}
      />
    </ThemeProvider>,
  );
  return { change, onClose };
};

beforeEach(() => {
  usePreferences.setState({ theme: 'light', units: 'mm' });
  mockPush.mockClear();
});

test('every operation of the machine is offered by its name', () => {
  show('operation');
  // The name of each is asked once: to find one by its name asks for those of all.
  const offered = screen.getAllByRole('button').map((one) => one.textContent);
  const missing = MACHINE_OPERATIONS.lathe.filter(
    (operation) => !offered.some((name) => name?.startsWith(`${operationName(operation)},`)),
  );
  expect(missing).toEqual([]);
});

test('one with a tool is taken; one without leads to the drawer', () => {
  const { change, onClose } = show('operation');
  fireEvent.click(screen.getByRole('button', { name: /^Cut a thread,/ }));
  expect(change).toHaveBeenCalledWith({ operation: 'thread' });
  expect(screen.getByRole('button', { name: /^Knurl, ?no tool for it in the drawer yet/ })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: /^Knurl,/ }));
  expect(mockPush).toHaveBeenCalledWith('/drawer/tools/new');
  expect(onClose).toHaveBeenCalledTimes(2);
});

test('operations stand in groups, and what suits comes before what does not, with the one thing against it', () => {
  show('operation');
  for (const title of ['Outside', 'Inside', 'Holes', 'Threads']) expect(screen.getByText(title)).toBeTruthy();
  cleanup();
  show('tool');
  const names = screen.getAllByRole('button', { name: /^(Worn|Knife)/ }).map((one) => one.textContent);
  expect(names).toEqual(['Knife, High speed steel', 'Worn, High speed steel: dull']);
});

test('a metal of the library is taken in one touch, in the size that is set up', () => {
  const { change } = show('stock');
  fireEvent.click(screen.getAllByRole('button', { name: /^Brass,(?! lead)/ })[0]!);
  const { stock } = useQuick.getState();
  expect(stock!.body).toMatchObject({ name: 'Brass', metal: 'brass-free-cutting', sizeMm: 40 });
  expect(change).toHaveBeenCalledWith({ stockId: stock!.id });
});

test('a tool that is typed is taken as it is read', () => {
  const { change } = show('tool');
  fireEvent.change(screen.getByLabelText(/^Or type it/), { target: { value: 'cobalt 0.5' } });
  fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
  const { tool } = useQuick.getState();
  expect(tool!.body).toMatchObject({ kind: 'turning-tool', material: 'hss-co', noseRadiusMm: 0.5 });
  expect(change).toHaveBeenCalledWith({ toolId: tool!.id });
});

test('only tools that fit are offered', () => {
  show('tool', { operation: 'thread' });
  expect(screen.getByRole('button', { name: /^Bit/ })).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Knife/ })).toBeNull();
});

test('a taper is asked how, and how it is held; a face is not', () => {
  const { change } = show('conditions', { operation: 'taper' });
  fireEvent.click(screen.getByRole('radio', { name: 'Tailstock set over' }));
  expect(change).toHaveBeenCalledWith({ way: 'set-over' });
  fireEvent.click(screen.getByRole('radio', { name: 'Between centres' }));
  expect(change).toHaveBeenCalledWith({ support: 'between-centres' });
});

test('a face is asked neither', () => {
  show('conditions', { operation: 'face' });
  expect(screen.queryByRole('radio', { name: 'Between centres' })).toBeNull();
  expect(screen.queryByRole('radio', { name: 'Tailstock set over' })).toBeNull();
});

test('a dial is said in whole turns and the divisions beyond', () => {
  const dial = { travelPerTurnMm: 2, divisions: 100, reads: 'radius', backlashMm: 0.1 } as const;
  expect([0.5, 2, 2.36, 4.01].map((mm) => sayDial(dial, mm))).toEqual([
    '25 divisions',
    '1 turn and 0 divisions',
    '1 turn and 18 divisions',
    '2 turns and 0.5 divisions',
  ]);
});
