import { render, screen } from '@testing-library/react';
import { ThemeProvider } from '../../theme/theme';
import { cutOf } from './cut.fixture';
import { HowSure } from './HowSure';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const show = (more: Parameters<typeof cutOf>[0]) =>
  render(
    <ThemeProvider>
      <HowSure cut={cutOf(more)} />
    </ThemeProvider>,
  );

test('two figures stand beside the answer: how sure it is, and what gains most', () => {
  show({
    workDiameterMm: 25,
    stock: { name: 'Bar', materialKey: 'medium-carbon', uncertain: true, skinMm: 0 },
  });
  const group = screen.getByRole('group', { name: 'How sure, and what gains most' });
  expect(group.textContent).toMatch(/How sure±\d+\s%.*rpm: the metal is a guess/);
  expect(group.textContent).toMatch(/Gains most\+\d+\s%knowing the metal/);
  expect(screen.queryByRole('button', { name: /Keep metal and tool/ })).toBeNull();
});
