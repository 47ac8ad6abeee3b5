import { actsFor, WHEEL_SIGNS, type WheelSign } from '@pike-stone/core/wheel';
import { ACT_WORDS, SIGN_WORDS } from '@pike-stone/words/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** What is seen at a wheel, and what to do about it. */
export function WheelSigns({ onSign }: { onSign?: (sign: WheelSign) => void }) {
  const [sign, setSign] = useState<WheelSign | null>(null);
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">What do you see?</Words>
        <Choice
          says="Sign at the wheel"
          value={sign}
          onChange={(next) => {
            setSign(next);
            onSign?.(next);
          }}
          options={WHEEL_SIGNS.map((value) => ({ value, label: SIGN_WORDS[value].name }))}
          about={sign ? SIGN_WORDS[sign].about : 'touch what it is like'}
        />
        {sign && (
          <View style={styles.acts} testID="wheel-acts">
            {actsFor(sign).map((act, i) => (
              <Words key={act} role={i === 0 ? 'strong' : 'body'}>
                {`${i + 1}. ${ACT_WORDS[act]}`}
              </Words>
            ))}
          </View>
        )}
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near }, acts: { gap: SPACE.close } });
