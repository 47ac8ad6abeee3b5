import { useEffect, useState, useSyncExternalStore, type ComponentType, type ReactNode } from 'react';
import { Loading } from './Empty';

type Load<Props> = () => Promise<{ default: ComponentType<Props> }>;

const TRY_AGAIN_MS = 3_000;
const all: (() => Promise<unknown>)[] = [];

let resting = false;
const onRest = new Set<() => void>();

/** Loads a part together with the other later pages, so that it works without the server; at once when those are loaded already. */
export function bringLater(load: () => Promise<unknown>): void {
  all.push(load);
  if (resting) load().catch(() => undefined);
}

/**
 * A component outside the first load: loaded in the background after it, or when it is first shown.
 * @param meanwhile  what stands in its place until it is there
 * @param patient    while the first page is on its way, it waits for that
 */
export function laterWith<Props extends object>(
  load: Load<Props>,
  meanwhile: (waiting: ReactNode) => ReactNode = (waiting) => waiting,
  patient = false,
): ComponentType<Props> {
  let Page: ComponentType<Props> | null = null;
  const waiting = new Set<() => void>();
  const bring = async (): Promise<void> => {
    if (Page) return;
    Page = (await load()).default;
    for (const draw of waiting) draw();
  };
  const subscribe = (draw: () => void) => {
    waiting.add(draw);
    return () => void waiting.delete(draw);
  };
  bringLater(bring);
  return function Later(props: Props) {
    const [trouble, setTrouble] = useState<Error>();
    // It may come between the moment when this is drawn and the moment when it stands on the page.
    const Brought = useSyncExternalStore(subscribe, () => Page);
    useEffect(() => {
      let timer: ReturnType<typeof setTimeout> | undefined;
      let left = false;
      const attempt = async (): Promise<void> => {
        try {
          await bring();
        } catch {
          if (left) return;
          setTrouble(new Error('The shop’s computer does not answer.'));
          timer = setTimeout(() => void attempt(), TRY_AGAIN_MS);
        }
      };
      const begin = () => void attempt();
      if (!Page && patient && !resting) onRest.add(begin);
      else if (!Page) begin();
      return () => {
        left = true;
        onRest.delete(begin);
        clearTimeout(timer);
      };
    }, []);
    if (Brought) return <Brought {...props} />;
    return meanwhile(<Loading error={trouble} />);
  };
}

/** Loads the later pages in the background, so that they open without the server. */
export function bringTheRest(): void {
  resting = true;
  for (const begin of onRest) begin();
  for (const bring of all) bring().catch(() => undefined);
}
