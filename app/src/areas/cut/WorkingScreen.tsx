import { type Result, sayDepth, sayFeed, saySpeed } from '@pike-stone/words';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Choice } from '../../kit/Choice';
import { NoCut } from './NoCut';
import { Screen, Sheet } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { Warnings, SpeedLadder, useWarnings } from './Results';
import { useCut, type Cut } from './useCut';
import { Working } from './Working';

const RESULTS: readonly Result[] = ['speed', 'feed', 'depth'];

/** The working on a page of its own, for a phone. */
export function WorkingScreen() {
  const { cut, loading, error, refused } = useCut();
  const { of } = useLocalSearchParams<{ of?: string }>();
  return cut ? (
    <WorkingPage cut={cut} of={RESULTS.find((result) => result === of) ?? 'speed'} />
  ) : (
    <NoCut loading={loading} error={error} refused={refused} />
  );
}

function WorkingPage({ cut, of }: { cut: Cut; of: Result }) {
  const router = useRouter();
  const units = useUnits();
  const said = {
    speed: saySpeed(cut.plan, cut.setup),
    feed: sayFeed(cut.plan, cut.setup, units),
    depth: sayDepth(cut.plan, cut.setup, units),
  }[of];
  const list = useWarnings(cut)
    .filter((warning) => warning.level !== 'note')
    .slice(0, 2);
  return (
    <Screen
      title={`${said.shown.figure} ${said.shown.unit}`}
      about={said.setting}
      onBack={() => backOr(router, '/cut')}
    >
      <View style={styles.choice}>
        <Choice
          says="Working of"
          value={of}
          onChange={(next) => router.setParams({ of: next })}
          options={[
            { value: 'speed', label: 'Speed' },
            { value: 'feed', label: 'Feed' },
            { value: 'depth', label: 'Depth' },
          ]}
        />
      </View>
      <Sheet>
        {of === 'speed' && <SpeedLadder cut={cut} />}
        <Working cut={cut} of={of} />
        <Warnings list={list} />
      </Sheet>
    </Screen>
  );
}

const styles = sheet({ choice: { paddingHorizontal: SPACE.edge } });
