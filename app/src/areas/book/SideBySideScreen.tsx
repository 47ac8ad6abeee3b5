import type { CutBody } from '@pike-stone/contract';
import { OPERATIONS, surfaceSpeed } from '@pike-stone/core';
import { isSign } from '@pike-stone/core/learn';
import {
  FLUID_WORDS,
  formatRa,
  formatSurfaceSpeed,
  joined,
  OPERATION_WORDS,
  type UnitSystem,
} from '@pike-stone/words';
import { saySet, SIGN_SHORT } from '@pike-stone/words/learn';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { useRecord } from '../../data/record';
import { backOr } from '../../kit/back';
import { dayOf } from '../../kit/day';
import { Empty, Loading } from '../../kit/Empty';
import { SIDEWAYS } from '../../kit/marks';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet, textWide } from '../../theme/sheet';
import { themed, useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { OUTCOME_MARK } from './outcomes';
import { sizeWords } from './size-words';

const MOST = 4;
/** Width of a column, px: two of them and the labels fit a phone. */
const COLUMN_PX = { phone: 122, wide: 220 } as const;

type Line = readonly [label: string, of: (body: CutBody) => string];

/** The speed of the spindle with that at the edge; of a ram, its strokes alone. */
const sayBothSpeeds = (body: CutBody, units: UnitSystem): string => {
  const said = saySet('speed', body.set.rpm, body, units);
  if (OPERATIONS[body.operation].turns === 'stroke') return said;
  return `${said}, ${joined(formatSurfaceSpeed(surfaceSpeed(body.set.rpm, body.diameterMm), units))}`;
};

/** What is set side by side of each cut. */
const lines = (units: UnitSystem): readonly Line[] => [
  ['Machine', ({ names }) => names.machine],
  ['Stock', ({ names }) => names.stock],
  ['Tool', ({ names }) => names.tool],
  ['Operation', ({ operation }) => OPERATION_WORDS[operation].verb],
  ['Size', (body) => sizeWords(body, units)],
  ['Fluid', ({ fluid }) => FLUID_WORDS[fluid]],
  ['Speed', (body) => sayBothSpeeds(body, units)],
  ['Feed', (body) => saySet('feed', body.set.feedMmRev, body, units)],
  ['Depth', (body) => saySet('depth', body.set.depthMm, body, units)],
  [
    'Seen',
    ({ signs }) =>
      (signs ?? [])
        .filter(isSign)
        .map((key) => SIGN_SHORT[key].toLowerCase())
        .join(', '),
  ],
  ['Roughness', ({ measured }) => (measured?.raUm ? `Ra ${formatRa(measured.raUm, units)}` : '')],
  ['Net power', ({ measured }) => (measured?.netPowerW ? `${Math.round(measured.netPowerW)} W` : '')],
  ['How it went', ({ outcome }) => OUTCOME_MARK[outcome]],
  ['Remark', ({ remark }) => remark],
];

/** Two to four cuts of the book side by side; what differs stands out. */
export function SideBySideScreen() {
  const router = useRouter();
  const { ids = '' } = useLocalSearchParams<{ ids?: string }>();
  const named = ids.split(',').filter(Boolean).slice(0, MOST);
  return (
    <Screen title="Side by side" onBack={() => backOr(router, '/book')}>
      {named.length < 2 ? (
        <Empty title="Nothing to compare">Choose two to four cuts in the book first.</Empty>
      ) : (
        <Table ids={named} />
      )}
    </Screen>
  );
}

/** Reads each cut by itself: they may lie far apart in the book. */
function Table({ ids }: { ids: readonly string[] }) {
  const styles = useStyles();
  const units = useUnits();
  const column = { width: textWide(useWide() ? COLUMN_PX.wide : COLUMN_PX.phone) };
  // There are always as many hooks: those that are not needed read the first again.
  const [a, b, c, d] = [0, 1, 2, 3].map((i) => ids[i] ?? ids[0]!);
  const read = [
    useRecord('cuts', a!),
    useRecord('cuts', b!),
    useRecord('cuts', c!),
    useRecord('cuts', d!),
  ].slice(0, ids.length);
  const found = read.flatMap(({ record }) => (record ? [record] : []));
  if (read.some(({ loading }) => loading)) return <Loading error={undefined} />;
  if (found.length < 2)
    return (
      <Empty title="Not in this book">
        {read.find(({ error }) => error)?.error?.message
          ?? 'Fewer than two of these cuts are in this shop’s book.'}
      </Empty>
    );
  return (
    <Sheet>
      <ScrollView horizontal {...SIDEWAYS} tabIndex={0}>
        <View role="table" aria-label="Cuts side by side">
          <View role="row" style={styles.row}>
            <View role="columnheader" style={styles.label}>
              <Words role="label">Taken</Words>
            </View>
            {found.map(({ id, body }) => (
              <View key={id} role="columnheader" style={column}>
                <Words role="strong">{dayOf(body.takenAt)}</Words>
              </View>
            ))}
          </View>
          {lines(units).map(([label, of]) => {
            const said = found.map(({ body }) => of(body));
            const differs = new Set(said).size > 1;
            if (said.every((one) => one === '')) return null;
            return (
              <View key={label} role="row" style={[styles.row, differs && styles.differs]}>
                <View role="rowheader" style={styles.label}>
                  <Words role="label">{label}</Words>
                </View>
                {found.map(({ id }, i) => (
                  <View key={id} role="cell" style={column}>
                    <Words role={differs ? 'strong' : 'body'}>{said[i] === '' ? '–' : said[i]}</Words>
                  </View>
                ))}
              </View>
            );
          })}
        </View>
      </ScrollView>
    </Sheet>
  );
}

const useStyles = themed((c) =>
  sheet({
    row: {
      flexDirection: 'row',
      gap: SPACE.near,
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    differs: { backgroundColor: c.wash },
    label: { width: textWide(78) },
  }),
);
