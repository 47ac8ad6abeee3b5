import type { ReactElement, ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { SIZE } from '../theme/type';
import { BenchIcon, BookIcon, CutIcon, DrawerIcon, GrindIcon } from './icons';
import type { PlaceHref } from './places';
import { Words } from './Words';

const PLACES = [
  { href: '/', name: 'Bench', Icon: BenchIcon },
  { href: '/cut', name: 'Cut', Icon: CutIcon },
  { href: '/grind', name: 'Grind', Icon: GrindIcon },
  { href: '/drawer', name: 'Drawer', Icon: DrawerIcon },
  { href: '/book', name: 'Book', Icon: BookIcon },
] as const;

interface PlacesBarProps {
  readonly rail?: boolean;
  /** Says of a place that its page is open; without it none is. */
  readonly isHere?: (href: PlaceHref) => boolean;
  /** Makes a link of a place; without it the browser opens the page anew. */
  readonly linked?: (href: PlaceHref, place: ReactElement) => ReactNode;
}

/** The places of the application: a bar at the bottom of a phone, a rail at the left of a wide screen. */
export function PlacesBar({ rail = false, isHere = () => false, linked }: PlacesBarProps) {
  const styles = useStyles();
  const colours = useColours();
  return (
    <View role="navigation" aria-label="Places" style={rail ? styles.rail : styles.bar}>
      {PLACES.map(({ href, name, Icon }) => {
        const here = isHere(href);
        const style = [
          rail ? styles.railPlace : styles.barPlace,
          here && (rail ? styles.railHere : styles.barHere),
        ];
        const place = (
          <Pressable
            key={href}
            {...{ href }}
            role="link"
            aria-current={here ? 'page' : undefined}
            // A link hands one style on; the frame that lies in the page has only what stands in its style sheet.
            style={linked ? StyleSheet.flatten(style) : style}
          >
            <Icon color={here ? colours.accent : colours.quiet} size={23} strokeWidth={1.7} />
            <Words role={here ? 'strong' : 'body'} style={[styles.name, here && styles.nameHere]}>
              {name}
            </Words>
          </Pressable>
        );
        return linked ? linked(href, place) : place;
      })}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    bar: {
      flexDirection: 'row',
      minHeight: 58,
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderTopColor: c.line,
    },
    barPlace: {
      flex: 1,
      alignItems: 'center',
      justifyContent: 'center',
      gap: 1,
      borderTopWidth: 3,
      borderTopColor: 'transparent',
    },
    barHere: { borderTopColor: c.accent },
    rail: {
      width: 84,
      backgroundColor: c.sheet,
      borderRightWidth: 1,
      borderRightColor: c.line,
      paddingTop: 16,
    },
    railPlace: {
      minHeight: 72,
      alignItems: 'center',
      justifyContent: 'center',
      gap: 3,
      borderLeftWidth: 3,
      borderLeftColor: 'transparent',
    },
    railHere: { borderLeftColor: c.accent, backgroundColor: c.ground },
    name: { fontSize: SIZE.small, lineHeight: 18, color: c.quiet },
    nameHere: { color: c.accent },
  }),
);
