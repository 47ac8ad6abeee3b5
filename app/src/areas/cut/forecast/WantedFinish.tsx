import { formatFeedPerTurn, formatLength, joined, type UnitSystem, formatRa } from '@pike-stone/words';
import { finishWish } from '@pike-stone/core/forecast';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { Cut } from '../useCut';

/** The usual steps of roughness on drawings, um. */
const RA_STEPS = [0.8, 1.6, 3.2, 6.3] as const;

/** Finds the feed and the nose radius that leave a wanted roughness. */
export function WantedFinish({ cut, units }: { cut: Cut; units: UnitSystem }) {
  const [ra, setRa] = useState<number>(3.2);
  const wish = finishWish(cut.setup, cut.plan, ra);
  if (!wish) return null;
  const perTurn = (mm: number) => joined(formatFeedPerTurn(mm, units));
  const { lever } = wish;
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Wanted finish, Ra</Words>
        <Choice
          says="Wanted Ra"
          value={String(ra)}
          onChange={(value) => setRa(Number(value))}
          options={RA_STEPS.map((value) => ({ value: String(value), label: formatRa(value, units) }))}
        />
        {wish.feedMmRev === null ? (
          <Words>{`Not with this edge here: ${formatRa(wish.bestRaUm, units)} is its best at any feed. A sharper edge, another speed with fluid, or a file and cloth after it.`}</Words>
        ) : (
          <Words role="strong">{`Feed ${perTurn(wish.feedMmRev)} at most with this nose${lever ? `: ${lever.setting}, ${perTurn(lever.value)}` : ''}.`}</Words>
        )}
        <Words role="note">
          {wish.noseMm === null
            ? 'At the feed as it is no nose would leave it so smooth.'
            : `Or, at the feed as it is, a nose of ${joined(formatLength(Math.max(0.05, Math.ceil(wish.noseMm * 20) / 20), units))}.`}
        </Words>
        <Words role="note">
          Feed, nose and the least chip of the edge (Brammertz) × built-up edge × machine; really 30 % less to
          half as much again.
        </Words>
        {lever && Math.abs(lever.value - cut.plan.feed.mmRev) > 1e-9 && (
          <View style={styles.row}>
            <Button
              label={`Set ${perTurn(lever.value)}`}
              onPress={() => cut.change({ feedByHand: lever.value })}
            />
          </View>
        )}
      </View>
    </Sheet>
  );
}

const styles = sheet({ group: { padding: SPACE.edge, gap: SPACE.close }, row: { flexDirection: 'row' } });
