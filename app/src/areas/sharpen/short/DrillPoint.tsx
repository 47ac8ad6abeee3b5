import { unlessRefused } from '@pike-stone/core';
import { DRILL_USES, drillGrind, oversizeOfLips, type DrillUse } from '@pike-stone/core/wheel';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { DRILL_USE_WORDS } from '@pike-stone/words/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { Choice } from '../../../kit/Choice';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { BigFigures } from '../../grind/steps/StepFigures';

const USUAL_MM = { diameter: 10, feed: 0.15 } as const;
const PICTURE = { width: 220, height: 120 } as const;

/** The point of a drill: its angle to the wheel, the relief of its lips, its web, and what unlike lips do. */
export function DrillPoint() {
  const units = useUnits();
  const [use, setUse] = useState<DrillUse>('general');
  const figures = useFigures(
    [
      {
        key: 'diameter',
        label: 'Diameter of the drill',
        kind: 'size',
        low: 0.5,
        high: 100,
        start: lengthText(USUAL_MM.diameter, units),
      },
      {
        key: 'feed',
        label: 'Feed of a turn',
        kind: 'size',
        low: 0,
        high: 2,
        start: lengthText(USUAL_MM.feed, units),
      },
      {
        key: 'off',
        label: 'One lip longer by',
        kind: 'size',
        low: 0,
        high: 10,
        optional: true,
        about: 'under a gauge; empty: not measured',
      },
    ],
    { keptAs: 'drill-point', atOnce: true },
  );
  const [diameter, feed, off] = (['diameter', 'feed', 'off'] as const).map((key) => figures.peek(key)?.[0]);
  const drill =
    diameter === undefined || feed === undefined
      ? null
      : unlessRefused(() => drillGrind(diameter, use, feed), null);
  const size = (mm: number) => joined(formatLength(mm, units));
  const drop = drill && formatLength(drill.dropMm, units);
  return (
    <Sheet>
      {drill && drop && (
        <>
          <BigFigures
            shown={[
              {
                label: 'To the wheel',
                figure: formatAngle(drill.toFaceDeg, 1),
                about: `point ${drill.pointDeg}°`,
              },
              { label: 'Lip relief', figure: formatAngle(drill.reliefDeg, 0), about: 'at the corner' },
              {
                label: 'Drop',
                figure: drop.figure,
                about: `${drop.unit} over ${drill.readOverDeg}° of turn`,
              },
            ]}
          />
          <View style={styles.box} testID="drill-says">
            <Point halfDeg={drill.toFaceDeg} />
            <Words>
              {`Thin a grown web to ${size(drill.webMm)}. At this feed ${formatAngle(drill.leftDeg, 1)} of the relief is left at the corner.`}
            </Words>
            {drill.dubLips && <Words>Dub the lips: a flat of a hair’s width along each, with no rake.</Words>}
            {off !== undefined && (
              <Words role="strong">
                {`Lips unlike by ${size(off)}: the hole comes out ${size(oversizeOfLips(off, drill.pointDeg))} too large.`}
              </Words>
            )}
          </View>
        </>
      )}
      <View style={styles.box}>
        <Choice
          says="Ground for"
          value={use}
          onChange={setUse}
          options={DRILL_USES.map((value) => ({ value, label: DRILL_USE_WORDS[value].name }))}
          about={DRILL_USE_WORDS[use].about}
        />
        {figures.boxes}
      </View>
    </Sheet>
  );
}

/** The drill against the face of the wheel, seen from above, at its angle. */
function Point({ halfDeg }: { halfDeg: number }) {
  const pen = useColours();
  const { width, height } = PICTURE;
  const turn = (90 - halfDeg) * (Math.PI / 180);
  const r = 17;
  // One lip lies along the face of the wheel.
  const [x, y] = [70 + r * Math.sin(turn), height / 2];
  // Along the drill away from the wheel, and across it.
  const [ax, ay] = [Math.cos(turn), Math.sin(turn)];
  const at = (along: number, across: number): string =>
    `${(x + along * ax - across * ay).toFixed(1)} ${(y + along * ay + across * ax).toFixed(1)}`;
  const tip = r / Math.tan(halfDeg * (Math.PI / 180));
  return (
    <View role="img" aria-label={`The drill at ${Math.round(halfDeg)} degrees to the face of the wheel`}>
      <Svg width={width} height={height}>
        <Path d={`M20 6H70V${height - 6}H20Z`} fill={pen.wash} stroke={pen.ink} />
        <Path
          d={`M${at(0, r)}L${at(0 - tip, 0)}L${at(0, -r)}L${at(130, -r)}M${at(0, r)}L${at(130, r)}`}
          fill="none"
          stroke={pen.ink}
          strokeWidth={1.6}
        />
        <Line
          x1={x - tip * ax}
          y1={y - tip * ay}
          x2={x + 130 * ax}
          y2={y + 130 * ay}
          stroke={pen.accent}
          strokeDasharray="14 3 2 3"
        />
      </Svg>
    </View>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
