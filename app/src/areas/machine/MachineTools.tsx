import type { MachineBody } from '@pike-stone/contract';
import { isMill } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { Row } from '../../kit/Row';
import { Sheet } from '../../kit/Screen';

/** The pages of one machine: drive, true speed, reach and the rest, each with what is known so far. */
export function MachineTools({ id, body: machine }: { id: string; body: MachineBody }) {
  const router = useRouter();
  const measured = machine.speeds.filter((step) => step.measured).length;
  const to = (page: string) => () => router.push(`/drawer/machines/${id}/${page}`);
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
