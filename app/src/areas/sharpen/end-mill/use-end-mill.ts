import type { ToolOf } from '@pike-stone/contract';
import { OutOfRange } from '@pike-stone/core';
import {
  endMillFindings,
  endMillPlan,
  type EndMillFinding,
  type EndMillJob,
  type EndMillPlan,
} from '@pike-stone/core/wheel';
import { useRecords, type Shown } from '../../../data/records';
import { useUndo } from '../../../kit/Undo';
import { useWheels, type ShownWheel } from '../wheels/use-wheels';
import { freshDraft, jobOf, upToDate, useMillDrafts, type MillDraft } from './draft';

export type MillTool = Omit<Shown<'tools'>, 'body'> & { readonly body: ToolOf<'end-mill'> };

/** Sharpening a cutter, as its pages show it. */
export interface EndMill {
  /** Of the tool, or 'any'. */
  readonly key: string;
  readonly tool: MillTool | null;
  readonly draft: MillDraft;
  readonly job: EndMillJob;
  /** Null when no wheel can grind it so. */
  readonly plan: EndMillPlan | null;
  readonly impossible: OutOfRange | null;
  readonly findings: readonly EndMillFinding[];
  readonly wheels: readonly ShownWheel[];
  readonly change: (more: Partial<MillDraft>, said?: string) => void;
}

function planned(job: EndMillJob): Pick<EndMill, 'plan' | 'impossible' | 'findings'> {
  try {
    const plan = endMillPlan(job);
    return { plan, impossible: null, findings: endMillFindings(job, plan) };
  } catch (error) {
    if (error instanceof OutOfRange) return { plan: null, impossible: error, findings: [] };
    throw error;
  }
}

const isEndMill = (record: Shown<'tools'>): record is MillTool & Shown<'tools'> =>
  record.body.kind === 'end-mill';

/** The plan of a cutter of the drawer, or of any cutter; null while it is loading or when there is none. */
export function useEndMill(key: string) {
  const tools = useRecords('tools');
  const { wheels, loading, error } = useWheels();
  const kept = useMillDrafts((state) => state.drafts[key]);
  const say = useUndo((state) => state.say);
  const tool = tools.records.filter(isEndMill).find(({ id }) => id === key) ?? null;
  const waiting = tools.loading || loading;
  const ready = !waiting && (key === 'any' || tool !== null);
  const mill = ((): EndMill | null => {
    if (!ready) return null;
    const draft = kept ? upToDate(kept, tool?.body ?? null) : freshDraft(tool?.body ?? null, wheels);
    const job = jobOf(draft, wheels);
    return {
      key,
      tool,
      draft,
      job,
      ...planned(job),
      wheels,
      change: (more, said) => {
        const { keep } = useMillDrafts.getState();
        keep(key, { ...draft, ...more });
        if (said) say(said, () => keep(key, draft));
      },
    };
  })();
  return { mill, loading: waiting, error: tools.error ?? error };
}
