import { COST_INPUTS } from '@pike-stone/core/choose-fixture';
import { fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { PriceList } from './PriceList';
import { PricePanel } from './PricePanel';

const show = (children: React.ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

describe('what a cost is reckoned with', () => {
  const list = (onTouch = jest.fn()) => (
    <PriceList
      inputs={COST_INPUTS}
      trade="ground-bit"
      own={{ regrindMin: 4 }}
      fromDrawer={['insertCost']}
      onTouch={onTouch}
    />
  );

  test('each price with where it comes from; it is touched to change it', () => {
    const onTouch = jest.fn();
    show(list(onTouch));
    expect(screen.getByRole('button', { name: /^A regrind, ?the shop’s own/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: /^An insert, ?from the drawer/ })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /^The holder, ?typical/ }));
    expect(onTouch).toHaveBeenCalledWith('holderCost');
  });

  test('what follows from the cut is only read', () => {
    show(list());
    expect(screen.getByText('HSS: in the cut for a part')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^HSS: in the cut/ })).toBeNull();
    expect(screen.getByText('10 in 100')).toBeTruthy();
  });

  test('lengths stand in the units of the shop', () => {
    show(list());
    expect(screen.getByText(/^30\smm$/)).toBeTruthy();
  });

  test('in inches too', () => {
    usePreferences.setState({ units: 'inch' });
    show(list());
    expect(screen.getByText(/^1\.181\sin$/)).toBeTruthy();
    expect(screen.queryByText(/\smm$/)).toBeNull();
  });
});

describe('one price', () => {
  const panel = (price: 'blankUsableMm' | 'edges', value: number, onSet: jest.Mock, isOwn = false) =>
    show(
      <PricePanel
        price={price}
        trade="ground-bit"
        value={value}
        isOwn={isOwn}
        onSet={onSet}
        onClose={() => undefined}
      />,
    );
  const box = () => screen.getByRole('textbox') as HTMLInputElement;
  const set = () => fireEvent.click(screen.getByRole('button', { name: 'Set' }));

  test('a length is typed in inches where the shop works in them, and kept in mm', () => {
    usePreferences.setState({ units: 'inch' });
    const onSet = jest.fn();
    panel('blankUsableMm', 25.4, onSet);
    expect(box().value).toBe('1');
    fireEvent.change(box(), { target: { value: '1/2' } });
    set();
    expect(onSet).toHaveBeenCalledWith(12.7);
  });

  test('an insert has one edge at the least', () => {
    const onSet = jest.fn();
    panel('edges', 4, onSet);
    fireEvent.change(box(), { target: { value: '0' } });
    set();
    expect(screen.getByText('Must be a number from 1 to 1000000.')).toBeTruthy();
    expect(onSet).not.toHaveBeenCalled();
  });

  test('the shop’s own goes back to the typical', () => {
    const onSet = jest.fn();
    panel('edges', 3, onSet, true);
    fireEvent.click(screen.getByRole('button', { name: 'Back to the typical' }));
    expect(onSet).toHaveBeenCalledWith(null);
  });
});
