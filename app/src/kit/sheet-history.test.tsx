import { act, render } from '@testing-library/react';
import { useState } from 'react';
import { listenForBack, useBackCloses } from './sheet-history';

const closed = jest.fn();
/** What the router does on the way back. */
const routed = jest.fn();

function Sheet({ name, onClose }: { name: string; onClose: () => void }) {
  useBackCloses(onClose);
  return <p>{name}</p>;
}

function Page({ names }: { names: readonly string[] }) {
  const [open, setOpen] = useState(names);
  return open.map((name) => (
    <Sheet
      key={name}
      name={name}
      onClose={() => {
        closed(name);
        setOpen((all) => all.filter((one) => one !== name));
      }}
    />
  ));
}

let moves = 0;
const pause = (ms: number) => new Promise((go) => setTimeout(go, ms));
/** Goes back, and waits until the history has moved. */
const back = () =>
  act(async () => {
    const before = moves;
    window.history.back();
    for (let tries = 0; tries < 100 && moves === before; tries += 1) await pause(20);
    await pause(40);
  });

beforeAll(() => {
  window.addEventListener('popstate', () => (moves += 1), { capture: true });
  listenForBack();
  window.addEventListener('popstate', routed);
});
let pages = 0;
beforeEach(() => {
  jest.clearAllMocks();
  window.history.pushState({ id: `list${(pages += 1)}` }, '', '/list');
  window.history.pushState({ id: `page${pages}` }, '', '/page');
});

test('Back closes the sheet and stays on the page; the router hears nothing of it', async () => {
  render(<Page names={['keypad']} />);
  await back();
  expect(closed).toHaveBeenCalledWith('keypad');
  expect(window.location.pathname).toBe('/page');
  expect(routed).not.toHaveBeenCalled();
  await back();
  expect(window.location.pathname).toBe('/list');
  expect(routed).toHaveBeenCalledTimes(1);
});

test('of two sheets the upper one is closed first', async () => {
  render(<Page names={['lower', 'upper']} />);
  await back();
  expect(closed.mock.calls).toEqual([['upper']]);
  await back();
  expect(closed.mock.calls).toEqual([['upper'], ['lower']]);
  expect(window.location.pathname).toBe('/page');
});

test('a sheet that was closed otherwise costs no second Back', async () => {
  const { unmount } = render(<Page names={['keypad']} />);
  unmount();
  await back();
  expect(window.location.pathname).toBe('/list');
  expect(closed).not.toHaveBeenCalled();
});

test('the page keeps the address that it got while the sheet was open', async () => {
  render(<Page names={['keypad']} />);
  window.history.replaceState(window.history.state, '', '/page?depth=2');
  await act(() => new Promise((go) => setTimeout(go, 90)));
  await back();
  expect(window.location.search).toBe('?depth=2');
});

test('Back to a page whose sheet was closed leads to the address that the page had last', async () => {
  const { unmount } = render(<Page names={['keypad']} />);
  unmount();
  window.history.replaceState(window.history.state, '', '/page?depth=2');
  window.history.pushState({ id: `next${pages}` }, '', '/next');
  const seen: string[] = [];
  routed.mockImplementation(() => seen.push(window.location.pathname + window.location.search));
  await back();
  expect(seen).toEqual(['/page?depth=2']);
  await back();
  expect(seen).toEqual(['/page?depth=2', '/list']);
});
