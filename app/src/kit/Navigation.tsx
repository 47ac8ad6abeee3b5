import { Link, usePathname } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { themed, useColours } from '../theme/theme';
import { SIZE } from '../theme/type';
import { BenchIcon, BookIcon, CutIcon, DrawerIcon, GrindIcon } from './icons';
import { Words } from './Words';

const PLACES = [
  { href: '/', name: 'Bench', Icon: BenchIcon },
  { href: '/cut', name: 'Cut', Icon: CutIcon },
  { href: '/grind', name: 'Grind', Icon: GrindIcon },
  { href: '/drawer', name: 'Drawer', Icon: DrawerIcon },
  { href: '/book', name: 'Book', Icon: BookIcon },
] as const;

/** The places of the application: a bar at the bottom of a phone, a rail at the left of a wide screen. */
export function Navigation({ rail = false }: { rail?: boolean }) {
  const styles = useStyles();
  const colours = useColours();
  const path = usePathname();
  return (
    <View role="navigation" aria-label="Places" style={rail ? styles.rail : styles.bar}>
      {PLACES.map(({ href, name, Icon }) => {
        const here = href === '/' ? path === '/' || path.startsWith('/settings') : path.startsWith(href);
        const colour = here ? colours.accent : colours.quiet;
        return (
          <Link key={href} href={href} asChild>
            <Pressable
              aria-current={here ? 'page' : undefined}
              aria-label={name}
              style={StyleSheet.flatten([
                rail ? styles.railPlace : styles.barPlace,
                here && (rail ? styles.railHere : styles.barHere),
              ])}
            >
              <Icon color={colour} size={23} strokeWidth={1.7} />
              <Words role={here ? 'strong' : 'body'} style={[styles.name, { color: colour }]}>
                {name}
              </Words>
            </Pressable>
          </Link>
        );
      })}
    </View>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
    bar: {
      flexDirection: 'row',
      height: 58,
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
      height: 72,
      alignItems: 'center',
      justifyContent: 'center',
      gap: 3,
      borderLeftWidth: 3,
      borderLeftColor: 'transparent',
    },
    railHere: { borderLeftColor: c.accent, backgroundColor: c.ground },
    name: { fontSize: SIZE.small, lineHeight: 18 },
  }),
);
