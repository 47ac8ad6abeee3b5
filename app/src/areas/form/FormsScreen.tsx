import { saySource } from '@pike-stone/words/form';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useUnits } from '../../data/preferences';
import { useRecords } from '../../data/records';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { NewForm } from './NewForm';
import { SmallForm } from './sketch/SmallForm';

/** Form cutters: drawn, corrected for their tool, made. */
export function FormsScreen() {
  const router = useRouter();
  const units = useUnits();
  const { records, loading, error } = useRecords('forms');
  const [adding, setAdding] = useState(false);
  const forms = records
    .filter(({ archived }) => !archived)
    .sort((a, b) => a.body.name.localeCompare(b.body.name, 'en', { numeric: true }));
  return (
    <Screen
      title="Form cutters"
      onBack={() => backOr(router, '/grind')}
      footer={<Button kind="main" label="Start a form" onPress={() => setAdding(true)} style={styles.grow} />}
    >
      {loading || (error && records.length === 0) ? (
        <Loading error={error} />
      ) : forms.length === 0 ? (
        <Empty title="No form cutters yet">
          Start one from a gear, a clock train, a thread, a radius, lines and arcs, or measured points: its
          tool is corrected for rake and clearance, and tried on a blank.
        </Empty>
      ) : (
        <Sheet>
          {forms.map(({ id, body, waiting }) => (
            <Row
              key={id}
              title={body.name}
              about={saySource(body.source, units)}
              waiting={waiting}
              aside={<SmallForm source={body.source} />}
              onPress={() => router.push(`/grind/forms/${id}`)}
            />
          ))}
        </Sheet>
      )}
      <Sheet>
        <Row
          title="Set angles and circles"
          about="sine bar and stacks, dividing head"
          onPress={() => router.push('/grind/angles')}
        />
      </Sheet>
      {adding && <NewForm onClose={() => setAdding(false)} />}
    </Screen>
  );
}

const styles = sheet({ grow: { flex: 1 } });
