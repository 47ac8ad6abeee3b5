import { rotates } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { SHORT_JOBS } from '@pike-stone/core/wheel';
import { SHORT_JOB_WORDS } from '@pike-stone/words/wheel';
import { useRouter } from 'expo-router';
import { useUnits } from '../../data/preferences';
import { useRecords, type Shown } from '../../data/records';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { edgeName } from './ground-material';

function aboutMill({ body }: Shown<'tools'>, units: UnitSystem): string {
  const size = rotates(body) ? `${joined(formatLength(body.diameterMm, units))}, ` : '';
  const teeth = 'teeth' in body ? `${body.teeth} flutes, ` : '';
  return `${size}${teeth}${edgeName(body.material)}${body.note ? `; ${body.note}` : ''}`;
}

/** What can be sharpened: end mills first, the dull ones at the top, and what takes a few steps. */
export function SharpenScreen() {
  const router = useRouter();
  const units = useUnits();
  const { records, loading, error } = useRecords('tools');
  const mills = records
    .filter(({ archived, body }) => !archived && body.kind === 'end-mill')
    .sort((a, b) => a.body.name.localeCompare(b.body.name, 'en', { numeric: true }));
  const dull = mills.filter(({ body }) => body.dull);
  const open = (id: string) => router.push(`/grind/sharpen/${id}`);
  const list = (title: string, some: readonly Shown<'tools'>[]) =>
    some.length > 0 && (
      <>
        <Words role="heading" style={styles.heading}>
          {title}
        </Words>
        <Sheet>
          {some.map((mill) => (
            <Row
              key={mill.id}
              title={mill.body.name}
              about={aboutMill(mill, units)}
              waiting={mill.waiting}
              onPress={() => open(mill.id)}
            />
          ))}
        </Sheet>
      </>
    );
  return (
    <Screen
      title="Sharpen a tool"
      onBack={() => backOr(router, '/grind')}
      side={
        <>
          <Words role="heading" style={styles.heading}>
            In a few steps
          </Words>
          <Sheet>
            {SHORT_JOBS.map((job) => (
              <Row
                key={job}
                title={SHORT_JOB_WORDS[job].name}
                about={SHORT_JOB_WORDS[job].about}
                onPress={() => router.push(`/grind/short/${job}`)}
              />
            ))}
          </Sheet>
          {list(
            'Sharp end mills',
            mills.filter(({ body }) => !body.dull),
          )}
        </>
      }
      footer={
        <Button
          kind="main"
          label="An end mill not in the drawer"
          onPress={() => open('any')}
          style={styles.grow}
        />
      }
    >
      {loading || (error && records.length === 0) ? (
        <Loading error={error} />
      ) : (
        list('Dull end mills', dull) || (
          <Empty title="No dull end mill">Say in the drawer that one is dull, or take a sharp one.</Empty>
        )
      )}
    </Screen>
  );
}

const styles = sheet({ grow: { flex: 1 }, heading: { paddingHorizontal: SPACE.edge } });
