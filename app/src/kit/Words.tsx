import { Text, type TextProps } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { FONT, SIZE } from '../theme/type';

type Role =
  | 'body'
  | 'quiet'
  | 'note'
  /** The title of the page, its only `h1`. */
  | 'title'
  | 'heading'
  /** A result in the size of a title, at the head of its sheet. */
  | 'big'
  | 'strong'
  | 'figure'
  | 'label'
  | 'fault';

/** Text in one of the application's text styles. */
export function Words({ role: voice = 'body', style, ...rest }: Omit<TextProps, 'role'> & { role?: Role }) {
  const styles = useStyles();
  const heading = voice === 'title' || voice === 'heading' || voice === 'big';
  return (
    <Text
      {...rest}
      {...(heading ? { role: 'heading', 'aria-level': voice === 'title' ? 1 : 2 } : {})}
      style={[styles[voice], style]}
    />
  );
}

const useStyles = themed((c) =>
  sheet({
    body: { fontFamily: FONT.words, fontSize: SIZE.body, lineHeight: 23, color: c.ink },
    strong: { fontFamily: FONT.words, fontWeight: '600', fontSize: SIZE.body, lineHeight: 23, color: c.ink },
    quiet: { fontFamily: FONT.words, fontSize: SIZE.body, lineHeight: 23, color: c.quiet },
    note: { fontFamily: FONT.words, fontSize: SIZE.note, lineHeight: 20, color: c.quiet },
    label: { fontFamily: FONT.words, fontSize: SIZE.note, lineHeight: 20, color: c.quiet },
    title: {
      fontFamily: FONT.words,
      fontWeight: '600',
      fontSize: SIZE.section,
      lineHeight: 30,
      color: c.ink,
    },
    big: { fontFamily: FONT.words, fontWeight: '600', fontSize: SIZE.section, lineHeight: 30, color: c.ink },
    heading: { fontFamily: FONT.words, fontWeight: '600', fontSize: SIZE.lead, lineHeight: 26, color: c.ink },
    figure: { fontFamily: FONT.figures, fontSize: SIZE.body, lineHeight: 23, color: c.ink },
    fault: { fontFamily: FONT.words, fontSize: SIZE.note, lineHeight: 20, color: c.danger },
  }),
);
