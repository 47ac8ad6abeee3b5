import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { anySetup, SHAPER } from '@pike-stone/core/fixture';
import fc from 'fast-check';
import { Children, isValidElement, type ReactElement, type ReactNode } from 'react';
import { COLOURS } from '../../../theme/colours';
import { LATHE, MILL } from '../cut.fixture';
import { MORE_SKETCHES } from '../operation/more-sketches';
import { USUAL_SKETCHES } from '../operation/usual-sketches';
import { arrowHead } from '../../../kit/drawing/dimensions';
import { hatch, sketchIn } from './drawing';

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

const anyDrawing = fc.record({
  setup: anySetup([LATHE, MILL, SHAPER], { workMm: 600, stickOutMm: 900, cutterMm: 200, depthMm: 20 }),
  units: fc.constantFrom('mm' as const, 'inch' as const),
  size: fc.constantFrom(
    { width: 390, height: 264 },
    { width: 360, height: 220 },
    { width: 560, height: 400 },
  ),
});

test('every cut is drawn without a hole, and every figure to touch lies on the paper', () => {
  fc.assert(
    fc.property(anyDrawing, ({ setup, units, size }) => {
      const { art, marks, says } = (sketchIn(USUAL_SKETCHES, setup.operation)
        ?? sketchIn(MORE_SKETCHES, setup.operation))!.draw({
        setup,
        plan: cutPlan(setup, DEFAULT_RULES),
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
