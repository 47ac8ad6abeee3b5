import type { BackupAnswer } from '@pike-stone/contract';
import { render, screen } from '@testing-library/react';
import { ThemeProvider } from '../../theme/theme';
import { BackupNotice } from './BackupNotice';

let mockBackups: BackupAnswer | undefined;
jest.mock('../../sync/backups', () => ({ useBackups: () => ({ data: mockBackups }) }));

const shown = (backups: BackupAnswer | undefined): string | null => {
  mockBackups = backups;
  const { container, unmount } = render(
    <ThemeProvider>
      <BackupNotice />
    </ThemeProvider>,
  );
  const text = container.textContent;
  unmount();
  return text;
};
const LAST = '2026-11-20T04:00:00.000Z';

test('nothing is said while backups are made as they should be, or where others make them', () => {
  expect(shown(undefined)).toBe('');
  expect(shown({ made: true, last: LAST, ageDays: 2.9 })).toBe('');
  expect(shown({ made: true, last: null, ageDays: 0.5 })).toBe('');
  expect(shown({ made: false, last: null, ageDays: 400 })).toBe('');
});

test('an old backup is said with its age and what to type', () => {
  expect(shown({ made: true, last: LAST, ageDays: 8.6 })).toBe(
    'The last good backup is 8 days old. At the shop’s computer type: npm run backup',
  );
});

test('so is that there is none after some days', () => {
  expect(shown({ made: true, last: null, ageDays: 3 })).toBe(
    'There is no good backup, and 3 days have gone by. At the shop’s computer type: npm run backup',
  );
  expect(screen.queryByText(/npm run backup/)).toBeNull();
});
