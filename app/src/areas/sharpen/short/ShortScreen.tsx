import { SHORT_JOBS, type ShortJob } from '@pike-stone/core/wheel';
import { SHORT_JOB_WORDS } from '@pike-stone/words/wheel';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { backOr } from '../../../kit/back';
import { Caution } from '../../../kit/Caution';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { NotHere } from '../../NotHere';
import { DrillPoint } from './DrillPoint';
import { LogShort } from './LogShort';

const isJob = (name: string): name is ShortJob => (SHORT_JOBS as readonly string[]).includes(name);

/** A tool that is sharpened in a few steps: its angles, its steps, its caution, its log. */
export function ShortScreen() {
  const router = useRouter();
  const { job } = useLocalSearchParams<{ job: string }>();
  if (!isJob(job)) return <NotHere />;
  const { name, about, steps, caution } = SHORT_JOB_WORDS[job];
  return (
    <Screen
      title={name}
      about={about}
      onBack={() => backOr(router, '/grind/sharpen')}
      side={<LogShort job={job} />}
    >
      {job === 'drill' && <DrillPoint />}
      {job === 'fly-tip' && (
        <Sheet>
          <Row
            title="Plan it as a bit"
            about="drawn, cut as a solid, rest and turn for each face"
            onPress={() => router.push('/grind')}
          />
        </Sheet>
      )}
      <Sheet>
        <View style={styles.box}>
          {steps.map((step, i) => (
            <Words key={step}>{`${i + 1}. ${step}`}</Words>
          ))}
        </View>
      </Sheet>
      <Caution level="caution">{caution}</Caution>
      <Caution level="note">
        Eyes and breath covered, rest close, no gloves. The machine’s manual, local rules and a competent
        person come first.
      </Caution>
    </Screen>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
