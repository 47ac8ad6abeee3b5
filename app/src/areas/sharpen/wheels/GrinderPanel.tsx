import { wheelSpeed } from '@pike-stone/core/wheel';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useWheelChange } from './change-wheel';
import type { ShownWheel, StoreOf } from './use-wheels';

/** The grinder that a wheel runs on, each with whether the wheel may run there. */
export function GrinderPanel({
  wheel,
  grinders,
  onClose,
}: {
  wheel: ShownWheel;
  grinders: readonly StoreOf<'grinder'>[];
  onClose: () => void;
}) {
  const router = useRouter();
  const { change } = useWheelChange(wheel);
  const { record, use } = wheel;
  const rating = { mPerS: use.ratedMPerS, rpm: record.body.ratedRpm ?? null };
  const rated = rating.mPerS !== null || rating.rpm !== null;
  const about = (rpm: number): string => {
    if (!rated) return `${rpm} rpm; the wheel is not rated`;
    const { ok, maxRpm } = wheelSpeed(use.markedMm, rpm, rating);
    return ok ? `${rpm} rpm` : `${rpm} rpm: too fast, ${Math.floor(maxRpm)} at the most`;
  };
  const put = (grinderId: string | undefined) => {
    change({ grinderId });
    onClose();
  };
  return (
    <Panel
      title="Grinder"
      onClose={onClose}
      footer={
        <Button
          label="Add a grinder"
          onPress={() => router.push('/drawer/supplies/new?type=grinder')}
          style={styles.grow}
        />
      }
    >
      {grinders.map(({ id, body }) => (
        <Row
          key={id}
          title={body.name}
          about={about(body.rpm)}
          chosen={id === record.body.grinderId}
          onPress={() => put(id)}
        />
      ))}
      <Row title="On no grinder" chosen={use.grinder === null} onPress={() => put(undefined)} />
      {grinders.length === 0 && (
        <View style={styles.body}>
          <Words role="note">No grinder in the drawer yet.</Words>
        </View>
      )}
    </Panel>
  );
}

const styles = sheet({ grow: { flex: 1 }, body: { padding: SPACE.edge } });
