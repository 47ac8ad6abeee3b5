import { useEffect, useReducer, useState, type ComponentType } from 'react';
import { Loading } from './Empty';

type Load<Props> = () => Promise<{ default: ComponentType<Props> }>;

const TRY_AGAIN_MS = 3_000;
const all: (() => Promise<unknown>)[] = [];

let resting = false;

/** Fetched quietly with the other pages, so that it is there without the shop's computer too; at once where those have come already. */
export function bringLater(load: () => Promise<unknown>): void {
  all.push(load);
  if (resting) load().catch(() => undefined);
}

/** A part that is not of the first load: fetched quietly after it, or when it is opened, until it is there. */
export function laterWith<Props extends object>(load: Load<Props>): ComponentType<Props> {
  let Page: ComponentType<Props> | null = null;
  const bring = async (): Promise<void> => {
    Page ??= (await load()).default;
  };
  bringLater(bring);
  return function Later(props: Props) {
    const [trouble, setTrouble] = useState<Error>();
    const [, redraw] = useReducer((times: number) => times + 1, 0);
    useEffect(() => {
      let timer: ReturnType<typeof setTimeout> | undefined;
      let left = false;
      const attempt = async (): Promise<void> => {
        try {
          await bring();
          if (!left) redraw();
        } catch {
          if (left) return;
          setTrouble(new Error('The shop’s computer does not answer.'));
          timer = setTimeout(() => void attempt(), TRY_AGAIN_MS);
        }
      };
      if (!Page) void attempt();
      return () => {
        left = true;
        clearTimeout(timer);
      };
    }, []);
    if (Page) return <Page {...props} />;
    return <Loading error={trouble} />;
  };
}

/** A page that is not part of the first load. */
export const later = (load: Load<object>): ComponentType => laterWith(load);

/** Brings the other pages onto the device, so that they open without the shop's computer too. */
export function bringTheRest(): void {
  resting = true;
  for (const bring of all) bring().catch(() => undefined);
}
