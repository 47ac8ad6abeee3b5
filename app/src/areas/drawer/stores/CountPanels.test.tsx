import { fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { BoughtPanel, CountedPanel } from './CountPanels';
import type { Counted } from './used-up';

const BOX: Counted = {
  of: 'supplies',
  itemId: 'b',
  usedUp: { by: 'edges', lowAt: 4 },
  edgesEach: 4,
  price: 8.5,
  from: null,
};
const BLANK: Counted = {
  ...BOX,
  usedUp: { by: 'length', regrindMm: 0.5, lowAt: 2 },
  edgesEach: null,
  price: null,
};

const show = (children: React.ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);
const fill = (label: RegExp, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const keep = () => fireEvent.click(screen.getByRole('button', { name: 'Into the ledger' }));
const none = () => undefined;

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

test('inserts are bought by the piece, the last price stands there', () => {
  const onBought = jest.fn();
  show(<BoughtPanel counted={BOX} onBought={onBought} onClose={none} />);
  fill(/How many inserts/, '2.5');
  keep();
  expect(screen.getByText('Must be a whole number from 1 to 10000.')).toBeTruthy();
  fill(/How many inserts/, '10');
  keep();
  expect(onBought).toHaveBeenCalledWith(10, 8.5);
});

test('a blank is bought by its length; a price that is not said is nothing', () => {
  const onBought = jest.fn();
  show(<BoughtPanel counted={BLANK} onBought={onBought} onClose={none} />);
  fill(/Length to grind away/, '0');
  keep();
  expect(onBought).not.toHaveBeenCalled();
  fill(/Length to grind away/, '80');
  keep();
  expect(onBought).toHaveBeenCalledWith(80, 0);
});

test('a count begins from the ledger, and may be nothing', () => {
  const onCounted = jest.fn();
  show(<CountedPanel counted={BOX} ledgerSays={-3} onCounted={onCounted} onClose={none} />);
  expect((screen.getByLabelText(/Edges that are there/) as HTMLInputElement).value).toBe('0');
  keep();
  expect(onCounted).toHaveBeenCalledWith(0);
});

test('a length is counted in the units of the shop', () => {
  usePreferences.setState({ units: 'inch' });
  const onCounted = jest.fn();
  show(<CountedPanel counted={BLANK} ledgerSays={25.4} onCounted={onCounted} onClose={none} />);
  const box = screen.getByLabelText(/Length left to grind away/) as HTMLInputElement;
  expect(box.value).toBe('1');
  fill(/Length left to grind away/, '0.5');
  keep();
  expect(onCounted.mock.calls[0][0]).toBeCloseTo(12.7, 6);
});
