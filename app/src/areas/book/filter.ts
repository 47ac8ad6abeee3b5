import type { BookFilter } from '@pike-stone/contract/book';
import { isSign, SIGNS, SIGN_KEYS } from '@pike-stone/core/learn';
import { OPERATION_WORDS } from '@pike-stone/words';
import { SIGN_GROUP_WORDS, SIGN_SHORT } from '@pike-stone/words/learn';
import { OPERATION_KEYS } from '@pike-stone/core';
import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { readFilter } from '../../data/book-pages';
import { useRecords } from '../../data/records';
import { OUTCOMES } from './outcomes';

/** What cuts can be filtered by, beside words. */
export const FILTERS = ['machine', 'stock', 'tool', 'operation', 'outcome', 'sign', 'from', 'to'] as const;
export type FilterKey = (typeof FILTERS)[number];

export const FILTER_WORDS: Readonly<Record<FilterKey, string>> = {
  machine: 'Machine',
  stock: 'Stock',
  tool: 'Tool',
  operation: 'Operation',
  outcome: 'How it went',
  sign: 'What was seen',
  from: 'From',
  to: 'To',
};

/** The filter that the address has. */
export function useFilter(): BookFilter {
  const params = useLocalSearchParams<Record<string, string>>();
  const text = JSON.stringify(params);
  return useMemo(() => readFilter(JSON.parse(text) as Record<string, string>), [text]);
}

export const hasFilter = (filter: BookFilter): boolean => FILTERS.some((key) => filter[key] !== undefined);

interface Option {
  readonly value: string;
  readonly label: string;
}

/** The choices of each list of the filter. */
export function useFilterOptions(): Readonly<Record<Exclude<FilterKey, 'from' | 'to'>, readonly Option[]>> {
  const machines = useRecords('machines').records;
  const stock = useRecords('stock').records;
  const tools = useRecords('tools').records;
  return useMemo(() => {
    const named = (records: readonly { readonly id: string; readonly body: { readonly name: string } }[]) =>
      records.map(({ id, body }) => ({ value: id, label: body.name }));
    return {
      machine: named(machines),
      stock: named(stock),
      tool: named(tools),
      operation: OPERATION_KEYS.map((value) => ({
        value,
        label: OPERATION_WORDS[value].called ?? OPERATION_WORDS[value].verb,
      })),
      outcome: OUTCOMES,
      sign: SIGN_KEYS.map((value) => ({
        value,
        label: `${SIGN_GROUP_WORDS[SIGNS[value].group]}: ${SIGN_SHORT[value].toLowerCase()}`,
      })),
    };
  }, [machines, stock, tools]);
}

/** What a value of a filter is called. */
export function sayFilter(
  key: FilterKey,
  value: string,
  options: ReturnType<typeof useFilterOptions>,
): string {
  if (key === 'from') return `from ${value}`;
  if (key === 'to') return `to ${value}`;
  if (key === 'sign') return isSign(value) ? SIGN_SHORT[value] : value;
  return options[key].find((one) => one.value === value)?.label ?? 'put away';
}
