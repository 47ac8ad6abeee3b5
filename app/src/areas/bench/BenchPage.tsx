import { feedPer, type CutPlan, type CutSetup } from '@pike-stone/core';
import { formatFeedPerTurn, joined, sayFeed, saySpeed, type UnitSystem } from '@pike-stone/words';
import type { Href } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { Shown } from '../../data/records';
import { Button, IconButton } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { SettingsIcon } from '../../kit/icons';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { useColours, useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { CutRow } from '../book/CutRow';
import { cutAddress } from '../book/cut-address';
import { sizeWords } from '../book/size-words';

const RECENT = 4;

interface BenchProps {
  readonly shop: string;
  readonly units: UnitSystem;
  /** What it shows is still on its way. */
  readonly waiting?: boolean;
  /** The cut that is set up; null when there is none. */
  readonly cut: { readonly setup: CutSetup; readonly plan: CutPlan } | null;
  /** Past cuts, the newest first; null while they are on their way. */
  readonly cuts: readonly Shown<'cuts'>[] | null;
  /** Why there are no cuts, when they could not be read. */
  readonly trouble?: Error | undefined;
  readonly tools: readonly Shown<'tools'>[];
  /** Where a dull tool is sharpened. */
  readonly placeOf: (toolId: string) => Href;
  readonly open: (page: Href) => void;
  /** What is said before all else, and what runs low. */
  readonly notice?: ReactNode;
  readonly low?: ReactNode;
}

/** The first page: the cut that is set up, the last cuts, and what needs attention. */
export function BenchPage({
  shop,
  units,
  waiting = false,
  cut,
  cuts,
  trouble,
  tools,
  placeOf,
  open,
  notice,
  low,
}: BenchProps) {
  const colours = useColours();
  const wide = useWide();
  return (
    <Screen
      title="Bench"
      about={shop}
      aside={
        <IconButton says="Settings" onPress={() => open('/settings')}>
          <SettingsIcon color={colours.accent} size={24} />
        </IconButton>
      }
      side={
        !waiting && (
          <>
            <DoneLast {...{ cuts, trouble, units, open }} />
            {!wide && low}
          </>
        )
      }
      footer={
        <>
          <Button label="Quick cut" onPress={() => open('/cut/quick')} style={styles.fill} />
          <Button kind="main" label="Go on to Cut" onPress={() => open('/cut')} style={styles.fill} />
        </>
      }
    >
      {notice}
      {waiting && <Loading />}
      {!waiting && cut && <OnTheBench {...{ cut, units, open }} />}
      {!waiting && <DullTools {...{ tools, placeOf, open }} />}
      {wide && low}
    </Screen>
  );
}

/** The newest cuts of the book, with a button that opens the last one again. */
function DoneLast({ cuts, trouble, units, open }: Pick<BenchProps, 'cuts' | 'trouble' | 'units' | 'open'>) {
  const recent = (cuts ?? []).filter((record) => !record.archived).slice(0, RECENT);
  const last = recent[0];
  return (
    <>
      <Words role="heading" style={styles.heading}>
        Done last
      </Words>
      {!cuts || (trouble && cuts.length === 0) ? (
        <Loading error={trouble} />
      ) : !last ? (
        <Empty title="The book is empty">
          Set up a cut, take it, and put it in the book: what worked then comes first next time.
        </Empty>
      ) : (
        <Sheet>
          {recent.map((record) => (
            <CutRow key={record.id} {...{ record, units }} onPress={() => open(`/book/${record.id}`)} />
          ))}
        </Sheet>
      )}
      {last && (
        <View style={styles.pad}>
          <Button
            label="The last one again"
            says={`Set up again: ${last.body.names.stock}`}
            onPress={() => open(cutAddress(last.body) as Href)}
          />
        </View>
      )}
    </>
  );
}

function OnTheBench({
  cut: { setup, plan },
  units,
  open,
}: { readonly cut: NonNullable<BenchProps['cut']> } & Pick<BenchProps, 'units' | 'open'>) {
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
          onPress={() => open('/cut')}
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

/** Tools that need attention before they spoil a cut. */
function DullTools({ tools, placeOf, open }: Pick<BenchProps, 'tools' | 'placeOf' | 'open'>) {
  const dull = tools.filter((record) => !record.archived && record.body.dull);
  if (dull.length === 0) return null;
  return (
    <>
      <Words role="heading" style={styles.heading}>
        To be sharpened
      </Words>
      <Sheet>
        {dull.length > 1 && (
          <Row
            title="All in one round"
            about="what can be ground, in the fewest settings"
            onPress={() => open('/grind/round')}
          />
        )}
        {dull.map((record) => (
          <Row
            key={record.id}
            title={record.body.name}
            about={record.body.note}
            onPress={() => open(placeOf(record.id))}
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
