import { act, fireEvent, render, screen } from '@testing-library/react';
import { ThemeProvider } from '../../../theme/theme';
import { usePedal } from './pedal';
import { PhoneTilt } from './PhoneTilt';
import { useWakeLock } from './wake-lock';

describe('a phone laid on the rest', () => {
  const show = (wantedDeg: number | null) =>
    render(
      <ThemeProvider>
        <PhoneTilt wantedDeg={wantedDeg} />
      </ThemeProvider>,
    );
  const lean = (beta: number | null) =>
    act(() => void window.dispatchEvent(Object.assign(new Event('deviceorientation'), { beta })));

  it('reads its tilt beside the one that is wanted', () => {
    show(9.8);
    expect(screen.queryByText('This phone on the rest')).toBeNull();
    lean(8.44);
    expect(screen.getByText(/it reads 8\.4°, wanted 9\.8°/)).toBeTruthy();
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
