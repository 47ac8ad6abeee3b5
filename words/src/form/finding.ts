import { PATTERN_ALLOWANCE_MM, type FormFinding } from '@pike-stone/core/form';
import type { Warning } from '../finding';
import { sayLength } from '../forecast/row';
import { formatAngle, formatPercent, type UnitSystem } from '../format';
import { sayFine } from './fine';

type Said = Pick<Warning, 'level' | 'text'>;

/** A finding about a form or its tool, with what mends it. */
export function sayFormFinding(finding: FormFinding, units: UnitSystem): Said {
  const mm = (value: number): string => sayLength(value, units);
  const danger = (text: string): Said => ({ level: 'danger', text });
  const caution = (text: string): Said => ({ level: 'caution', text });
  const note = (text: string): Said => ({ level: 'note', text });
  switch (finding.code) {
    case 'crosses-itself':
      return danger(
        `The form crosses itself near x ${mm(finding.at[0])}: two of its lines or arcs overlap. Change one of them.`,
      );
    case 'leans-back':
      return danger(
        `The form leans back at x ${mm(finding.at[0])}: a tool that is fed straight in could not cut it and could not come out.`,
      );
    case 'undercut':
      return note(
        `The rack undercuts this gear (below ${Math.ceil(finding.teethLimit)} teeth): its flank begins at a corner. A shift of ${finding.leastShift.toFixed(2)} would avoid it.`,
      );
    case 'thin-tip':
      return caution(
        `The tips are only ${mm(finding.tipMm)} thick (${mm(finding.leastMm)} is the least): they break or burn.`,
      );
    case 'tight-hollow':
      return note(
        `The tightest hollow of the tool has a radius of ${mm(finding.radiusMm)}: it needs a stone or a lap smaller than that.`,
      );
    case 'inside-corners':
      return note(
        `${finding.count === 1 ? 'One inside corner' : `${finding.count} inside corners`}: a round wheel leaves a fillet of its own radius there.`,
      );
    case 'other-count':
      return finding.worstMm > PATTERN_ALLOWANCE_MM
        ? caution(
            `Drawn for ${finding.drawnTeeth} teeth, wanted for ${finding.wantedTeeth}: up to ${sayFine(finding.worstMm, units)} of error on the flanks.`,
          )
        : note(
            `Drawn for ${finding.drawnTeeth} teeth, wanted for ${finding.wantedTeeth}: up to ${sayFine(finding.worstMm, units)} of error, which does little harm.`,
          );
    case 'clock-corner':
      return note(
        `Flank and arc meet at ${formatAngle(finding.cornerDeg, 1)}: a property of this form, not to be smoothed.`,
      );
    case 'heel-drags':
      return danger(
        `The heel of the body would drag: ${formatAngle(finding.leastDeg, 1)} of clearance at the least, or a thinner body.`,
      );
    case 'flank-rubs':
      return caution(
        `The flanks lean ${formatAngle(finding.leanDeg, 1)} and get only ${formatAngle(finding.reliefDeg, 1)} of relief from a clearance ground straight back: they rub. Give the sides a taper of 2 to 3° of their own, ground from behind.`,
      );
    case 'no-land':
      return danger('No land is left between the gashes: fewer teeth, a narrower or a shallower gash.');
    case 'weak-land':
      return caution(
        `The teeth are weak: the land is ${formatPercent(finding.share)} of the pitch. Fewer teeth, or a narrower gash.`,
      );
    case 'chips-jam':
      return caution(`Chips will jam below the form: gash ${mm(finding.leastMm)} deep at the least.`);
  }
}
