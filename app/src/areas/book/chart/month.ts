/** A month as it stands under a chart: 2026-11 is 11/26. */
export const monthShort = (month: string): string => `${month.slice(5)}/${month.slice(2, 4)}`;
