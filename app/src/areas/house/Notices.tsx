import { StyleSheet, View } from 'react-native';
import { useOutbox, type Outgoing } from '../../data/outbox';
import { keepOurs, takeTheirs } from '../../data/records';
import { themed, useColours } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { Button } from '../../kit/Button';
import { OfflineIcon, WarningIcon } from '../../kit/icons';
import { Words } from '../../kit/Words';

const nameOf = (entry: Outgoing): string =>
  'name' in entry.body ? entry.body.name : entry.kind === 'cuts' ? 'a cut in the book' : 'the shop’s schools';

/** What stands between this device and the shop's computer, while it does. */
export function Notices() {
  const styles = useStyles();
  const colours = useColours();
  const { entries, reachable, remove } = useOutbox();
  const waiting = entries.filter((entry) => entry.state === 'waiting').length;
  const stuck = entries.find((entry) => entry.state !== 'waiting');
  return (
    <>
      {!reachable && (
        <View style={styles.notice} role="status">
          <OfflineIcon color={colours.cautionMark} size={20} />
          <Words style={styles.words}>
            {waiting > 0
              ? `No connection. ${waiting} ${waiting === 1 ? 'entry waits' : 'entries wait'} on this device and ${waiting === 1 ? 'is' : 'are'} sent by itself.`
              : 'No connection to the shop’s computer. Everything here goes on working.'}
          </Words>
        </View>
      )}
      {stuck && (
        <View style={[styles.notice, styles.stuck]} role="alert">
          <WarningIcon color={colours.cautionMark} size={20} />
          <View style={styles.words}>
            <Words>
              {stuck.state === 'conflict'
                ? `${nameOf(stuck)}: someone changed it after you opened it. Yours is kept here.`
                : `${nameOf(stuck)} was not taken: ${stuck.why ?? ''}`}
            </Words>
            <View style={styles.row}>
              {stuck.state === 'conflict' && (
                <Button kind="plain" label="Keep mine" onPress={() => void keepOurs(stuck)} />
              )}
              <Button
                kind="plain"
                label={stuck.state === 'conflict' ? 'Take theirs' : 'Drop it'}
                onPress={() =>
                  stuck.state === 'conflict' ? takeTheirs(stuck) : remove(stuck.kind, stuck.id)
                }
              />
            </View>
          </View>
        </View>
      )}
    </>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
    notice: {
      flexDirection: 'row',
      gap: SPACE.near,
      alignItems: 'center',
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
      backgroundColor: c.sheet,
      borderBottomWidth: 1,
      borderBottomColor: c.cautionMark,
    },
    stuck: { alignItems: 'flex-start' },
    words: { flex: 1 },
    row: { flexDirection: 'row', gap: SPACE.close },
  }),
);
