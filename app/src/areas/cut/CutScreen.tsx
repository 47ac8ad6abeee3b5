import { OPERATIONS } from '@pike-stone/core';
import { aloud, DEFER, sayFeed, saySpeed, type Result } from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { memo, useCallback, useDeferredValue, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Announced } from '../../kit/Announced';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { useKeys } from '../../kit/keys';
import { usePageTitle } from '../../kit/page-title';
import { NOT_PRINTED } from '../../kit/printed';
import { ShareButton } from '../../kit/ShareButton';
import { SCROLLS } from '../../kit/scrolls';
import { useUndo } from '../../kit/Undo';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { PAGE_WIDTH, themed, useLow, useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { laterPart, quietPart } from '../later-part';
import { useDraft } from './draft';
import { DepthResult, Results, SpeedLadder, useWarnings, Warnings } from './Results';
import { Sentence, type Chooser } from './Sentence';
import { CutSketch } from './sketch/CutSketch';
import type { DimensionKey } from './sketch/cut-mark';
import { useCut, type Cut } from './useCut';

// Loaded after the first load: what a touch opens, and what the drawer knows of the tool.
/** Usual height of how sure a start is, with its reasons. */
const HOW_SURE_PX = 100;
const Choosers = laterPart('Choosers');
const EditDimension = laterPart('EditDimension');
const HowSure = quietPart('HowSure', HOW_SURE_PX);
const RefusedBench = laterPart('RefusedBench');
const Working = laterPart('Working');
const ToolWear = quietPart('ToolWear');

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
      {dimension && (
        <EditDimension
          dimension={dimension}
          cut={withUndo(cut, dimension)}
          onClose={() => setDimension(null)}
        />
      )}
      <SayFigures cut={cut} />
    </View>
  );
}

/** Names of the figures on the sketch, as their change is told. */
const FIGURE_NAMES: Readonly<Record<Exclude<DimensionKey, 'feed'>, string>> = {
  diameter: 'The diameter',
  depth: 'The depth',
  width: 'The width',
  length: 'The length',
  stickOut: 'What stands out',
  angle: 'The angle',
  pitch: 'The pitch',
};

/** The cut as its figures are changed on the sketch: each change can be undone. */
function withUndo(cut: Cut, dimension: Exclude<DimensionKey, 'feed'>): Cut {
  return {
    ...cut,
    change: (change) => {
      cut.change(change);
      useUndo
        .getState()
        .say(`${FIGURE_NAMES[dimension]} is changed`, () => useDraft.getState().set(cut.choice));
    },
  };
}

/** Says speed and feed aloud when they have changed. */
function SayFigures({ cut: { plan, setup } }: { cut: Cut }) {
  const units = useUnits();
  const [speed, feed] = [saySpeed(plan, setup), sayFeed(plan, setup, units)];
  return <Announced>{`${aloud(speed.shown)}, ${aloud(feed.shown)}`}</Announced>;
}

interface Parts {
  readonly cut: Cut;
  readonly opened: Result | undefined;
  readonly open: (result: Result) => void;
  readonly touch: (key: DimensionKey) => void;
  readonly onChoose: (what: Chooser) => void;
  readonly onTaken: () => void;
}

// Only the figures are drawn at once with a changed cut. What is larger follows with the cut of the frame
// after, and is drawn again only when that is another.
const SteadySentence = memo(Sentence);
const SteadySketch = memo(CutSketch);
const SteadyLadder = memo(SpeedLadder);
const SteadyDepth = memo(DepthResult);
const SteadyHowSure = memo(HowSure);
const SteadyLinks = memo(CutLinks);
const SteadyWear = memo(ToolWear);
const SteadyWorking = memo(Working);

function PhoneCut({ cut, open, touch, onChoose, onTaken }: Parts) {
  const styles = useStyles();
  const units = useUnits();
  const { height } = useWindowDimensions();
  const drawn = useDeferredValue(cut);
  const list = useWarnings(drawn);
  return (
    <>
      <ScrollView style={styles.fill} {...SCROLLS}>
        <SteadySentence cut={drawn} onChoose={onChoose} />
        <SteadySketch
          setup={drawn.setup}
          plan={drawn.plan}
          units={units}
          height={Math.max(190, Math.min(264, height - 640))}
          onTouch={touch}
        />
        <View style={styles.sheet}>
          <Results cut={cut} onOpen={open} />
          <SteadyLadder cut={drawn} />
          <Warnings list={list.slice(0, 1)} />
          <View style={styles.ruled}>
            <SteadyDepth cut={drawn} onOpen={open} />
          </View>
          <SteadyHowSure cut={drawn} />
          <Warnings list={list.slice(1)} />
          <SteadyLinks cut={drawn} />
          <SteadyWear toolId={drawn.choice.toolId} />
          <Words role="note" style={styles.defer}>
            {DEFER}
          </Words>
        </View>
      </ScrollView>
      <View style={styles.actions} {...NOT_PRINTED}>
        <Button label="Working" onPress={() => open('speed')} />
        <Button kind="main" label="Cut taken" onPress={onTaken} style={styles.fill} />
      </View>
    </>
  );
}

/** Links to the pages that follow from a cut. */
function CutLinks({ cut }: { cut: Cut }) {
  const styles = useStyles();
  const router = useRouter();
  const { leadsTo } = OPERATIONS[cut.setup.operation];
  const byHand = cut.plan.feed.setting.how === 'hand';
  return (
    <View style={styles.links} {...NOT_PRINTED}>
      <Button label="What will happen" onPress={() => router.push('/cut/forecast')} style={styles.grow} />
      <Button label="Which tool?" onPress={() => router.push('/cut/choose')} style={styles.grow} />
      {leadsTo.includes('to-size') && (
        <Button label="To size" onPress={() => router.push('/cut/to-size')} style={styles.grow} />
      )}
      {leadsTo.includes('thread-passes') && (
        <Button label="Thread passes" onPress={() => router.push('/cut/thread')} style={styles.grow} />
      )}
      {leadsTo.includes('flat-face') && (
        <Button label="A flat face" onPress={() => router.push('/cut/area')} style={styles.grow} />
      )}
      <ShareButton title="Cut" style={styles.grow} />
      {byHand && <Button label="Pacer" onPress={() => router.push('/cut/pacer')} style={styles.grow} />}
    </View>
  );
}

function WideCut({ cut, opened = 'speed', open, touch, onChoose, onTaken }: Parts) {
  const styles = useStyles();
  const units = useUnits();
  const { height } = useWindowDimensions();
  const drawn = useDeferredValue(cut);
  const list = useWarnings(drawn);
  const low = useLow();
  const working = <SteadyWorking cut={drawn} of={opened} />;
  const answers = (
    <>
      <Results cut={cut} opened={opened} onOpen={open} />
      <View style={styles.ruled}>
        <SteadyDepth cut={drawn} opened={opened} onOpen={open} />
      </View>
      <SteadyHowSure cut={drawn} />
    </>
  );
  return (
    <View style={styles.panes}>
      <ScrollView style={styles.left} {...SCROLLS}>
        <SteadySentence cut={drawn} onChoose={onChoose} />
        <SteadySketch
          setup={drawn.setup}
          plan={drawn.plan}
          units={units}
          height={Math.max(190, Math.min(400, height - 420))}
          onTouch={touch}
        />
        <View style={styles.sheet}>
          <SteadyLadder cut={drawn} />
        </View>
        <View style={styles.notes}>
          <SteadyLinks cut={drawn} />
          <SteadyWear toolId={drawn.choice.toolId} />
          <Warnings list={list} />
          <Words role="note" style={styles.defer}>
            {DEFER}
          </Words>
        </View>
      </ScrollView>
      <View style={styles.right}>
        {low ? (
          <ScrollView style={styles.fill} tabIndex={0}>
            {answers}
            {working}
          </ScrollView>
        ) : (
          <>
            {answers}
            <ScrollView style={[styles.fill, styles.ruled]} tabIndex={0}>
              {working}
            </ScrollView>
          </>
        )}
        <View style={styles.actions} {...NOT_PRINTED}>
          <Button kind="main" label="Cut taken" onPress={onTaken} style={styles.fill} />
        </View>
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    page: { flex: 1, minHeight: 0, backgroundColor: c.ground },
    fill: { flex: 1 },
    grow: { flexGrow: 1 },
    sheet: { backgroundColor: c.sheet, borderBottomWidth: 1, borderBottomColor: c.line },
    ruled: { borderTopWidth: 1, borderTopColor: c.line, flexDirection: 'column' },
    links: {
      flexDirection: 'row',
      flexWrap: 'wrap',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
    },
    defer: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near },
    actions: {
      flexDirection: 'row',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingVertical: 10,
      backgroundColor: c.ground,
      borderTopWidth: 1,
      borderTopColor: c.line,
    },
    panes: { flex: 1, flexDirection: 'row', maxWidth: PAGE_WIDTH, minHeight: 0 },
    left: { flex: 1.22, borderRightWidth: 1, borderRightColor: c.line },
    right: { flex: 1, backgroundColor: c.sheet, borderRightWidth: 1, borderRightColor: c.line, minHeight: 0 },
    notes: { paddingTop: SPACE.close },
  }),
);
