import {
  cutPlan,
  DEFAULT_RULES,
  MACHINE_OPERATIONS,
  OPERATIONS,
  type CutSetup,
  type Machine,
  type Tool,
} from '@pike-stone/core';
import fc from 'fast-check';
import { Children, isValidElement, type ReactElement, type ReactNode } from 'react';
import { COLOURS } from '../../../theme/colours';
import { arrowHead } from './dimensions';
import { DRAW } from './CutSketch';
import { hatch } from './drawing';
import { DRAW_MORE } from './MoreSketch';

const wheel = { travelPerTurnMm: 5, divisions: 100 };
const dial = { ...wheel, reads: 'radius' as const, backlashMm: 0.1 };
const speeds = [60, 200, 700].map((rpm) => ({ rpm, setting: `Belt ${rpm}` }));
const LATHE: Machine = {
  kind: 'lathe',
  name: 'Lathe',
  condition: 'ordinary',
  light: false,
  speeds,
  feeds: [],
  crossFeedRatio: 0.5,
  carriageWheel: wheel,
  crossSlide: dial,
  tailstockWheel: wheel,
};
const MILL: Machine = {
  kind: 'vertical-mill',
  name: 'Mill',
  condition: 'ordinary',
  light: false,
  speeds,
  feeds: [],
  tableWheel: wheel,
  kneeDial: dial,
  quillWheel: wheel,
};
const SHAPER: Machine = {
  kind: 'shaper',
  name: 'Shaper',
  condition: 'ordinary',
  light: false,
  speeds,
  feeds: [],
  returnRatio: 1.5,
  tableWheel: wheel,
  toolSlide: dial,
};
const TOOL: Tool = {
  name: 'Tool',
  kind: 'turning-tool',
  material: 'hss',
  dull: false,
  diameterMm: 12,
  teeth: 4,
  fluteLengthMm: 26,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  cornerDeg: 80,
};

/** Every number and path of a drawing, through the components it is made of. */
function* strokes(node: ReactNode): Generator<unknown> {
  for (const child of Children.toArray(node)) {
    if (!isValidElement(child)) continue;
    const { type, props } = child as ReactElement<Record<string, unknown>>;
    const named =
      typeof type === 'function'
      && !(type.prototype as { isReactComponent?: unknown } | undefined)?.isReactComponent;
    if (named) yield* strokes((type as (props: unknown) => ReactNode)(props));
    else for (const [key, value] of Object.entries(props)) if (key !== 'children') yield value;
    yield* strokes(props.children as ReactNode);
  }
}

const anyDrawing = fc
  .constantFrom(LATHE, MILL, SHAPER)
  .chain((machine) =>
    fc
      .constantFrom(...MACHINE_OPERATIONS[machine.kind])
      .chain((operation) =>
        fc.record({
          setup: fc.record({
            machine: fc.constant(machine),
            operation: fc.constant(operation),
            stock: fc.constant({ name: 'Bar', materialKey: 'medium-carbon', uncertain: false, skinMm: 0 }),
            tool: fc
              .record({
                diameterMm: fc.double({ min: 0.5, max: 200, noNaN: true }),
                noseRadiusMm: fc.double({ min: 0.05, max: 10, noNaN: true }),
                approachDeg: fc.double({ min: 30, max: 110, noNaN: true }),
                cornerDeg: fc.double({ min: 35, max: 100, noNaN: true }),
              })
              .map((more): Tool => ({
                ...TOOL,
                ...more,
                kind: OPERATIONS[operation].tool,
                fluteLengthMm: more.diameterMm * 2,
              })),
            workDiameterMm: fc.double({ min: 1, max: 600, noNaN: true }),
            stickOutMm: fc.double({ min: 2, max: 900, noNaN: true }),
            support: fc.constantFrom(
              'chuck' as const,
              'chuck-and-centre' as const,
              'between-centres' as const,
            ),
            fluid: fc.constant('brush' as const),
            interrupted: fc.constant(false),
            firstPassOnSkin: fc.constant(false),
            depthMm: fc.option(fc.double({ min: 0.02, max: 20, noNaN: true })),
            widthMm: fc.constant(null),
            rpmByHand: fc.constant(null),
            feedByHand: fc.constant(null),
          }),
          units: fc.constantFrom('mm' as const, 'inch' as const),
          size: fc.constantFrom(
            { width: 390, height: 264 },
            { width: 360, height: 220 },
            { width: 560, height: 400 },
          ),
        }),
      ),
  );

test('every cut is drawn without a hole, and every figure to touch lies on the paper', () => {
  fc.assert(
    fc.property(anyDrawing, ({ setup, units, size }) => {
      const { art, marks, says } = (DRAW[setup.operation] ?? DRAW_MORE[setup.operation])!({
        setup: setup as CutSetup,
        plan: cutPlan(setup as CutSetup, DEFAULT_RULES),
        units,
        ...size,
        pen: COLOURS.light,
      });
      const whole = [...strokes(art)].every((value) => !/NaN|undefined|Infinity/.test(String(value)));
      const onPaper = marks.every(({ x, y }) => x >= 0 && x <= size.width && y >= 0 && y <= size.height);
      const named =
        marks.every((mark) => mark.says.length > 5 && mark.figure !== '')
        && new Set(marks.map((mark) => mark.key)).size === marks.length;
      return whole && onPaper && named && !/NaN|undefined/.test(says);
    }),
    { numRuns: 1200 },
  );
});

test('hatching stays inside its box', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 4, max: 200, noNaN: true }),
      fc.double({ min: 4, max: 200, noNaN: true }),
      (w, h) => {
        const numbers =
          hatch(10, 20, w, h)
            .match(/-?\d+(\.\d+)?(e-?\d+)?/g)
            ?.map(Number) ?? [];
        return numbers.every((value, i) =>
          i % 2 === 0
            ? value >= 10 - 1e-6 && value <= 10 + w + 1e-6
            : value >= 20 - 1e-6 && value <= 20 + h + 1e-6,
        );
      },
    ),
  );
});

test('an arrow points where it is told', () =>
  expect(arrowHead(10, 10, 1, 0, 4)).toBe('M10 10L2 14M10 10L2 6'));
