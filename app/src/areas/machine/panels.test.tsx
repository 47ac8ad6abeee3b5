import { fireEvent, render, screen, within } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import { ThemeProvider } from '../../theme/theme';
import { MotorPanel } from './drive/MotorPanel';
import { PartPanel } from './drive/PartPanel';
import { StepTable } from './drive/StepTable';
import type { StageBody } from './drive/drive-draft';
import { BanjoPanel } from './gears/BanjoPanel';
import { StreamState } from './instruments/Live';
import { JobPanel, type Job } from './moves/JobPanel';

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));
const shown = (element: React.ReactElement) => render(<ThemeProvider>{element}</ThemeProvider>);
const fill = (label: RegExp | string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const press = (name: RegExp | string) => fireEvent.click(screen.getByRole('button', { name }));

const belt: StageBody = {
  kind: 'belt',
  name: 'Belt',
  section: 'A',
  slipPercent: 1,
  pairs: [
    { driverMm: 60, drivenMm: 130 },
    { driverMm: 95, drivenMm: 95 },
  ],
};

describe('a part of the drive', () => {
  const part = (one: StageBody) => {
    const onSet = jest.fn();
    shown(<PartPanel part={one} onSet={onSet} onRemove={null} onClose={jest.fn()} />);
    return onSet;
  };

  test('a belt gets another step, a pull and a thickness when it is flat', () => {
    const onSet = part(belt);
    press('Steps on each cone: one more');
    press(/^Belt: V-belt A, change/);
    press('Flat belt');
    press('Set');
    expect(onSet).not.toHaveBeenCalled();
    fill(/Thickness of the belt/, '4');
    fill(/Pulls before it slips/, '180');
    press('Set');
    expect(onSet).toHaveBeenCalledWith(
      expect.objectContaining({
        section: 'flat',
        thicknessMm: 4,
        pullN: 180,
        pairs: [
          { driverMm: 60, drivenMm: 130 },
          { driverMm: 95, drivenMm: 95 },
          { driverMm: 130, drivenMm: 60 },
        ],
      }),
    );
  });

  test('a belt’s pull is asked for in the shop’s units and comes back the same', () => {
    usePreferences.setState({ units: 'inch' });
    const onSet = part({ ...belt, pullN: 260 } as StageBody);
    expect(screen.getByLabelText<HTMLInputElement>('Pulls before it slips, lbf').value).toBe('58.45');
    press('Set');
    expect(onSet).toHaveBeenLastCalledWith(expect.objectContaining({ pullN: 260 }));
    fill('Pulls before it slips, lbf', '50');
    press('Set');
    expect(onSet).toHaveBeenLastCalledWith(expect.objectContaining({ pullN: 222.4 }));
  });

  test('a pulley too small for a deeper belt is refused with its size', () => {
    const onSet = part({ ...belt, pairs: [{ driverMm: 12, drivenMm: 130 }] });
    press(/^Belt: V-belt A, change/);
    press('V-belt C');
    press('Set');
    expect(
      screen.getByText(/A pulley of 12 is too small for this belt: it needs more than 14.4/),
    ).toBeTruthy();
    expect(onSet).not.toHaveBeenCalled();
  });

  test('a part without a name, slip beyond reason', () => {
    const onSet = part(belt);
    fill('Name, as it stands in the speed table', ' ');
    fill(/Slip, percent/, '40');
    press('Set');
    expect(screen.getByText('Give the part a name.')).toBeTruthy();
    expect(screen.getByText('Must be a number from 0 to 10.')).toBeTruthy();
    expect(onSet).not.toHaveBeenCalled();
  });

  test('a back gear wants as many driving as driven gears, whole teeth', () => {
    const onSet = part({ kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 76] });
    fill(/Teeth of the driven gears/, '72');
    press('Set');
    expect(screen.getByText('As many driving as driven gears.')).toBeTruthy();
    fill(/Teeth of the driven gears/, '72 76.5');
    press('Set');
    expect(screen.getByText('Teeth are whole numbers.')).toBeTruthy();
    fill(/Teeth of the driven gears/, '72 60');
    press('Set');
    expect(onSet).toHaveBeenCalledWith({ kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 60] });
  });

  test('a variable pulley has its ends in order', () => {
    const onSet = part({ kind: 'variable', name: 'Dial', slowest: 0.4, fastest: 2.4 });
    fill(/Fastest/, '0.3');
    press('Set');
    expect(screen.getByText('The fastest must be above the slowest.')).toBeTruthy();
    fill(/Fastest/, '3');
    press('Set');
    expect(onSet).toHaveBeenCalledWith({ kind: 'variable', name: 'Dial', slowest: 0.4, fastest: 3 });
  });
});

describe('the motor', () => {
  test('two speeds, in whatever order they were typed; power may stay open', () => {
    const onSet = jest.fn();
    shown(<MotorPanel motorRpm={[1425]} motor={undefined} onSet={onSet} onClose={jest.fn()} />);
    fill(/Speed on its plate/, '1420 710');
    press('Set');
    expect(onSet).toHaveBeenCalledWith([710, 1420], undefined);
    fill(/Speed on its plate/, '1420 1420');
    press('Set');
    expect(screen.getByText('The two speeds of the motor are the same.')).toBeTruthy();
    fill(/Speed on its plate/, '1420');
    fill(/Power, kW/, '0,55');
    fireEvent.click(screen.getByRole('radio', { name: 'Three-phase' }));
    press('Set');
    expect(onSet).toHaveBeenLastCalledWith([1420], { powerKw: 0.55, phases: 3, efficiency: 0.75 });
  });
});

test('the table says of each step whether it was computed or measured, the fastest first', () => {
  const onChoose = jest.fn();
  shown(
    <StepTable
      unit="rpm"
      chosen="b"
      onChoose={onChoose}
      steps={[
        { rpm: 70, setting: 'Belt 1', position: 'a', computed: { uRel: 0.02 } },
        { rpm: 440, setting: 'Belt 2', position: 'b', measured: { how: 'tapped', uRel: 0.004, on: '' } },
      ]}
    />,
  );
  const rows = screen.getAllByRole('button');
  expect(rows.map((row) => row.textContent)).toEqual([
    '440 rpm, Belt 2, measured ±0.8\u00a0%',
    '70 rpm, Belt 1, computed ±4.0\u00a0%',
  ]);
  fireEvent.click(rows[1]!);
  expect(onChoose).toHaveBeenCalledWith(expect.objectContaining({ position: 'a' }));
});

describe('change gears', () => {
  test('the leadscrew reads pitch and threads, the box reads its gears in any order', () => {
    const onSet = jest.fn();
    shown(
      <BanjoPanel
        banjo={{
          leadscrewPitchMm: 3.175,
          fixedRatio: 1,
          feedRatio: 0.1,
          owned: [20, 40],
          drivers: [20],
          driven: [40],
        }}
        onSet={onSet}
        onClose={jest.fn()}
      />,
    );
    fill(/Pitch of the leadscrew/, 'coarse');
    press('Set');
    expect(onSet).not.toHaveBeenCalled();
    fill(/Pitch of the leadscrew/, '8 tpi');
    fill(/Gears in the box/, '60 20 40.5');
    press('Set');
    expect(screen.getByText('Teeth are whole numbers.')).toBeTruthy();
    fill(/Gears in the box/, '60 20 40');
    press('Set');
    expect(onSet).toHaveBeenCalledWith({
      leadscrewPitchMm: 3.175,
      fixedRatio: 1,
      feedRatio: 0.1,
      owned: [20, 40, 60],
    });
  });
});

describe('a job of the day', () => {
  const turn: Job = { id: 'a', name: 'Turn', rpm: 450, low: 0.6, high: 1.1, after: [] };
  test('wants a name and a speed, and knows what comes before it', () => {
    const onSet = jest.fn();
    shown(
      <JobPanel job={null} others={[turn]} unit="rpm" onSet={onSet} onRemove={null} onClose={jest.fn()} />,
    );
    press('Set');
    expect(screen.getByText(/Say what is done/)).toBeTruthy();
    fill('What is done', 'Ream');
    fill('Wanted, rpm', '75');
    fireEvent.click(screen.getByRole('radio', { name: 'Ream, thread: 0.3 to 1' }));
    fireEvent.click(screen.getByRole('checkbox', { name: 'Turn' }));
    press('Set');
    expect(onSet).toHaveBeenCalledWith(
      expect.objectContaining({ name: 'Ream', rpm: 75, low: 0.3, high: 1, after: ['a'] }),
    );
  });
});

test('the state of a line is said in words, a simulated instrument is called so', () => {
  const stream = { readings: [], bad: 0, standIn: true } as const;
  const { rerender } = shown(<StreamState stream={{ ...stream, state: 'silent' }} held={false} />);
  expect(screen.getByText(/^Stale: the line is open, but nothing comes/)).toBeTruthy();
  expect(screen.getByText(/^Simulated instrument/)).toBeTruthy();
  rerender(
    <ThemeProvider>
      <StreamState stream={{ ...stream, state: 'cut-off' }} held />
    </ThemeProvider>,
  );
  expect(screen.getByText(/^Held: the figures stand still/)).toBeTruthy();
  expect(within(document.body).queryByText(/^Stale/)).toBeNull();
});
