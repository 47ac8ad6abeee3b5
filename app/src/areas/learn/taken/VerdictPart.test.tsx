import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { VerdictPart } from './VerdictPart';

const say = jest.fn();
const show = async (said: Parameters<typeof VerdictPart>[0]['said'] = {}) => {
  render(
    <ThemeProvider>
      <VerdictPart told={{ speed: 'too-fast', feed: null }} said={said} onSay={say} />
    </ThemeProvider>,
  );
  await act(
    async () => void fireEvent.click(screen.getByRole('button', { name: /What is learned from it/ })),
  );
};
const group = (of: 'speed' | 'feed') => within(screen.getByRole('radiogroup', { name: `The ${of} was` }));
const chosen = (of: 'speed' | 'feed') =>
  group(of)
    .getAllByRole('radio')
    .find((one) => one.getAttribute('aria-checked') === 'true')?.textContent;

beforeEach(() => {
  usePreferences.setState({ units: 'mm', theme: 'light' });
  say.mockReset();
});

test('what the signs say is chosen already, until a person knows better', async () => {
  await show();
  expect([chosen('speed'), chosen('feed')]).toEqual(['Too fast', 'Not told']);
  fireEvent.click(group('speed').getByRole('radio', { name: 'Not told' }));
  fireEvent.click(group('feed').getByRole('radio', { name: 'Too heavy' }));
  expect(say.mock.calls).toEqual([[{ speed: null }], [{ feed: 'too-fast' }]]);
});

test('a person who says that nothing is told is not overruled by the signs', async () => {
  await show({ speed: null, feed: 'too-slow' });
  expect([chosen('speed'), chosen('feed')]).toEqual(['Not told', 'Too fine']);
});
