import { useLocalSearchParams } from 'expo-router';
import { ANGLE_PARTS, type AnglePart } from './AnglesFrame';
import { Dividing } from './Dividing';
import { SinePlate } from './SinePlate';
import { Stack } from './Stack';
import { Tapers } from './Tapers';

const PAGES: Readonly<Record<AnglePart, () => React.JSX.Element>> = {
  sine: SinePlate,
  stack: Stack,
  taper: Tapers,
  divide: Dividing,
};

/** Angles by a sine bar, sizes by a stack, circles by a dividing head; which one is in the address. */
export function AnglesScreen() {
  const { of } = useLocalSearchParams<{ of?: string }>();
  const Page = PAGES[ANGLE_PARTS.find(({ value }) => value === of)?.value ?? 'sine'];
  return <Page />;
}
