import type { CutPlan, CutSetup } from '@pike-stone/core';
import { settingOf, type Setting, type Trial } from '@pike-stone/core/learn';
import type { UnitSystem } from '@pike-stone/words';
import { saySetting, SIGN_SHORT } from '@pike-stone/words/learn';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { useDrawnScale } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { useCutWork } from '../../../workers/cut-work';
import type { Place } from './chip-regions';
import { ChipRegions } from './ChipRegions';
import { edgesAt } from './map-edges';
import { around, HEIGHT, marksOf, shareOf } from './map-field';
import { MapScales } from './MapScales';
import { SpeedStrip } from './SpeedStrip';
import { TrialPath } from './TrialPath';

/** The trials as a path over feed and depth, the chip to expect behind it, and their speeds below. */
export function TrialMap({
  setup,
  plan,
  trials,
  next,
  units,
}: {
  setup: CutSetup;
  plan: CutPlan;
  trials: readonly Trial[];
  /** Where the next trial will be. */
  next: Setting | null;
  units: UnitSystem;
}) {
  const c = useColours();
  const { width: whole, onLayout } = useWidth();
  const width = Math.max(0, whole - 2 * SPACE.edge);
  const edge = edgesAt(useDrawnScale());
  const bounds = { left: edge.left, right: width - edge.right, top: edge.top, bottom: HEIGHT - edge.bottom };
  const places = useMemo(() => {
    const found = [...trials.map(({ setting }) => setting), ...(next ? [next] : [])];
    return found.length > 0 ? found : [settingOf(plan)];
  }, [trials, next, plan]);
  const feeds = around(places.map(({ feedMmRev }) => feedMmRev));
  const depths = around(places.map(({ depthMm }) => depthMm));
  const { answer: map } = useCutWork({ setup, plan, feeds, depths }, (work, asked) =>
    work.chipMap(
      asked.setup,
      asked.plan,
      [asked.feeds.low, asked.feeds.high],
      [asked.depths.low, asked.depths.high],
    ),
  );
  const x = (feedMmRev: number): number =>
    bounds.left + shareOf(feedMmRev, feeds) * (bounds.right - bounds.left);
  const y = (depthMm: number): number =>
    bounds.bottom - shareOf(depthMm, depths) * (bounds.bottom - bounds.top);
  const at = ({ feedMmRev, depthMm }: Setting): Place => [x(feedMmRev), y(depthMm)];
  const marks = marksOf(trials);
  const taken = [...marks.map(({ setting }) => at(setting)), ...(next ? [at(next)] : [])];
  const told = trials.map(({ setting, signs: [sign] }, i) =>
    [
      `${i + 1}: ${saySetting(setting, setup, units)}`,
      ...(sign ? [SIGN_SHORT[sign].toLowerCase()] : []),
    ].join(', '),
  );
  return (
    <View onLayout={onLayout} style={styles.box}>
      {width > 0 && (
        <View role="img" aria-label={`Trials on feed and depth. ${told.join('; ')}`}>
          <Svg width={width} height={HEIGHT}>
            <Rect
              x={bounds.left}
              y={bounds.top}
              width={bounds.right - bounds.left}
              height={bounds.bottom - bounds.top}
              fill={c.sheet}
            />
            {map && <ChipRegions map={map} bounds={bounds} taken={taken} />}
            <MapScales feeds={feeds} depths={depths} x={x} y={y} width={width} units={units} />
            <TrialPath trials={trials} marks={marks} next={next} at={at} />
          </Svg>
          <SpeedStrip setup={setup} places={trials.map(({ setting }) => setting)} next={next} width={width} />
        </View>
      )}
      <Words role="note">
        {map
          ? 'Shaded behind it, the chip to expect by the model: the clearer, the better it breaks. Filled marks worked.'
          : 'Filled marks worked.'}
      </Words>
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.hair },
});
