import { feedPer } from '@pike-stone/core';
import { formatFeedPerTurn, joined, sayFeed, saySpeed } from '@pike-stone/words';
import { useRouter, type Href } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { useRecords, type Shown } from '../../data/records';
import { useSession } from '../../sync/session';
import { Button, IconButton } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { SettingsIcon } from '../../kit/icons';
import { quietPart } from '../later-part';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { useColours, useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { CutRow } from '../book/CutRow';
import { sizeWords } from '../book/size-words';
import { cutAddress } from '../book/cut-address';
import { useCut, type Cut } from '../cut/useCut';

const RECENT = 4;

const LowStores = quietPart('LowStores');
const BackupNotice = quietPart('BackupNotice');

/** The first page: the cut that is set up, the last cuts, and what needs attention. */
export function BenchScreen() {
  const router = useRouter();
  const colours = useColours();
  const { data: session } = useSession();
  const { cut, loading, error } = useCut();
  const { loading: cutsLoading } = useRecords('cuts');
  // Drawn once with all that it has, so that nothing moves down under a finger.
  const waiting = !error && (loading || cutsLoading);
  const wide = useWide();
  return (
    <Screen
      title="Bench"
      about={session?.shop.name ?? ''}
      aside={
        <IconButton says="Settings" onPress={() => router.push('/settings')}>
          <SettingsIcon color={colours.accent} size={24} />
        </IconButton>
      }
      side={
        !waiting && (
          <>
            <DoneLast />
            {!wide && <LowStores />}
          </>
        )
      }
      footer={
        <>
          <Button label="Quick cut" onPress={() => router.push('/cut/quick')} style={styles.fill} />
          <Button kind="main" label="Go on to Cut" onPress={() => router.push('/cut')} style={styles.fill} />
        </>
      }
    >
      <BackupNotice />
      {waiting && <Loading />}
      {!waiting && cut && <OnTheBench cut={cut} />}
      {!waiting && <DullTools />}
      {wide && <LowStores />}
    </Screen>
  );
}

/** The newest cuts of the book, with a button that opens the last one again. */
function DoneLast() {
  const router = useRouter();
  const { records, loading, error } = useRecords('cuts');
  const cuts = records.filter((record) => !record.archived).slice(0, RECENT);
  return (
    <>
      <Words role="heading" style={styles.heading}>
        Done last
      </Words>
      {loading || (error && records.length === 0) ? (
        <Loading error={error} />
      ) : cuts.length === 0 ? (
        <Empty title="The book is empty">
          Set up a cut, take it, and put it in the book: what worked then comes first next time.
        </Empty>
      ) : (
        <Sheet>
          {cuts.map((record) => (
            <CutRow key={record.id} record={record} onPress={() => router.push(`/book/${record.id}`)} />
          ))}
        </Sheet>
      )}
      {cuts[0] && (
        <View style={styles.pad}>
          <Button
            label="The last one again"
            says={`Set up again: ${cuts[0].body.names.stock}`}
            onPress={() => router.push(cutAddress((cuts[0] as Shown<'cuts'>).body))}
          />
        </View>
      )}
    </>
  );
}

function OnTheBench({ cut }: { cut: Cut }) {
  const router = useRouter();
  const units = useUnits();
  const { setup, plan } = cut;
  const [speed, feed] = [saySpeed(plan, setup), sayFeed(plan, setup, units)];
  return (
    <>
      <Words role="heading" style={styles.heading}>
        Set up now
      </Words>
      <Sheet>
        <Row
          title={`${setup.stock.name}, ${sizeWords({ operation: setup.operation, diameterMm: plan.diameterMm, workDiameterMm: setup.workDiameterMm }, units)}`}
          about={`${setup.machine.name}, ${setup.tool.name}`}
          onPress={() => router.push('/cut')}
        />
        <View style={styles.pad}>
          <Words>{`${joined(speed.shown)}: ${speed.setting}`}</Words>
          <Words>
            {feed.label.startsWith('By hand')
              ? `${joined(feed.shown)}, ${joined(formatFeedPerTurn(plan.feed.mmRev, units, feedPer(setup)))}`
              : `${joined(feed.shown)}: ${feed.setting}`}
          </Words>
        </View>
      </Sheet>
    </>
  );
}

/** Machines and records that need attention before they spoil a cut. */
function DullTools() {
  const router = useRouter();
  const { records } = useRecords('tools');
  const { records: bits } = useRecords('bits');
  /** A hand-ground tool is reground in Grind, any other is looked at in the drawer. */
  const placeOf = (toolId: string): Href => {
    const bit = bits.find(({ body }) => body.toolId === toolId);
    return bit ? `/grind/${bit.id}/regrind` : `/drawer/tools/${toolId}`;
  };
  const dull = records.filter((record) => !record.archived && record.body.dull);
  if (dull.length === 0) return null;
  return (
    <>
      <Words role="heading" style={styles.heading}>
        To be sharpened
      </Words>
      <Sheet>
        {dull.map((record) => (
          <Row
            key={record.id}
            title={record.body.name}
            about={record.body.note}
            onPress={() => router.push(placeOf(record.id))}
          />
        ))}
      </Sheet>
    </>
  );
}

const styles = sheet({
  fill: { flex: 1 },
  heading: { paddingHorizontal: SPACE.edge },
  pad: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near },
});
