import { render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { BarsByName } from './BarsByName';
import { CutsByMonth } from './CutsByMonth';
import { FactorOverTime } from './FactorOverTime';
import { monthShort } from './month';

const show = (chart: React.ReactElement) => render(<ThemeProvider>{chart}</ThemeProvider>);
beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

test('bars are as long as their values, two of one name too', () => {
  const bars = [
    { id: '1', name: 'Knife tool', value: 8, filled: 6, said: '8, 75 % worked' },
    { id: '2', name: 'Knife tool', value: 4, said: '4' },
  ];
  show(<BarsByName says="Cuts by tool" bars={bars} />);
  const items = screen.getAllByRole('listitem');
  expect(items.map((one) => one.textContent)).toEqual(['Knife tool8, 75 % worked', 'Knife tool4']);
  const widths = items.map((one) =>
    [...one.querySelectorAll<HTMLElement>('[style*="width"]')].map(({ style }) => style.width),
  );
  expect(widths).toEqual([
    ['100%', '75%'],
    ['50%', '100%'],
  ]);
});

test('months add up their outcomes, and are told in words', () => {
  const months = [
    { month: '2026-10', outcome: 'worked', cuts: 3 },
    { month: '2026-10', outcome: 'so-so', cuts: 2 },
    { month: '2026-11', outcome: 'did-not-work', cuts: 1 },
  ];
  show(<CutsByMonth months={months} />);
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
    'Cuts by month: 2026-10 5, 3 worked; 2026-11 1, 0 worked',
  );
});

test('the factor is told month by month, and as it is now', () => {
  const at = (month: string, median: number, cuts: number) => ({
    month,
    median,
    low: median - 0.1,
    high: median + 0.1,
    sdLn: 0.1,
    cuts,
  });
  show(<FactorOverTime history={[at('2026-10', 0.9, 1), at('2026-11', 0.8, 7)]} />);
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
    'Factor by month: 2026-10 0.90; 2026-11 0.80',
  );
  expect(screen.getByText('Now × 0.80, 0.70 to 0.90, from 7 cuts')).toBeTruthy();
});

test('a month is short under a chart', () => expect(monthShort('2026-11')).toBe('11/26'));
