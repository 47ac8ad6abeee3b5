import { StyleSheet } from 'react-native';

/** All rules that the kit has made so far. */
export const pageRules = (): string =>
  (StyleSheet as unknown as { getSheet(): { textContent: string } }).getSheet().textContent;
