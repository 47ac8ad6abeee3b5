import type { Take, TakeInAnswer } from '@pike-stone/contract/archive';
import { useState } from 'react';
import { View } from 'react-native';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { pickFile } from '../../../kit/pick-file';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { readArchive } from '../../../sync/archive';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { dayOf } from '../../../kit/day';
import { FileButton } from './FileButton';
import { differing, kindLines, toBeWritten } from './say-archive';
import { useFileWork, type FileWork } from './useFileWork';

const SHOWN_FAULTS = 20;

/** Takes in an archive: it is read first without writing anything, and taken in only when somebody says so. */
export function TakeIn() {
  const work = useFileWork();
  const [file, setFile] = useState<File | null>(null);
  const [answer, setAnswer] = useState<TakeInAnswer | null>(null);
  const look = async () => {
    const chosen = await pickFile('.zip,application/zip');
    if (!chosen) return;
    setFile(chosen);
    setAnswer(null);
    work.begin(async (signal) => setAnswer(await readArchive(chosen, 'none', signal)));
  };
  const take = (how: Take) =>
    work.begin(async (signal) => setAnswer(await readArchive(file!, how, signal, answer?.state)));
  return (
    <>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">In</Words>
          <Words>
            Read a file that was saved here or in another shop. You see first what it would bring; nothing is
            written until you take it in. What is here already is never doubled.
          </Words>
          <FileButton
            label="Read a file"
            atWork={answer === null ? 'It is being read' : 'It is being taken in'}
            work={work}
            onPress={() => void look()}
          />
        </View>
      </Sheet>
      {answer && <Found key={file?.name} answer={answer} work={work} onTake={take} />}
    </>
  );
}

/** What a file would bring, or what it brought. */
function Found({
  answer,
  work,
  onTake,
}: {
  readonly answer: TakeInAnswer;
  readonly work: FileWork;
  readonly onTake: (how: Take) => void;
}) {
  const [how, setHow] = useState<Take>('new');
  const { kinds, changed, taken, shop, madeAt, faults } = answer;
  const many = toBeWritten(kinds, how);
  const bad = kinds.reduce((sum, one) => sum + one.bad, 0);
  return (
    <Sheet>
      <View style={styles.group} role="status" aria-live="polite">
        <Words role="heading">{taken ? 'Taken in' : 'What it would bring'}</Words>
        <Words role="note">{`${shop}, saved ${dayOf(madeAt)}`}</Words>
      </View>
      <View role="list" aria-label="What the file holds" style={styles.held}>
        {kindLines(kinds).map(({ title, about }) => (
          <View key={title} role="listitem">
            <Words>{title}</Words>
            <Words role="note">{about}</Words>
          </View>
        ))}
      </View>
      {changed.length > 0 && (
        <Caution level="caution">
          {`Damaged, or changed by somebody after it was saved: ${changed.slice(0, 5).join(', ')}${changed.length > 5 ? ` and ${changed.length - 5} more` : ''}. Look at what it brings before you take it in.`}
        </Caution>
      )}
      {faults.length > 0 && (
        <View style={styles.group}>
          <View role="list" aria-label="What cannot be read">
            {faults.slice(0, SHOWN_FAULTS).map(({ file, line, why }) => (
              <View key={`${file} ${line}`} role="listitem">
                <Words role="fault">{`${file}, line ${line}: ${why}`}</Words>
              </View>
            ))}
          </View>
          {bad > SHOWN_FAULTS && <Words role="note">{`and ${bad - SHOWN_FAULTS} more`}</Words>}
        </View>
      )}
      {!taken && (
        <View style={styles.group}>
          {differing(kinds) > 0 && (
            <>
              <Words role="label">What differs</Words>
              <Choice
                says="What differs"
                value={how}
                onChange={setHow}
                options={[
                  { value: 'new', label: 'Keep what is here' },
                  { value: 'all', label: 'Take the file’s' },
                ]}
              />
            </>
          )}
          <FileButton
            label={many === 0 ? 'Nothing to take in' : `Take in ${many} ${many === 1 ? 'record' : 'records'}`}
            atWork="It is being taken in"
            work={work}
            disabled={many === 0}
            onPress={() => onTake(how)}
          />
        </View>
      )}
    </Sheet>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  held: { paddingHorizontal: SPACE.edge, gap: SPACE.near },
});
