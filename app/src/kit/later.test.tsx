import { act, render, screen } from '@testing-library/react';
import { Text } from 'react-native';
import { ThemeProvider } from '../theme/theme';
import { bringLater, bringTheRest, laterWith } from './later';

const show = (children: React.ReactNode) => render(<ThemeProvider>{children}</ThemeProvider>);

test('a part with properties of its own is drawn when it has come', async () => {
  const Hello = laterWith<{ name: string }>(async () => ({
    default: ({ name }) => <Text>{`Hello ${name}`}</Text>,
  }));
  show(<Hello name="ferry" />);
  expect(await screen.findByText('Hello ferry')).toBeTruthy();
});

test('what is brought is brought once, however often it is drawn', async () => {
  const load = jest.fn(async () => ({ default: () => <Text>Page</Text> }));
  const Page = laterWith(load);
  const { unmount } = show(<Page />);
  expect(await screen.findByText('Page')).toBeTruthy();
  unmount();
  show(<Page />);
  expect(screen.getByText('Page')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

test('nothing is fetched quietly before the page has come to rest, what is named afterwards at once', async () => {
  const early = jest.fn(async () => undefined);
  const late = jest.fn(async () => Promise.reject(new Error('away')));
  bringLater(early);
  expect(early).not.toHaveBeenCalled();
  await act(async () => bringTheRest());
  expect(early).toHaveBeenCalledTimes(1);
  // One that does not come is no trouble: it is fetched again when it is opened.
  await act(async () => bringLater(late));
  expect(late).toHaveBeenCalledTimes(1);
});
