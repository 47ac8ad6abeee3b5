import { forecast, type sweep } from '@pike-stone/core/forecast';
import { fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { TOOLS } from '@pike-stone/core/fixture';
import { cutOf, MILL } from '../cut.fixture';
import type { Cut } from '../useCut';
import { sayForecast } from '@pike-stone/words/forecast';
import { Sweep } from './Sweep';
import { WantedFinish } from './WantedFinish';

// The worker is asked in the browser; here its work is done at once.
jest.mock('../../../workers/cut-work', () => ({
  useCutWork: ({
    setup,
    rules,
    by,
  }: {
    setup: Parameters<typeof sweep>[0];
    rules: Parameters<typeof sweep>[1];
    by: Parameters<typeof sweep>[2];
  }) => ({
    answer: (jest.requireActual('@pike-stone/core/forecast') as { sweep: typeof sweep }).sweep(
      setup,
      rules,
      by,
    ),
    working: false,
    fault: null,
  }),
}));
globalThis.ResizeObserver ??= class {
  observe() {
    /* a page in a test has no size */
  }
  unobserve() {
    /* nor does it lose one */
  }
  disconnect() {
    /* nothing was watched */
  }
} as never;

const show = (children: React.ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);
beforeEach(() => usePreferences.setState({ theme: 'light', units: 'mm' }));

describe('a wanted finish', () => {
  test('is given a lever that leaves it, and a touch sets it', () => {
    const change = jest.fn();
    show(<WantedFinish cut={cutOf({}, change)} units="mm" />);
    fireEvent.click(screen.getByRole('radio', { name: /^0.8/ }));
    fireEvent.click(screen.getByRole('button', { name: /^Set 0\.\d+/ }));
    expect(change).toHaveBeenCalledWith({ feedByHand: expect.any(Number) });
    expect(screen.getByText(/no nose would leave it|a nose of/)).toBeTruthy();
  });

  test('says so when this edge cannot leave it', () => {
    show(
      <WantedFinish
        cut={cutOf({
          tool: { ...TOOLS['turning-tool'], material: 'carbide-coated', noseRadiusMm: 0.8 },
          machine: { ...cutOf().setup.machine, condition: 'tired' },
          rpmByHand: 60,
        })}
        units="inch"
      />,
    );
    fireEvent.click(screen.getByRole('radio', { name: /^31\sμin|^32\sμin|^31/ }));
    expect(screen.getByText(/Not with this edge here/)).toBeTruthy();
  });

  test('is not asked where no single nose leaves the surface', () => {
    show(<WantedFinish cut={cutOf({ machine: MILL, operation: 'mill-side' })} units="mm" />);
    expect(screen.queryByText('Wanted finish, Ra')).toBeNull();
  });
});

describe('if it were set otherwise', () => {
  test('says what is changed and where it stands now', () => {
    show(<Sweep cut={cutOf()} units="mm" />);
    expect(
      screen.getByText(/Only the feed changes; the mark is where it stands, 0.12\smm\/rev/),
    ).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'Speed' }));
    expect(screen.getByText(/Only the speed changes; the mark is where it stands, \d+\srpm/)).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'Depth' }));
    expect(screen.getByText(/Only the depth changes; the mark is where it stands, [\d.]+\smm/)).toBeTruthy();
  });
});

describe('what is told of a cut', () => {
  const rows = (cut: Cut, units: 'mm' | 'inch' = 'mm') =>
    sayForecast(forecast(cut.setup, cut.plan), cut.setup, cut.plan, units);
  const row = (key: string, cut: Cut) => rows(cut).find((one) => one.key === key)!;

  test('begins with what holds it back, unless something is in danger', () => {
    expect(rows(cutOf())[0]!.key).toBe('limits');
    expect(rows(cutOf({ depthMm: 8 }))[0]).toMatchObject({ key: 'power', level: 'danger' });
  });

  test('names for speed, feed and depth how far and what stops it', () => {
    const { lines } = row('limits', cutOf());
    expect(
      lines
        .slice(0, 3)
        .map((line) => line.split(' ')[0])
        .sort(),
    ).toEqual(['Depth', 'Feed', 'Speed']);
    expect(lines.at(-1)).toMatch(/^To go further: /);
    for (const line of lines) expect(line).not.toMatch(/NaN|undefined|Infinity|null/);
  });

  test('says what would break the chip, and does not say two things at once', () => {
    const { lines } = row('chip', cutOf());
    expect(
      lines.filter((line) => /By the model it breaks at|No feed or depth this edge takes/.test(line)).length,
    ).toBeLessThanOrEqual(1);
    expect(
      row('chip', cutOf({ stock: { ...cutOf().setup.stock, materialKey: 'brass-free-cutting' } })).lines.join(
        ' ',
      ),
    ).not.toMatch(/By the model it breaks/);
  });

  test('a knurl and a file have no power to tell', () => {
    for (const operation of ['knurl', 'file'] as const)
      expect(rows(cutOf({ operation })).map(({ key }) => key)).not.toContain('power');
  });

  test('in inches nothing is told in millimetres', () => {
    for (const { value, lines } of rows(cutOf(), 'inch'))
      expect(`${value} ${lines.join(' ')}`).not.toMatch(/\d\smm\b|°C|μm/);
  });
});
