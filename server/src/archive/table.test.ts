import { TABLE_KINDS } from '@pike-stone/contract/archive';
import { columnsOf } from './table';
import { bringLaterBodies } from '@pike-stone/contract/later';

bringLaterBodies();

test.each(TABLE_KINDS)('%s have the columns of every record, and each of their fields once', (kind) => {
  const columns = columnsOf(kind);
  expect(columns.slice(0, 4)).toEqual(['id', 'version', 'archived', 'updatedAt']);
  expect(new Set(columns).size).toBe(columns.length);
  expect(columns.length).toBeGreaterThan(6);
});

test('what lies in a part of a record is a column of its own, a list is one column', () => {
  expect(columnsOf('cuts')).toEqual(
    expect.arrayContaining(['names.machine', 'planned.rpm', 'set.feedMmRev', 'remark', 'takenAt']),
  );
  expect(columnsOf('cuts')).not.toContain('names');
  expect(columnsOf('tools').filter((column) => column === 'diameterMm')).toHaveLength(1);
});
