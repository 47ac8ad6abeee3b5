import { aloud, sayFeed, saySpeed, type Result } from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Announced } from '../../kit/Announced';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { useKeys } from '../../kit/keys';
import { usePageTitle } from '../../kit/page-title';
import { sheet } from '../../theme/sheet';
import { themed, useWide } from '../../theme/theme';
import { laterPart } from '../later-part';
import { PhoneCut, WideCut } from './CutLayouts';
import type { Chooser } from './Sentence';
import type { DimensionKey } from './sketch/cut-mark';
import { useCut, type Cut } from './useCut';

// What a touch opens is not part of the first load.
const Choosers = laterPart('Choosers');
const EditDimension = laterPart('EditDimension');
const RefusedBench = laterPart('RefusedBench');

/** The page of the cut: its sketch, and what to set on this machine. */
export function CutScreen() {
  const { cut, refused, drawer, metals, loading, error } = useCut();
  usePageTitle('Cut');
  const router = useRouter();
  const [chooser, setChooser] = useState<Chooser | null>(null);
  const [dimension, setDimension] = useState<Exclude<DimensionKey, 'feed'> | null>(null);
  if (refused)
    return (
      <View style={styles.whole}>
        <RefusedBench cut={refused} onChoose={setChooser} onEdit={setDimension} />
        {chooser && (
          <Choosers
            what={chooser}
            cut={refused}
            drawer={drawer}
            metals={metals}
            onClose={() => setChooser(null)}
          />
        )}
        {dimension && (
          <EditDimension
            dimension={dimension}
            cut={{ ...refused, plan: null }}
            onClose={() => setDimension(null)}
          />
        )}
      </View>
    );
  if (!cut && (loading || error)) return <Loading error={error} />;
  if (!cut) {
    return (
      <Empty
        title="The drawer is not ready for a cut"
        action={<Button label="Go to the drawer" onPress={() => router.push('/drawer')} />}
      >
        Add a machine with its speeds, a piece of stock and a tool; then this page works out what to set.
      </Empty>
    );
  }
  return <CutBench cut={cut} drawer={drawer} metals={metals} />;
}

const styles = sheet({ whole: { flex: 1, minHeight: 0 } });

function CutBench({
  cut,
  drawer,
  metals,
}: { cut: Cut } & Pick<ReturnType<typeof useCut>, 'drawer' | 'metals'>) {
  const styles = useStyles();
  const router = useRouter();
  const wide = useWide();
  const [chooser, setChooser] = useState<Chooser | null>(null);
  const [dimension, setDimension] = useState<Exclude<DimensionKey, 'feed'> | null>(null);
  const [opened, setOpened] = useState<Result>('speed');
  const open = useCallback(
    (result: Result) => (wide ? setOpened(result) : router.push(`/cut/working?of=${result}`)),
    [wide, router],
  );
  const touch = useCallback(
    (key: DimensionKey) => (key === 'feed' ? open('feed') : setDimension(key)),
    [open],
  );
  const step = (by: number) => {
    const rungs = cut.setup.machine.speeds.map((one) => one.rpm);
    const next = rungs[rungs.indexOf(cut.plan.speed.rungRpm) + by];
    if (next !== undefined) cut.change({ rpmByHand: next });
  };
  useKeys({
    e: () => setDimension('diameter'),
    w: () => open('speed'),
    '[': () => step(-1),
    ']': () => step(1),
  });
  const parts = {
    cut,
    open,
    touch,
    opened: wide ? opened : undefined,
    onChoose: setChooser,
    onTaken: () => router.push('/cut/log'),
  };
  return (
    <View style={styles.page}>
      {wide ? <WideCut {...parts} /> : <PhoneCut {...parts} />}
      {chooser && (
        <Choosers what={chooser} cut={cut} drawer={drawer} metals={metals} onClose={() => setChooser(null)} />
      )}
      {dimension && <EditDimension dimension={dimension} cut={cut} onClose={() => setDimension(null)} />}
      <SayFigures cut={cut} />
    </View>
  );
}

/** Says speed and feed aloud when they have changed. */
function SayFigures({ cut: { plan, setup } }: { cut: Cut }) {
  const units = useUnits();
  const [speed, feed] = [saySpeed(plan, setup), sayFeed(plan, setup, units)];
  return <Announced>{`${aloud(speed.shown)}, ${aloud(feed.shown)}`}</Announced>;
}

const useStyles = themed((c) => sheet({ page: { flex: 1, minHeight: 0, backgroundColor: c.ground } }));
