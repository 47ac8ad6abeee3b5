/** The demo shop: the invented workshop of a small chain ferry. */
export const DEMO_SHOP = {
  id: '0192f000-0000-7000-8000-000000000001',
  name: 'Chain ferry workshop',
} as const;

/** Fixed ids, so that an address in the demo stays the same on every machine. */
export const demoId = (group: number, n: number): string =>
  `0192f000-00${String(group).padStart(2, '0')}-7000-8000-${n.toString(16).padStart(12, '0')}`;
