import { View } from 'react-native';
import { PlacesBar } from '../kit/PlacesBar';
import { BackRoom, ScreenHead } from '../kit/ScreenHead';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { Words } from '../kit/Words';

/** Marks a part which some pages do not show; the page's style sheet says where. */
const shownAs = (part: string) => ({ dataSet: { show: part } });

/**
 * What every page has before its data and its scripts are there: the places, and room for its heading. It is
 * drawn when the application is built, and lies in the page until the application takes its place.
 */
export function Frame() {
  const styles = useStyles();
  return (
    <View style={styles.frame}>
      <View {...shownAs('rail')} style={styles.rail}>
        <PlacesBar rail />
      </View>
      <View style={styles.room}>
        <View role="main" style={styles.page}>
          <ScreenHead
            title=" "
            before={
              <View {...shownAs('back')}>
                <BackRoom />
              </View>
            }
            after={
              <View {...shownAs('about')}>
                <Words role="note"> </Words>
              </View>
            }
          />
        </View>
        <View {...shownAs('bar')}>
          <PlacesBar />
        </View>
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    frame: { flex: 1, flexDirection: 'row', width: '100%', minHeight: 0, backgroundColor: c.ground },
    rail: { flexDirection: 'row' },
    room: { flex: 1, minHeight: 0, minWidth: 0 },
    page: { flex: 1, minHeight: 0 },
  }),
);
