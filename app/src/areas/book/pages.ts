export { BookScreen } from './BookScreen';
export { EntryScreen } from './EntryScreen';
