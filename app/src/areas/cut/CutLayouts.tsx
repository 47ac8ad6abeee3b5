import { DEFER, type Result } from '@pike-stone/words';
import { memo, useDeferredValue, useLayoutEffect, useRef } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { NOT_PRINTED, SCROLLS } from '../../kit/marks';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { PAGE_WIDTH, themed, useLow } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { laterPart, quietPart } from '../later-part';
import { CutLinks } from './CutLinks';
import { DepthResult, Results, SpeedLadder, useWarnings, Warnings } from './Results';
import { Sentence, type Chooser } from './Sentence';
import { CutSketch } from './sketch/CutSketch';
import type { DimensionKey } from './sketch/cut-mark';
import type { Cut } from './useCut';

/** Usual height of how sure a start is, with its reasons, px. */
const HOW_SURE_PX = 100;
const HowSure = quietPart('HowSure', HOW_SURE_PX);
const ProvenHere = quietPart('ProvenHere');
const Working = laterPart('Working');
const ToolWear = quietPart('ToolWear');

export interface CutParts {
  readonly cut: Cut;
  readonly opened: Result | undefined;
  readonly open: (result: Result) => void;
  readonly touch: (key: DimensionKey) => void;
  readonly onChoose: (what: Chooser) => void;
  readonly onTaken: () => void;
}

// Of a changed cut only the figures are drawn at once. The larger parts are drawn after them, each only when
// what it shows has changed.
const SteadySentence = memo(Sentence);
const SteadySketch = memo(CutSketch);
const SteadyLadder = memo(SpeedLadder);
const SteadyDepth = memo(DepthResult);
const SteadyHowSure = memo(HowSure);
const SteadyLinks = memo(CutLinks);
const SteadyProven = memo(ProvenHere);
const SteadyWear = memo(ToolWear);
const SteadyWorking = memo(Working);

/** The cut for the larger parts, which are drawn after the figures, and the cut as it is by now. */
function useDrawnLater(cut: Cut) {
  const latest = useRef(cut);
  useLayoutEffect(() => {
    latest.current = cut;
  });
  return { drawn: useDeferredValue(cut), latest };
}

/** Least height of the sketch, px. */
const LEAST_SKETCH_PX = 190;

/** The set-up in its sentence and its sketch, both to be touched. */
function SetUpDrawn({
  cut,
  tallest,
  touch,
  onChoose,
}: Pick<CutParts, 'cut' | 'touch' | 'onChoose'> & { readonly tallest: number }) {
  const units = useUnits();
  return (
    <>
      <SteadySentence cut={cut} onChoose={onChoose} />
      <SteadySketch
        setup={cut.setup}
        plan={cut.plan}
        units={units}
        height={Math.max(LEAST_SKETCH_PX, tallest)}
        onTouch={touch}
      />
    </>
  );
}

/** The cut on a phone: one column, its actions by the thumb. */
export function PhoneCut({ cut, open, touch, onChoose, onTaken }: CutParts) {
  const styles = useStyles();
  const { height } = useWindowDimensions();
  const { drawn, latest } = useDrawnLater(cut);
  const list = useWarnings(drawn);
  return (
    <>
      <ScrollView style={styles.fill} {...SCROLLS}>
        <SetUpDrawn cut={drawn} tallest={Math.min(264, height - 640)} touch={touch} onChoose={onChoose} />
        <View style={styles.sheet}>
          <Results cut={cut} onOpen={open} />
          <SteadyProven cut={drawn} />
          <SteadyLadder cut={drawn} latest={latest} />
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

/** The cut in two panes: its sketch, and its answer with the working. */
export function WideCut({ cut, opened = 'speed', open, touch, onChoose, onTaken }: CutParts) {
  const styles = useStyles();
  const { height } = useWindowDimensions();
  const { drawn, latest } = useDrawnLater(cut);
  const list = useWarnings(drawn);
  const low = useLow();
  const working = <SteadyWorking cut={drawn} latest={latest} of={opened} />;
  const answers = (
    <>
      <Results cut={cut} opened={opened} onOpen={open} />
      <SteadyProven cut={drawn} />
      <View style={styles.ruled}>
        <SteadyDepth cut={drawn} opened={opened} onOpen={open} />
      </View>
      <SteadyHowSure cut={drawn} />
    </>
  );
  return (
    <View style={styles.panes}>
      <ScrollView style={styles.left} {...SCROLLS}>
        <SetUpDrawn cut={drawn} tallest={Math.min(400, height - 420)} touch={touch} onChoose={onChoose} />
        <View style={styles.sheet}>
          <SteadyLadder cut={drawn} latest={latest} />
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
    fill: { flex: 1 },
    sheet: { backgroundColor: c.sheet, borderBottomWidth: 1, borderBottomColor: c.line },
    ruled: { borderTopWidth: 1, borderTopColor: c.line, flexDirection: 'column' },
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
