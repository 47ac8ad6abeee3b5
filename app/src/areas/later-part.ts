import type { ComponentType } from 'react';
import { laterWith } from '../kit/later';
import type * as Later from './later-pages';

type Parts = typeof Later;
type PropsOf<Part> = Part extends (props: infer Props) => unknown
  ? Props extends object
    ? Props
    : object
  : object;

/** A component outside the first load, by its name; all of them come as one. */
export const laterPart = <Name extends keyof Parts>(name: Name, quiet = false) =>
  laterWith<PropsOf<Parts[Name]>>(async () => {
    const all = await import('./later-pages');
    return { default: all[name] as ComponentType<PropsOf<Parts[Name]>> };
  }, quiet);
