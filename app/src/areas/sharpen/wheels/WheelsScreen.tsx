import { useRouter } from 'expo-router';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Empty, Loading } from '../../../kit/Empty';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { aboutWheel } from './say-wheel';
import { SmallWheel } from './SmallWheel';
import { useWheels, type ShownWheel, type StoreOf } from './use-wheels';
import { WheelSigns } from './WheelSigns';

/** Grinders with their wheels, and what is seen at a wheel with what to do about it. */
export function WheelsScreen() {
  const router = useRouter();
  const { wheels, grinders, loading, error } = useWheels();
  const add = (type: 'wheel' | 'grinder') => router.push(`/drawer/supplies/new?type=${type}`);
  const on = (grinder: StoreOf<'grinder'> | null) =>
    wheels.filter(({ record, use }) =>
      grinder ? record.body.grinderId === grinder.id : use.grinder === null,
    );
  return (
    <Screen
      title="Wheels"
      about="Marking, speed, dress book, rest"
      onBack={() => backOr(router, '/grind')}
      side={<WheelSigns />}
      footer={
        <>
          <Button label="Add a grinder" onPress={() => add('grinder')} />
          <Button kind="main" label="Add a wheel" onPress={() => add('wheel')} style={styles.grow} />
        </>
      }
    >
      {loading || (error && wheels.length === 0) ? (
        <Loading error={error} />
      ) : wheels.length === 0 ? (
        <Empty title="No wheels yet">
          Add the wheels of the shop: their marking is read, their speed checked and their dresses kept.
        </Empty>
      ) : (
        <>
          {grinders.map((grinder) => (
            <OnGrinder
              key={grinder.id}
              title={grinder.body.name}
              about={`${grinder.body.rpm} rpm`}
              wheels={on(grinder)}
            />
          ))}
          <OnGrinder title="Not mounted" about="" wheels={on(null)} />
        </>
      )}
    </Screen>
  );
}

function OnGrinder({
  title,
  about,
  wheels,
}: {
  title: string;
  about: string;
  wheels: readonly ShownWheel[];
}) {
  const router = useRouter();
  const units = useUnits();
  if (wheels.length === 0) return null;
  return (
    <>
      <Words role="heading" style={styles.heading}>
        {about ? `${title}, ${about}` : title}
      </Words>
      <Sheet>
        {wheels.map((wheel) => (
          <Row
            key={wheel.record.id}
            title={wheel.record.body.name}
            about={aboutWheel(wheel, units)}
            waiting={wheel.record.waiting}
            aside={<SmallWheel wheel={wheel} />}
            onPress={() => router.push(`/grind/wheels/${wheel.record.id}`)}
          />
        ))}
      </Sheet>
    </>
  );
}

const styles = sheet({ grow: { flex: 1 }, heading: { paddingHorizontal: SPACE.edge } });
