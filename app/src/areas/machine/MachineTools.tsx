import { isMill } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import type { Shown } from '../../data/records';
import { Row } from '../../kit/Row';
import { Sheet } from '../../kit/Screen';

/** What can be found out and done with a machine of the drawer. */
export function MachineTools({ record }: { record: Shown<'machines'> }) {
  const router = useRouter();
  const { body: machine } = record;
  const measured = machine.speeds.filter((step) => step.measured).length;
  const to = (page: string) => () => router.push(`/drawer/machines/${record.id}/${page}`);
  const slides = machine.kind === 'lathe' || machine.kind === 'shaper' || isMill(machine);
  return (
    <Sheet>
      <Row
        title="Drive"
        about={
          machine.drive
            ? `${machine.speeds.length} speeds from its pulleys and gears`
            : 'draw its pulleys and gears; the speeds follow'
        }
        onPress={to('drive')}
      />
      <Row
        title="True speed"
        about={
          measured > 0
            ? `${measured} of ${machine.speeds.length} steps measured`
            : 'not measured yet: tap, count, roll a wheel, or a tachometer'
        }
        onPress={to('true-speed')}
      />
      <Row
        title="Good for"
        about="what its speeds cut properly, with HSS and with carbide"
        onPress={to('reach')}
      />
      {machine.kind === 'lathe' && (
        <Row
          title="Change gears"
          about={
            machine.banjo
              ? `${machine.banjo.owned.length} gears, threads and feeds`
              : 'gears and leadscrew: threads and feeds'
          }
          onPress={to('gears')}
        />
      )}
      <Row title="Fewest belt moves" about="put the jobs of a day in order" onPress={to('moves')} />
      {slides && (
        <Row
          title="Condition check"
          about={
            machine.check ? `${machine.condition}, from what was found` : 'spindle play, gibs, backlash, belt'
          }
          onPress={to('check')}
        />
      )}
      <Row title="Speed plate" about="print it at true size and stick it on" onPress={to('plate')} />
    </Sheet>
  );
}
