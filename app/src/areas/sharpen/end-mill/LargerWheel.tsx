import { landHollow, withOtherWheel, type EndMillPlan } from '@pike-stone/core/wheel';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Bar } from '../../../kit/Bar';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { EndMill } from './use-end-mill';

const LARGER = [1.5, 2.5] as const;

/** What a larger wheel would change: more of the relief is left at the heel. */
export function LargerWheel({ mill: { job }, plan }: { mill: EndMill; plan: EndMillPlan }) {
  const units = useUnits();
  const now = job.wheel.diameterMm;
  const rows = [now, ...LARGER.map((by) => Math.round((by * now) / 10) * 10)].flatMap((diameterMm) => {
    const other = withOtherWheel(job, diameterMm);
    return other ? [other] : [];
  });
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">What a larger wheel changes</Words>
        {rows.map((row) => (
          <View key={row.diameterMm} style={styles.row}>
            <Words role={row.diameterMm === now ? 'strong' : 'body'} style={styles.size}>
              {joined(formatLength(row.diameterMm, units))}
            </Words>
            <Bar share={Math.max(0, row.heelDeg) / job.wish.reliefDeg} />
            <Words style={styles.deg}>{`heel ${formatAngle(row.heelDeg, 1)}`}</Words>
          </View>
        ))}
        <Words role="note">
          {`The relief at the edge stays; the hollow of ${(1000 * landHollow(plan, job.wish.landMm)).toFixed(1)} µm gets shallower, and the grinder is raised more.`}
        </Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  box: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near },
  size: { width: 76 },
  deg: { width: 92 },
});
