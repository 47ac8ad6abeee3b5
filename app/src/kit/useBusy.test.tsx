import { act, render, screen } from '@testing-library/react';
import { Button } from './Button';
import { useBusy } from './useBusy';

test('a press is one piece of work: a second one while it lasts, or within a double press, does nothing', async () => {
  jest.useFakeTimers();
  let times = 0;
  let answer = () => undefined as void;
  function Page() {
    const { busy, press } = useBusy(() => {
      times += 1;
      return new Promise<void>((resolve) => {
        answer = resolve;
      });
    });
    return <Button label="Put in the book" busy={busy} onPress={() => press()} />;
  }
  render(<Page />);
  const button = screen.getByRole('button');
  const pressed = () => act(async () => void button.click());
  await pressed();
  await pressed();
  expect(times).toBe(1);
  expect(button.getAttribute('aria-busy')).toBe('true');
  await act(async () => jest.advanceTimersByTime(1_000));
  await pressed();
  expect(times).toBe(1);
  await act(async () => answer());
  expect(button.getAttribute('aria-busy')).not.toBe('true');
  await pressed();
  expect(times).toBe(2);
  // The answer comes at once: the second tap of a double press is still none.
  await act(async () => answer());
  await pressed();
  expect(times).toBe(2);
  jest.useRealTimers();
});
