import { usePathname } from 'expo-router';
import type { ComponentType, ReactNode } from 'react';
import { View } from 'react-native';
import { framePage } from '../frame/pages';
import { laterWith } from '../kit/later';
import { BackRoom, ScreenHead } from '../kit/ScreenHead';
import type * as Later from './later-pages';

type Parts = typeof Later;
type PropsOf<Part> = Part extends (props: infer Props) => unknown
  ? Props extends object
    ? Props
    : object
  : object;

/** Loads all pages that are not part of the first load, with the schemas of the records that they show. */
export async function laterPages() {
  const all = await import('./later-pages');
  all.bringLaterBodies();
  return all;
}

const partFrom =
  <Name extends keyof Parts>(name: Name) =>
  async () => {
    const all = await laterPages();
    return { default: all[name] as ComponentType<PropsOf<Parts[Name]>> };
  };

/** The heading of a page whose code is on its way, where the page will have it. */
function Awaited({ children }: { children: ReactNode }) {
  const page = framePage(usePathname());
  return (
    <>
      {page?.title && <ScreenHead title={page.title} before={page.under && <BackRoom />} />}
      {children}
    </>
  );
}

/** A page outside the first load, by its name; all of them come as one. */
export const laterPage = <Name extends keyof Parts>(name: Name) =>
  laterWith<PropsOf<Parts[Name]>>(partFrom(name), (waiting) => <Awaited>{waiting}</Awaited>);

/** A part of a page outside the first load; a waiting mark stands in its place until it is there. */
export const laterPart = <Name extends keyof Parts>(name: Name) =>
  laterWith<PropsOf<Parts[Name]>>(partFrom(name));

/**
 * A later part that waits until the first page is drawn. Its room is kept empty, so that nothing moves when it
 * comes.
 */
export const quietPart = <Name extends keyof Parts>(name: Name, roomPx = 0) =>
  laterWith<PropsOf<Parts[Name]>>(
    partFrom(name),
    () => roomPx > 0 && <View style={{ minHeight: roomPx }} />,
    true,
  );
