import { renderHook } from '@testing-library/react';
import { useMoves } from './useMoves';

let mockPath = '/book';
jest.mock('expo-router', () => ({ usePathname: () => mockPath }));

const HIGH = 1_000;
/** Draws a page whose part is as high as it will be, with the names of its buttons. */
function draw(buttons: readonly string[], high = HIGH): HTMLElement {
  const list = buttons.map((name) => `<div role="button" tabindex="0" aria-label="${name}"></div>`).join('');
  document.body.innerHTML = `<main><h1>Page</h1><div data-scrolls="page">${list}</div></main>`;
  const part = document.querySelector<HTMLElement>('[data-scrolls]')!;
  Object.defineProperties(part, { scrollHeight: { value: high }, clientHeight: { value: 400 } });
  return part;
}
const hook = () => renderHook(() => useMoves());
let shown: ReturnType<typeof hook>;
const go = (path: string, isBack = false): void => {
  if (isBack) window.dispatchEvent(new PopStateEvent('popstate'));
  window.history.replaceState({ id: path }, '');
  mockPath = path;
  shown.rerender();
};
const focused = () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.tagName;

beforeEach(() => {
  jest.useFakeTimers();
  shown = hook();
});

/** A list is scrolled, one of its things opened, and the way back is taken. */
function thereAndBack(buttonsThen: readonly string[], high = HIGH): HTMLElement {
  go('/list');
  const list = draw(['First', 'Second']);
  list.scrollTop = 300;
  list.dispatchEvent(new Event('scroll'));
  document.querySelector<HTMLElement>('[aria-label="Second"]')!.focus();
  draw(['Keep']);
  go('/thing');
  jest.advanceTimersByTime(2_000);
  const again = draw(buttonsThen, high);
  go('/list', true);
  return again;
}

test('a page that is opened has the focus at its heading', () => {
  draw(['First']);
  go('/opened');
  jest.advanceTimersByTime(60);
  expect(focused()).toBe('H1');
});

test('on the way back it is as far down as it was, with the focus on what opened the other page', () => {
  const list = thereAndBack(['First', 'Second']);
  jest.advanceTimersByTime(60);
  expect(list.scrollTop).toBe(300);
  expect(focused()).toBe('Second');
});

test('a page that is not drawn whole yet is waited for', () => {
  const list = thereAndBack(['First', 'Second'], 500);
  jest.advanceTimersByTime(200);
  expect(list.scrollTop).toBe(0);
  const whole = draw(['First', 'Second']);
  jest.advanceTimersByTime(60);
  expect(whole.scrollTop).toBe(300);
});

test('it is scrolled once: where what opened the other page is gone, the page stays under the hand', () => {
  const list = thereAndBack(['First']);
  jest.advanceTimersByTime(60);
  expect(list.scrollTop).toBe(300);
  list.scrollTop = 0;
  jest.advanceTimersByTime(2_000);
  expect(list.scrollTop).toBe(0);
});

test.each(['pointerdown', 'wheel', 'keydown'])('a %s ends it: nothing is moved under the hand', (kind) => {
  const list = thereAndBack(['First', 'Second'], 500);
  jest.advanceTimersByTime(60);
  document.body.dispatchEvent(new Event(kind, { bubbles: true }));
  const whole = draw(['First', 'Second']);
  jest.advanceTimersByTime(2_000);
  expect([list.scrollTop, whole.scrollTop]).toEqual([0, 0]);
});
