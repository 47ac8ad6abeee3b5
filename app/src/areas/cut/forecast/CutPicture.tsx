import type { CutPlan } from '@pike-stone/core';
import type { FinishForecast, Forecast, SpringForecast } from '@pike-stone/core/forecast';
import { formatLength, formatRa, joined, type UnitSystem } from '@pike-stone/words';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { TEMPER } from '../../../theme/temper';
import { themed, useColours } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';
import { ChipArt } from './ChipArt';
import { barsOf, bendOf, finishPlace, FINISHES, type Bar } from './picture';

/** Size of one panel of the drawing. */
const PANEL = { width: 108, height: 104 } as const;

export interface CutPictureProps {
  readonly found: Forecast;
  readonly plan: CutPlan;
  readonly units: UnitSystem;
  /** Bar of what holds the cut back, drawn strongest. */
  readonly held: Bar['key'] | null;
}

/** The cut as it will be, in one drawing: the chip, the surface, what bends, and power, heat and life as bars. */
export function CutPicture({ found, plan, units, held }: CutPictureProps) {
  const styles = useStyles();
  const { chip, heat, finish, spring } = found;
  const colour = heat?.colour?.colour;
  return (
    <View role="group" aria-label="This cut as it will be" style={styles.picture}>
      <View style={styles.panels}>
        {chip && (
          <Panel title="Chip" caption={colour ?? `curl ${joined(formatLength(chip.curlMm, units))}`}>
            <ChipArt chip={chip.chip} size={PANEL.height} colour={colour ? TEMPER[colour] : undefined} />
          </Panel>
        )}
        {finish && (
          <Panel title="Surface" caption={`Ra ${formatRa(finish.realisticRaUm, units)}`}>
            <Surface finish={finish} />
          </Panel>
        )}
        {spring && <BentPanel spring={spring} units={units} />}
      </View>
      <View style={styles.bars}>
        {barsOf(found, plan).map((bar) => (
          <BarLine key={bar.key} bar={bar} isHeld={bar.key === held} />
        ))}
      </View>
    </View>
  );
}

function Panel({ title, caption, children }: { title: string; caption: string; children: React.ReactNode }) {
  const styles = useStyles();
  return (
    <View style={styles.panel}>
      <Words role="label">{title}</Words>
      {children}
      <Words role="note">{caption}</Words>
    </View>
  );
}

/** Ridges of the surface, higher as it is rougher, beside the named finishes. */
function Surface({ finish }: { finish: FinishForecast }) {
  const c = useColours();
  const { width, height } = PANEL;
  const place = finishPlace(finish.realisticRaUm);
  const ridge = 2 + 15 * place;
  const count = Math.round(9 - 5 * place);
  // The names beside it take their room.
  const strip = width - 52 * useDrawnScale();
  const step = strip / count;
  const ridges = Array.from({ length: count }, (_, i) => {
    const x = i * step;
    return `Q${x + step / 2} ${70 + ridge} ${x + step} ${70 - ridge}`;
  }).join('');
  const at = (share: number) => 8 + share * (height - 18);
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
      <Path
        d={`M0 ${height}V${70 - ridge}${ridges}V${height}Z`}
        fill={c.wash}
        stroke={c.ink}
        strokeWidth={1.6}
      />
      {FINISHES.map(([ra, name], i) => {
        const y = at(i / (FINISHES.length - 1));
        return (
          <G key={ra}>
            <Line x1={strip + 6} x2={strip + 11} y1={y} y2={y} stroke={c.quiet} strokeWidth={1} />
            <SvgText x={strip + 14} y={y + 4} fontFamily={FONT.words} fontSize={11} fill={c.quiet}>
              {name}
            </SvgText>
          </G>
        );
      })}
      <Path d={`M${strip + 9} ${at(place)}l-8 -5v10Z`} fill={c.accent} stroke={c.sheet} strokeWidth={1} />
    </Svg>
  );
}

const BENT_TITLE = { work: 'Work bends', cutter: 'Cutter bends', bar: 'Bar bends' } as const;

/** Work, bar or cutter, bent as it will be, with how many times larger it is drawn. */
function BentPanel({ spring, units }: { spring: SpringForecast; units: UnitSystem }) {
  const c = useColours();
  const { width, height } = PANEL;
  const long = width - 34;
  const thick = Math.max(6, Math.min(30, long / Math.max(1, spring.ratio)));
  // A stick-out of the usual length fills the panel: a millimetre is so many units.
  const bend = bendOf(spring, 2, 26);
  const off = bend?.off ?? 0;
  const y = height / 2 - thick / 2 - 6;
  const end = 22 + long;
  const edge = (at: number) =>
    `C${22 + long * 0.45} ${at} ${22 + long * 0.7} ${at + off * 0.4} ${end} ${at + off}`;
  return (
    <Panel
      title={BENT_TITLE[spring.what]}
      caption={
        bend ? `${joined(formatLength(spring.mm, units))}, drawn × ${bend.times}` : 'not to be noticed'
      }
    >
      <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
        <Rect
          x={0}
          y={y - 10}
          width={22}
          height={thick + 20}
          fill={c.wash}
          stroke={c.ink}
          strokeWidth={1.4}
        />
        <Path
          d={`M22 ${y}H${end}M22 ${y + thick}H${end}`}
          stroke={c.quiet}
          strokeWidth={1}
          strokeDasharray="4 3"
        />
        <Path
          d={`M22 ${y}${edge(y)}V${y + thick + off}C${22 + long * 0.7} ${y + thick + off * 0.4} ${22 + long * 0.45} ${y + thick} 22 ${y + thick}Z`}
          fill={c.sheet}
          stroke={c.ink}
          strokeWidth={1.8}
        />
        <Path
          d={`M${end - 6} ${y - 16 + off}v12m-4 -5l4 5l4 -5`}
          stroke={c.accent}
          strokeWidth={1.6}
          fill="none"
        />
        <Circle cx={end} cy={y + thick / 2 + off} r={2.5} fill={c.accent} />
      </Svg>
    </Panel>
  );
}

const BAR_TITLE = { power: 'Power', heat: 'Heat', life: 'Edge life' } as const;
const BAR_MARK = { power: 'reserve begins', heat: 'the edge goes', life: 'usual' } as const;

/** One bar with its limit marked; what holds the cut back is thicker. */
function BarLine({ bar: { key, full, mark, level }, isHeld }: { bar: Bar; isHeld: boolean }) {
  const styles = useStyles();
  const c = useColours();
  const fill = { good: c.accent, caution: c.cautionMark, danger: c.danger }[level];
  return (
    <View style={styles.bar}>
      <Words role={isHeld ? 'strong' : 'label'} style={styles.barTitle}>
        {BAR_TITLE[key]}
      </Words>
      <View
        role="img"
        aria-label={`${BAR_TITLE[key]} at ${Math.round(full * 100)} percent, ${BAR_MARK[key]} at ${Math.round(mark * 100)}`}
        style={[styles.trough, isHeld && styles.held]}
      >
        <View style={{ width: `${full * 100}%`, height: '100%', backgroundColor: fill }} />
        <View style={[styles.mark, { left: `${Math.min(99, mark * 100)}%` }]} />
      </View>
      <Words role="note" style={styles.barMark}>
        {isHeld ? 'holds it back' : BAR_MARK[key]}
      </Words>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    picture: {
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderBottomWidth: 1,
      borderColor: c.line,
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.near,
      gap: SPACE.near,
    },
    panels: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', gap: SPACE.close },
    panel: { width: PANEL.width, gap: 2 },
    bars: { gap: SPACE.close },
    bar: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
    barTitle: { width: 70 },
    trough: { flex: 1, height: 12, borderWidth: 1, borderColor: c.strongLine, backgroundColor: c.ground },
    held: { height: 20, borderWidth: 2, borderColor: c.ink },
    mark: { position: 'absolute', top: -4, bottom: -4, width: 2, backgroundColor: c.ink },
    barMark: { width: 92 },
  }),
);
