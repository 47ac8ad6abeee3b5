import { OutOfRange } from '@pike-stone/core';
import {
  boreClearance,
  boreOutline,
  boreSection,
  centreHeight,
  centreRule,
  smallestBore,
} from '@pike-stone/core/grind';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Caution } from '../../kit/Caution';
import { Loading } from '../../kit/Empty';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { useColours } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { lengthText } from '../figures/read-figure';
import { useFigures } from '../figures/useFigures';
import { NotHere } from '../NotHere';
import { SideChoice } from './plan/SideChoice';
import { useBit, type Bit } from './use-bit';

/** A thin steel rule, and what an eye sees of its lean. */
const RULE_MM = 0.5;
const EYE_DEG = 1;
const RULE_ABOVE_MM = 75;
const CLEAR_GAP_MM = 0.2;
/** What the fields begin with: a small lathe, and work as it is often turned. */
const USUAL_AXIS_MM = 25;
const USUAL_WORK_MM = 20;

/** Setting a bit up: the height of its nose, the pinched rule, what a height error does, the heel in a bore. */
export function SetUpScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { bit, loading, error } = useBit(id);
  if (bit) return <SetUp bit={bit} />;
  return loading || error ? <Loading error={error} /> : <NotHere />;
}

function SetUp({ bit }: { bit: Bit }) {
  const router = useRouter();
  const units = useUnits();
  const { body, plan } = bit;
  const [side, setSide] = useState(body.use?.side ?? 'outside');
  const size = (mm: number) => joined(formatLength(mm, units));
  const text = (mm: number) => lengthText(mm, units);
  const { id } = bit.record;
  // The seat is that of the machine, whatever bit stands on it.
  const seat = useFigures(
    [
      {
        key: 'axis',
        label: 'Spindle axis over the seat',
        kind: 'size',
        low: 1,
        high: 500,
        start: text(USUAL_AXIS_MM),
        about: 'From where the bit or its holder stands to the axis, as on the tailstock’s centre.',
      },
      {
        key: 'holder',
        label: 'Floor of the holder over the seat',
        kind: 'size',
        low: 0,
        high: 400,
        start: text(0),
        about: '0 when the bit stands on the seat itself.',
      },
    ],
    'set-up',
  );
  const work = useFigures(
    [
      {
        key: 'diameter',
        label: side === 'bore' ? 'Bore' : 'Diameter of the work',
        kind: 'size',
        low: 0.5,
        high: 3000,
        start: text(body.use?.diameterMm ?? USUAL_WORK_MM),
      },
      {
        key: 'error',
        label: 'Nose above the axis now',
        kind: 'number',
        low: -5,
        high: 5,
        start: String(body.use?.heightErrorMm ?? 0),
        about: 'In millimetres, below it negative.',
      },
    ],
    `set-up/${id}`,
  );
  const [axis, holder] = (['axis', 'holder'] as const).map((key) => seat.peek(key)?.[0]);
  const [diameterMm, e] = (['diameter', 'error'] as const).map((key) => work.peek(key)?.[0]);
  const nose = plan.blank.heightMm - plan.noseDownMm;
  const packing = axis !== undefined && holder !== undefined ? axis - holder - nose : null;
  return (
    <Screen
      title="Set it up"
      about={body.name}
      onBack={() => backOr(router, `/grind/${bit.record.id}`)}
      side={
        diameterMm !== undefined && e !== undefined ? (
          <Effects bit={bit} side={side} diameterMm={diameterMm} e={e} />
        ) : null
      }
    >
      <View style={styles.pad}>
        <SideChoice value={side} onChange={setSide} />
        {seat.boxes}
        {work.boxes}
      </View>
      <Sheet>
        <View style={styles.pad} testID="packing">
          <Words role="heading">Height</Words>
          {packing !== null && (
            <Words role="big">
              {packing >= 0
                ? `${size(packing)} of packing`
                : `${size(-packing)} too high: a thinner bit or a lower holder`}
            </Words>
          )}
          <Words>{`The nose of this bit lies ${size(nose)} over its bottom. A quick-change post is set by its screw to the same height.`}</Words>
          <Words role="note">
            Every grind of the front lowers the nose of a bit with back rake a little: check the height after
            it.
          </Words>
        </View>
      </Sheet>
    </Screen>
  );
}

function Effects({
  bit,
  side,
  diameterMm,
  e,
}: {
  bit: Bit;
  side: 'outside' | 'bore';
  diameterMm: number;
  e: number;
}) {
  const units = useUnits();
  const size = (mm: number) => joined(formatLength(mm, units));
  const deg = (value: number) => formatAngle(value, 1);
  const { angles } = bit.plan;
  const at = attempt(() => centreHeight(side, e, diameterMm, angles.backRakeDeg, angles.frontClearanceDeg));
  if (!at)
    return (
      <Caution level="danger">{`The nose stands ${size(Math.abs(e))} off the axis of work ${size(diameterMm)} thick: it does not meet it.`}</Caution>
    );
  const rule = centreRule(e, diameterMm, RULE_MM, RULE_ABOVE_MM, EYE_DEG);
  return (
    <>
      <Sheet>
        <View style={styles.pad} testID="height-effects">
          <Words role="heading">What the height does</Words>
          <Words>{`Back rake ${deg(at.backRakeDeg)} instead of ${deg(angles.backRakeDeg)}, front clearance ${deg(at.frontClearanceDeg)} instead of ${deg(angles.frontClearanceDeg)}.`}</Words>
          {at.frontClearanceDeg < 3 && (
            <Caution level="caution">The front rubs: lower it, or grind more front clearance.</Caution>
          )}
          <Words>
            {side === 'outside'
              ? 'Above centre it rubs outside, below it cuts freer but digs in.'
              : 'In a bore a nose above centre is relieved, below it rubs.'}
          </Words>
          <Words role="strong">Pinch a thin rule between work and nose</Words>
          <Words>
            {Math.abs(rule.leanDeg) < 0.05
              ? 'It stands square to the line from axis to nose.'
              : `Its top leans ${deg(Math.abs(rule.leanDeg))} ${rule.leanDeg > 0 ? 'toward the work: too high' : 'toward you: too low'}, ${size(Math.abs(rule.topOffsetMm))} at ${size(RULE_ABOVE_MM)}.`}
          </Words>
          <Words role="note">{`On this diameter an eye sees an error of ${size(rule.smallestSeenMm)} or more: set the height on small work. Spindle stopped, press lightly.`}</Words>
        </View>
      </Sheet>
      {side === 'bore' && <InBore bit={bit} diameterMm={diameterMm} e={e} />}
    </>
  );
}

/** What a computation gives, or null where it is refused. */
function attempt<T>(compute: () => T): T | null {
  try {
    return compute();
  } catch (error) {
    if (error instanceof OutOfRange) return null;
    throw error;
  }
}

/** CSS pixels in a millimetre: a screen shows the bore at about its true size. */
const PX_A_MM = 96 / 25.4;
const MARGIN_PX = 14;

function InBore({ bit, diameterMm, e }: { bit: Bit; diameterMm: number; e: number }) {
  const units = useUnits();
  const c = useColours();
  const size = (mm: number) => joined(formatLength(mm, units));
  const section = boreSection(bit.plan, e);
  const at = attempt(() => boreClearance(section, diameterMm));
  const least = attempt(() => smallestBore(section, CLEAR_GAP_MM));
  if (!at) return null;
  const radius = (diameterMm / 2) * PX_A_MM;
  const shown = Math.min(radius, 150);
  const scale = (shown / radius) * PX_A_MM;
  const middle = shown + MARGIN_PX;
  const outline = boreOutline(
    { ...section, widthMm: Math.min(bit.plan.blank.widthMm, diameterMm) },
    diameterMm,
  );
  const path = outline
    .map(
      ({ x, y }, i) =>
        `${i === 0 ? 'M' : 'L'}${(middle + x * scale).toFixed(1)} ${(middle - y * scale).toFixed(1)}`,
    )
    .join('');
  return (
    <Sheet>
      <View style={styles.pad} testID="bore-clearance">
        <Words role="heading">In the bore</Words>
        <View role="img" aria-label="The bit in its bore, seen along the axis">
          <Svg width={2 * middle} height={2 * middle}>
            <Circle cx={middle} cy={middle} r={shown} fill={c.sheet} stroke={c.ink} strokeWidth={1.6} />
            <Line x1={middle - 8} y1={middle} x2={middle + 8} y2={middle} stroke={c.quiet} />
            <Line x1={middle} y1={middle - 8} x2={middle} y2={middle + 8} stroke={c.quiet} />
            <Path d={`${path}Z`} fill={c.wash} stroke={at.touches ? c.danger : c.accent} strokeWidth={1.6} />
          </Svg>
        </View>
        {at.touches ? (
          <Caution level="danger">{`The ${at.at} stands ${size(-at.gapMm)} into the wall: it rubs.`}</Caution>
        ) : (
          <Words>{`The ${at.at} clears the wall by ${size(at.gapMm)}.`}</Words>
        )}
        {least !== null && (
          <Words>{`Smallest bore with a gap of ${size(CLEAR_GAP_MM)}: ${size(least)}.`}</Words>
        )}
        <Words role="note">
          {scale < PX_A_MM ? 'Drawn smaller than it is.' : 'About true size on most screens.'}
        </Words>
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({ pad: { padding: SPACE.edge, gap: SPACE.near } });
