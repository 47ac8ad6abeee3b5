import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { usePreferences } from '../data/preferences';
import { COLOURS } from '../theme/colours';
import { ThemeProvider, useColourNumbers } from '../theme/theme';
import { Button } from './Button';
import { Caution } from './Caution';
import { Choice, Tick } from './Choice';
import { useKeys, useKeysOn } from './keys';
import { laterWith } from './later';
import { faultOf, inBoth } from '@pike-stone/words';
import { Picker } from './Picker';
import { TextBox } from './TextBox';
import { UndoBar, useUndo } from './Undo';

const show = (children: React.ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);

beforeEach(() => usePreferences.setState({ units: 'mm' }));

describe('choosing', () => {
  function Colours() {
    const [value, setValue] = useState<'red' | 'blue'>('red');
    return (
      <Choice
        says="Colour"
        value={value}
        onChange={setValue}
        options={[
          { value: 'red', label: 'Red' },
          { value: 'blue', label: 'Blue' },
        ]}
      />
    );
  }

  test('one of a few, and it is seen and heard which', () => {
    show(<Colours />);
    expect(screen.getByRole('radio', { name: 'Red' }).getAttribute('aria-checked')).toBe('true');
    fireEvent.click(screen.getByRole('radio', { name: 'Blue' }));
    expect(screen.getByRole('radio', { name: 'Blue' }).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByRole('radio', { name: 'Red' }).getAttribute('aria-checked')).toBe('false');
  });

  test('one of many, in a panel that closes when it is done', () => {
    const onChange = jest.fn();
    show(
      <Picker
        label="Metal"
        value="a"
        onChange={onChange}
        options={[
          { value: 'a', label: 'Copper' },
          { value: 'b', label: 'Zinc' },
        ]}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Metal: Copper, change' }));
    fireEvent.click(screen.getByRole('button', { name: 'Zinc' }));
    expect(onChange).toHaveBeenCalledWith('b');
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  test('so or not so', () => {
    const onChange = jest.fn();
    show(<Tick label="Dull" about="slower" value={false} onChange={onChange} />);
    fireEvent.click(screen.getByRole('checkbox', { name: 'Dull' }));
    expect(onChange).toHaveBeenCalledWith(true);
  });
});

describe('telling', () => {
  test('a fault stands at its field and takes the place of the reading', () => {
    const { rerender } = show(
      <TextBox label="Size" value="5/8" onChange={() => undefined} reading="15.88 mm" />,
    );
    expect(screen.getByText('15.88 mm')).toBeTruthy();
    rerender(
      <ThemeProvider>
        <TextBox label="Size" value="5/7" onChange={() => undefined} reading="15.88 mm" fault="Use halves." />
      </ThemeProvider>,
    );
    expect(screen.getByText('Use halves.')).toBeTruthy();
    expect(screen.queryByText('15.88 mm')).toBeNull();
    expect(screen.getByLabelText('Size').getAttribute('aria-invalid')).toBe('true');
  });

  test('a long text shows its count before it is too long, and is not cut off', () => {
    show(<TextBox label="Remark" value={'x'.repeat(95)} onChange={() => undefined} limit={90} />);
    expect(screen.getByText('95 of 90 characters')).toBeTruthy();
    expect((screen.getByLabelText('Remark') as HTMLInputElement).value).toHaveLength(95);
  });

  test('a danger is an alert, a caution a note, each with its word beside the colour', () => {
    show(
      <>
        <Caution level="danger">Stop.</Caution>
        <Caution level="caution">Slow.</Caution>
      </>,
    );
    expect(screen.getByRole('alert').textContent).toContain('Stop.');
    expect(screen.getByRole('img', { name: 'Danger' })).toBeTruthy();
    expect(screen.getByRole('note').textContent).toContain('Slow.');
  });

  test('what was done can be undone, once', () => {
    const back = jest.fn();
    show(<UndoBar />);
    expect(screen.queryByRole('status')).toBeNull();
    fireEvent.click(document.body);
    act(() => useUndo.getState().say('Put away.', back));
    return screen.findByText('Put away.').then(() => {
      fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
      expect(back).toHaveBeenCalledTimes(1);
      expect(screen.queryByText('Put away.')).toBeNull();
    });
  });

  test('a button that cannot be pressed does nothing', () => {
    const onPress = jest.fn();
    show(<Button label="Set" disabled onPress={onPress} />);
    fireEvent.click(screen.getByRole('button', { name: 'Set' }));
    expect(onPress).not.toHaveBeenCalled();
  });
});

describe('keys', () => {
  const acts = { c: jest.fn(), 'g c': jest.fn() };
  function Keyed() {
    useKeys(acts);
    return <input aria-label="Name" />;
  }
  beforeEach(() => Object.values(acts).forEach((act) => act.mockClear()));

  test('single keys and pairs, but not while someone is typing or holds a modifier', () => {
    show(<Keyed />);
    fireEvent.keyDown(document.body, { key: 'c' });
    fireEvent.keyDown(document.body, { key: 'g' });
    fireEvent.keyDown(document.body, { key: 'c' });
    expect([acts.c.mock.calls.length, acts['g c'].mock.calls.length]).toEqual([1, 1]);
    fireEvent.keyDown(screen.getByLabelText('Name'), { key: 'c' });
    fireEvent.keyDown(document.body, { key: 'c', ctrlKey: true });
    expect(acts.c).toHaveBeenCalledTimes(1);
  });

  test('none, where they are switched off', () => {
    function Switched({ on }: { on: boolean }) {
      useKeysOn(on);
      return <Keyed />;
    }
    const { rerender } = show(<Switched on={false} />);
    fireEvent.keyDown(document.body, { key: 'c' });
    expect(acts.c).not.toHaveBeenCalled();
    rerender(
      <ThemeProvider>
        <Switched on />
      </ThemeProvider>,
    );
    fireEvent.keyDown(document.body, { key: 'c' });
    expect(acts.c).toHaveBeenCalledTimes(1);
  });
});

describe('sizes in words', () => {
  test('both units, and why not', () => {
    expect(inBoth(15.875)).toMatch(/15.88.mm = 0.625.in/);
    expect(faultOf({ status: 'ok', valueMm: 5, readAs: 'mm' }, { lowMm: 1, highMm: 10 }, 'mm')).toBeNull();
    expect(faultOf({ status: 'ok', valueMm: 50, readAs: 'mm' }, { lowMm: 1, highMm: 10 }, 'inch')).toMatch(
      /Must be from 0.039 to 0.394.in here/,
    );
    expect(faultOf({ status: 'refused', reason: 'thread' }, { lowMm: 1, highMm: 10 }, 'mm')).toContain(
      'thread',
    );
  });
});

describe('a page that comes later', () => {
  test('is asked for again when it could not be had', async () => {
    jest.useFakeTimers({ doNotFake: ['queueMicrotask'] });
    let tries = 0;
    const Page = laterWith(async () => {
      tries += 1;
      if (tries === 1) throw new Error('away');
      return { default: () => <p>Here it is</p> };
    });
    show(<Page />);
    await act(() => jest.advanceTimersByTimeAsync(10));
    expect(screen.getByText(/does not answer/)).toBeTruthy();
    await act(() => jest.advanceTimersByTimeAsync(3_100));
    expect(screen.getByText('Here it is')).toBeTruthy();
    jest.useRealTimers();
  });
});

describe('the theme', () => {
  const Ink = () => <p>{useColourNumbers().ink}</p>;

  test('follows what was chosen, and the page behind follows too', () => {
    render(
      <ThemeProvider wanted="dark">
        <Ink />
      </ThemeProvider>,
    );
    expect(screen.getByText(COLOURS.dark.ink)).toBeTruthy();
    expect(document.documentElement.dataset['theme']).toBe('dark');
  });

  /** Relative luminance and contrast of WCAG 2.2. */
  const luminance = (hex: string) =>
    [1, 3, 5]
      .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
      .reduce((sum, c, i) => sum + c * [0.2126, 0.7152, 0.0722][i]!, 0);
  const contrast = (a: string, b: string) => {
    const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y);
    return (light! + 0.05) / (dark! + 0.05);
  };

  test.each(['light', 'dark'] as const)('%s text has the contrast it needs on every ground', (scheme) => {
    const c = COLOURS[scheme];
    for (const ground of [c.ground, c.sheet]) {
      for (const text of [c.ink, c.quiet, c.accent, c.danger])
        expect(contrast(text, ground)).toBeGreaterThanOrEqual(4.5);
      for (const mark of [c.strongLine, c.cautionMark])
        expect(contrast(mark, ground)).toBeGreaterThanOrEqual(3);
    }
    expect(contrast(c.onAccent, c.accent)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(c.accent, c.wash)).toBeGreaterThanOrEqual(4.5);
  });
});

describe('a group of choices from the keyboard', () => {
  const show = (value: 'a' | 'b' | 'c' | null) => {
    const onChange = jest.fn();
    render(
      <ThemeProvider>
        <Choice
          says="Letters"
          value={value}
          onChange={onChange}
          options={(['a', 'b', 'c'] as const).map((one) => ({ value: one, label: one }))}
          about="one of three"
        />
      </ThemeProvider>,
    );
    return { onChange, radio: (name: string) => screen.getByRole('radio', { name }) };
  };

  test('is one stop, at what is taken, or at the first', () => {
    const { radio } = show('b');
    expect(['a', 'b', 'c'].map((name) => radio(name).tabIndex)).toEqual([-1, 0, -1]);
  });

  test('the arrows take the next one, around the ends', () => {
    const { onChange, radio } = show('c');
    fireEvent.keyDown(radio('c'), { key: 'ArrowRight' });
    fireEvent.keyDown(radio('c'), { key: 'ArrowUp' });
    fireEvent.keyDown(radio('c'), { key: 'x' });
    expect(onChange.mock.calls).toEqual([['a'], ['b']]);
  });

  test('Space takes the one with the focus, Home and End the ends', () => {
    const { onChange, radio } = show('b');
    fireEvent.keyDown(radio('b'), { key: 'Home' });
    fireEvent.keyDown(radio('b'), { key: 'End' });
    fireEvent.keyDown(radio('c'), { key: ' ' });
    expect(onChange.mock.calls).toEqual([['a'], ['c'], ['c']]);
  });

  test('its note belongs to it', () => {
    show(null);
    const group = screen.getByRole('radiogroup', { name: 'Letters' });
    expect(document.getElementById(group.getAttribute('aria-describedby')!)?.textContent).toBe(
      'one of three',
    );
  });
});

test('what is wrong with an entry belongs to its field', () => {
  render(
    <ThemeProvider>
      <TextBox label="Name" value="" onChange={() => undefined} fault="Give it a name." />
    </ThemeProvider>,
  );
  const field = screen.getByRole('textbox', { name: 'Name' });
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(document.getElementById(field.getAttribute('aria-describedby')!)?.textContent).toBe(
    'Give it a name.',
  );
});
