import type { Reamer } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

const FLUTES = [-0.62, -0.22, 0.22, 0.62];

/** Reaming in section: along the bed on a lathe, downward elsewhere; the drilled hole ahead of the reamer is smaller. */
function draw(input: SketchInput<Reamer>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const lathe = setup.machine.kind === 'lathe';
  const d = setup.tool.diameterMm;
  const room = lathe ? height - 128 : width * 0.3;
  const R = Math.max(10, Math.min(room, d * 9) / 2);
  // The allowance is drawn thicker than it is, because it would not be seen at this scale.
  const left = Math.max(3, plan.depth.mm * ((2 * R) / d));
  const wall = lathe ? Math.max(18, Math.min(R, (height - 60) / 2 - R)) : Math.max(30, width * 0.22);
  const [near, far, at] = lathe ? [96, width - 36, width * 0.46] : [64, height - 34, height * 0.56];
  const middle = lathe ? height * 0.46 : width * 0.4;
  /** Turns distances along and across the feed into places on the paper. */
  const p = (along: number, across: number): string =>
    lathe ? `${width - along} ${middle + across}` : `${middle + across} ${along}`;
  const lines = (parts: readonly (readonly [number, number][])[]): string =>
    parts.map((points) => points.map(([a, c], i) => `${i === 0 ? 'M' : 'L'}${p(a, c)}`).join('')).join('');
  const side = (s: 1 | -1): [number, number][] => [
    [near, s * (R + wall)],
    [near, s * R],
    [at, s * R],
    [at + 8, s * (R - left)],
    [far, s * (R - left)],
    [far, s * (R + wall)],
  ];
  const hatching = ([1, -1] as const).flatMap((s) =>
    Array.from({ length: 9 }, (_, i): [number, number][] => {
      const a = near + ((far - near) * (i + 0.5)) / 9;
      return [
        [a, s * (R + 3)],
        [Math.min(far, a + wall * 0.7), s * (R + wall - 3)],
      ];
    }),
  );
  const shown = {
    d: formatLength(d, units),
    left: formatLength(2 * plan.depth.mm, units),
    hole: formatLength(d - 2 * plan.depth.mm, units),
  };
  const [ax, ay] = lathe ? [width - 34, middle + R + 26] : [middle - R - 16, 20];
  const art = (
    <G>
      <Path d={lines(hatching)} stroke={pen.line} strokeWidth={1} />
      <Path d={`${lines([side(1), side(-1)])}`} fill="none" stroke={pen.ink} strokeWidth={2} />
      <Path
        d={`${lines([
          [
            [-4, -R],
            [at, -R],
            [at + 8, -(R - left)],
            [at + 8, R - left],
            [at, R],
            [-4, R],
          ],
        ])}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={lines(
          FLUTES.map((share): [number, number][] => [
            [-4, share * R],
            [at + 4, share * R],
          ]),
        )}
        stroke={pen.ink}
        strokeWidth={1}
        fill="none"
      />
      {lathe ? (
        <>
          <Path
            d={`M${width - near + 6} ${middle - R}h26M${width - near + 6} ${middle + R}h26`}
            stroke={pen.accent}
            strokeWidth={0.8}
          />
          <DimensionLine
            x1={width - near + 24}
            y1={middle - R}
            x2={width - near + 24}
            y2={middle + R}
            pen={pen}
          />
        </>
      ) : (
        <DimensionLine x1={middle - R} y1={44} x2={middle + R} y2={44} pen={pen} />
      )}
      <FeedArrow from={[ax, ay]} to={lathe ? [ax - 48, ay] : [ax, ay + 38]} pen={pen} />
      <SideNote
        x={lathe ? 12 : width - 10}
        y={height - 12}
        size={14}
        anchor={lathe ? 'start' : 'end'}
        pen={pen}
      >{`⌀${joined(shown.hole)} drilled`}</SideNote>
    </G>
  );
  return {
    art,
    says: `Reaming ⌀${joined(shown.d)}, ${joined(shown.left)} left for it`,
    marks: [
      {
        key: 'diameter',
        x: lathe ? width - near + 26 : middle + R + 58,
        y: lathe ? middle - R - 28 : 44,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Reamer diameter ${joined(shown.d)}`,
      },
      feedMark(input, lathe ? width - 8 : 8, lathe ? middle + R + 50 : 30, lathe ? 'right' : 'left'),
    ],
  };
}

export const ream: OperationSketch<Reamer> = { draw };
