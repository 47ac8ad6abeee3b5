import { FromInstrument } from './FromInstrument';

/** A button that takes the caliper's reading instead of a typed size. */
export const FromCaliper = ({ nearMm, onTake }: { nearMm: number; onTake: (mm: number) => void }) => (
  <FromInstrument kind="caliper" near={nearMm} onTake={onTake} />
);
