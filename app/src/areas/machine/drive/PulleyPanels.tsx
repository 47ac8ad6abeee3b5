import { pulleyLeast } from '@pike-stone/core';
import { Keypad } from '../../../kit/Keypad';
import { FigurePanel } from '../../figures/FigurePanel';
import { withPulley, type DriveDraft } from './drive-draft';
import type { Wheel } from './drive-layout';
import { FromInstrument } from '../instruments/FromInstrument';

/** Asks for the outside diameter of a pulley, or for its teeth. */
export function PulleyKeypad({
  draft,
  wheel,
  onSet,
  onClose,
}: {
  draft: DriveDraft;
  wheel: Wheel;
  onSet: (drive: DriveDraft['drive']) => void;
  onClose: () => void;
}) {
  const belt = draft.drive.stages[wheel.stage];
  if (belt?.kind !== 'belt') return null;
  const title = `${belt.name} ${wheel.option + 1}, ${wheel.side === 'driver' ? 'driving' : 'driven'} pulley`;
  const put = (value: number) => {
    onSet(withPulley(draft.drive, wheel.stage, wheel.option, wheel.side, value));
    onClose();
  };
  if (belt.section === 'toothed')
    return (
      <FigurePanel
        title={`${title}, teeth`}
        fields={[
          { key: 'teeth', label: 'Teeth', kind: 'whole', low: 8, high: 400, start: String(wheel.value) },
        ]}
        onSet={({ teeth: [typed] }) => put(typed!)}
        onClose={onClose}
      />
    );
  return (
    <Keypad
      title={`${title}, outside`}
      place="pulley"
      valueMm={wheel.value}
      limits={{ lowMm: Math.ceil(pulleyLeast(belt.section, belt.thicknessMm)), highMm: 2000 }}
      onSet={put}
      onClose={onClose}
      more={<FromInstrument kind="caliper" near={wheel.value} onTake={put} />}
    />
  );
}
