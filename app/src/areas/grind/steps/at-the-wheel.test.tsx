import { bitOf } from '@pike-stone/core/grind-fixture';
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { ThemeProvider } from '../../../theme/theme';
import { usePedal } from './pedal';
import { PhoneTilt } from './PhoneTilt';
import { useNow, useTipClock } from './tip-clock';
import { useWakeLock } from './wake-lock';

describe('a phone laid on the rest', () => {
  const onTake = jest.fn();
  const show = (wantedDeg: number | null) =>
    render(
      <ThemeProvider>
        <PhoneTilt wantedDeg={wantedDeg} readingAt={(tiltDeg) => tiltDeg + 0.2} onTake={onTake} />
      </ThemeProvider>,
    );
  const lean = (beta: number | null) =>
    act(() => void window.dispatchEvent(Object.assign(new Event('deviceorientation'), { beta })));

  it('reads its tilt beside the one that is wanted', () => {
    show(9.8);
    expect(screen.queryByText('This phone on the rest')).toBeNull();
    lean(8.44);
    expect(screen.getByText(/it reads 8\.4°, wanted 9\.8°/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Take it: the face comes out at 8.6°' }));
    expect(onTake).toHaveBeenCalledWith(8.6);
    lean(9.8);
    expect(screen.getByText(/it reads 9\.8°/)).toBeTruthy();
  });

  it('says nothing on a device without the sensor, or at a step without a tilt', () => {
    const { unmount } = show(9.8);
    lean(null);
    expect(screen.queryByText('This phone on the rest')).toBeNull();
    unmount();
    show(null);
    lean(8);
    expect(screen.queryByText('This phone on the rest')).toBeNull();
  });
});

describe('the screen', () => {
  function Page() {
    useWakeLock();
    return null;
  }
  const released = jest.fn(() => Promise.resolve());
  const request = jest.fn(() => Promise.resolve({ release: released }));
  const settled = () => act(async () => undefined);

  beforeEach(() => {
    released.mockClear();
    request.mockClear();
    Object.assign(navigator, { wakeLock: { request } });
  });
  afterEach(() => {
    delete (navigator as { wakeLock?: unknown }).wakeLock;
  });

  it('is kept awake while the page is there, and again when it comes back', async () => {
    const { unmount } = render(<Page />);
    await settled();
    expect(request).toHaveBeenCalledTimes(1);
    document.dispatchEvent(new Event('visibilitychange'));
    await settled();
    expect(request).toHaveBeenCalledTimes(2);
    unmount();
    expect(released).toHaveBeenCalled();
    document.dispatchEvent(new Event('visibilitychange'));
    await settled();
    expect(request).toHaveBeenCalledTimes(2);
  });

  it('is let go when the page is left before the device has answered', async () => {
    const { unmount } = render(<Page />);
    unmount();
    await settled();
    expect(released).toHaveBeenCalledTimes(1);
  });

  it('may go dark on a device that refuses, or has no such thing', async () => {
    request.mockImplementationOnce(() => Promise.reject(new Error('battery low')));
    render(<Page />);
    await settled();
    delete (navigator as { wakeLock?: unknown }).wakeLock;
    expect(() => render(<Page />)).not.toThrow();
  });
});

describe('a pedal', () => {
  const [next, back] = [jest.fn(), jest.fn()];
  function Page({ panel = false }: { panel?: boolean }) {
    usePedal(next, back);
    return (
      <>
        <button>Heat</button>
        <input aria-label="Reading" />
        {panel && <div role="dialog" />}
      </>
    );
  }
  const press = (key: string, more: object = {}, on: Element = document.body) =>
    fireEvent.keyDown(on, { key, ...more });
  const pressed = () => [next.mock.calls.length, back.mock.calls.length];

  beforeEach(() => {
    next.mockClear();
    back.mockClear();
  });

  it('goes on and back by the keys that pedals type, one press at a time', () => {
    render(<Page />);
    for (const key of [' ', 'PageDown', 'ArrowRight', 'ArrowDown']) press(key);
    expect(pressed()).toEqual([4, 0]);
    for (const key of ['PageUp', 'ArrowLeft', 'ArrowUp']) press(key);
    expect(pressed()).toEqual([4, 3]);
    press('PageDown', { repeat: true });
    press('a');
    expect(pressed()).toEqual([4, 3]);
  });

  it('goes on with a button in focus, and leaves what is typed and what is open alone', () => {
    const { rerender } = render(<Page />);
    press(' ', {}, screen.getByRole('button'));
    expect(pressed()).toEqual([1, 0]);
    press(' ', {}, screen.getByLabelText('Reading'));
    rerender(<Page panel />);
    press(' ');
    expect(pressed()).toEqual([1, 0]);
  });
});

describe('the clock of the tip', () => {
  beforeEach(() => void jest.useFakeTimers({ now: 1_000_000 }));
  afterEach(() => void jest.useRealTimers());

  it('warms while grinding and cools in a pause, from how warm it was', () => {
    const { result } = renderHook(() => useTipClock(bitOf('general'), 'hss'));
    const at = (seconds: number) => result.current.at(1_000_000 + 1000 * seconds);
    expect(at(60)).toMatchObject({ grinding: false, until: 0 });
    const cold = at(0).tipC;
    act(() => result.current.start('grind'));
    expect(at(5).grinding).toBe(true);
    expect(at(0).tipC).toBeCloseTo(cold, 9);
    expect(at(10).tipC).toBeGreaterThan(at(5).tipC);
    expect(at(5).until!).toBeGreaterThan(at(10).until!);
    const warm = at(10).tipC;
    jest.setSystemTime(1_010_000);
    act(() => result.current.start('pause'));
    expect(at(10)).toMatchObject({ grinding: false, tipC: warm });
    expect(at(40).tipC).toBeLessThan(warm);
    expect(at(40).tipC).toBeGreaterThan(cold);
  });

  it('ticks', () => {
    const { result } = renderHook(() => useNow());
    expect(result.current).toBe(1_000_000);
    act(() => void jest.advanceTimersByTime(1000));
    expect(result.current).toBe(1_001_000);
  });
});
