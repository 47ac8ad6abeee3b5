import type { MachineBody } from '@pike-stone/contract';
import fc from 'fast-check';
import { CHECK_LINE_MM, PLATE_WIDTHS_MM, plateLayout } from './plate-layout';
import { plateSvg } from './plate-svg';

const machine = (name: string, speeds: MachineBody['speeds']) =>
  ({ kind: 'lathe', name, speeds }) as MachineBody;
type Mark = ReturnType<typeof plateLayout>['marks'][number];
const COLUMN = { title: '⌀ HSS, mm', about: '⌀: largest for HSS in mild steel, 32 m/min', mPerMin: 32 };
const steps = fc.array(
  fc.record({
    rpm: fc.double({ min: 1, max: 30_000, noNaN: true }),
    setting: fc.string({ minLength: 1, maxLength: 60 }),
  }),
  { minLength: 1, maxLength: 30 },
);

describe('a speed plate', () => {
  it('everything stands inside its edge, whatever the words', () => {
    fc.assert(
      fc.property(
        steps,
        fc.string({ minLength: 1, maxLength: 60 }),
        fc.constantFrom(...PLATE_WIDTHS_MM),
        (speeds, name, width) => {
          const { widthMm, heightMm, marks } = plateLayout(machine(name, speeds), width, COLUMN, 'mm');
          expect(widthMm).toBe(width);
          const ofKind = <K extends Mark['is']>(kind: K) =>
            marks.filter((mark): mark is Extract<Mark, { is: K }> => mark.is === kind);
          const beyond = [
            ...ofKind('text').filter((mark) => mark.y >= heightMm),
            ...ofKind('rect').filter((mark) => mark.x + mark.width > widthMm),
            ...ofKind('line').filter((mark) => Math.max(mark.x1, mark.x2) > widthMm + 1e-9),
          ];
          expect(beyond).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('the fastest stands on top, with the diameter it suits, a measured one with a mark', () => {
    const { marks } = plateLayout(
      machine('Bay lathe', [
        { rpm: 118, setting: 'Belt 3, in' },
        {
          rpm: 440,
          setting: 'Belt 2, out',
          measured: { how: 'tapped', uRel: 0.004, on: '2026-10-14T08:20:00.000Z' },
        },
      ]),
      90,
      COLUMN,
      'mm',
    );
    const words = marks.flatMap((mark) => (mark.is === 'text' ? [mark.text] : []));
    // 1000 x 32 / (pi x 440) = 23.
    expect(words.slice(4, 10)).toEqual(['440', 'Belt 2, out *', '23', '118', 'Belt 3, in', '86']);
    expect(words).toContain('* measured, last 2026-10-14');
  });

  it('carries a line of 50 mm, or of two inches, whatever its width', () => {
    for (const width of PLATE_WIDTHS_MM)
      for (const units of ['mm', 'inch'] as const) {
        expect(
          plateLayout(machine('x', [{ rpm: 1, setting: 'a' }]), width, null, units).marks.some(
            (mark) => mark.is === 'line' && Math.abs(mark.x2 - mark.x1 - CHECK_LINE_MM[units]) < 1e-9,
          ),
        ).toBe(true);
      }
  });

  it('as SVG it is well formed, its size in millimetres', () => {
    const svg = plateSvg(
      plateLayout(machine('Bolt & <nut> "lathe"', [{ rpm: 100, setting: 'a < b' }]), 60, null, 'inch'),
    );
    const parsed = new DOMParser().parseFromString(svg, 'image/svg+xml');
    expect(parsed.querySelector('parsererror')).toBeNull();
    expect(parsed.documentElement.getAttribute('width')).toBe('60mm');
    expect(parsed.documentElement.textContent).toContain('Bolt & <nut> "lathe"');
  });
});
