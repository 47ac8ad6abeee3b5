import {
  exactCuts,
  mirroredFacets,
  plainCut,
  readBit,
  solidOf,
  stlOf,
  type BitPlan,
  type BitRead,
  type Blank,
  type Facet,
  type GroundSolid,
  type SolidCut,
  type SolidLibrary,
} from '@pike-stone/core/grind';
import { cutBlank, cutBlankAtOnce, type FormShape, type FormTool } from '@pike-stone/core/form';
import { endMillPlan, endMillSolid, readEndRelief, type EndMillJob } from '@pike-stone/core/wheel';

/** A ground bit: its surface, what is read on it, and how it was cut. */
export interface SolidAnswer {
  readonly facets: readonly Facet[];
  readonly read: BitRead;
  /** Why the solid library could not be used and only flat faces are shown; null when it was. */
  readonly plainBecause: string | null;
}

/** The end of a cutter: its surface, the relief that is read on it, and how it was cut. */
export interface EndTeethAnswer {
  readonly facets: readonly Facet[];
  readonly read: ReturnType<typeof readEndRelief>;
  readonly plainBecause: string | null;
}

/** The tooth of a form cutter, and how near the space it leaves in a blank comes to the form. */
export interface FormSpaceAnswer {
  readonly tooth: readonly Facet[];
  readonly worstMm: number;
  /** Places at which it was compared. */
  readonly count: number;
}

/** A form and the tool that carries it. */
export interface FormQuestion {
  readonly shape: FormShape;
  readonly tool: FormTool;
}

/** A blank and what is cut out of it. */
interface CutOut {
  readonly blank: Blank;
  readonly cuts: readonly SolidCut[];
}

/** A tooth with its tip down: height runs along z in what is drawn. */
const uprightFacets = (facets: readonly Facet[]): readonly Facet[] =>
  facets.map((facet) => ({
    ...facet,
    corners: facet.corners.map(([x, y, z]) => [x, -z, y] as const),
    normal: [facet.normal[0], -facet.normal[2], facet.normal[1]] as const,
  }));

const breath = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/** Cuts bits and the ends of cutters as solids, one grind after the other: it tells how far it is and can be given up. */
export function solidWork(start: () => Promise<SolidLibrary>) {
  let library: Promise<SolidLibrary> | null = null;
  let running = 0;

  async function cut({ blank, cuts }: CutOut, onShare: (share: number) => void, mine: number) {
    let ready: SolidLibrary;
    try {
      ready = await (library ??= start());
    } catch (error) {
      // Tried again for the next bit: the shop's computer may have been away.
      library = null;
      return {
        solid: plainCut(blank, cuts),
        because: error instanceof Error ? error.message : String(error),
      };
    }
    const made = exactCuts(ready, blank, cuts);
    for (;;) {
      const { done, value } = made.next();
      if (done) return { solid: value, because: null };
      onShare(value / cuts.length);
      await breath();
      if (mine !== running) {
        made.return({ facets: [], volumeMm3: 0, removedMm3: [], flatOnly: false });
        return null;
      }
    }
  }

  const handed = (plan: BitPlan, { facets }: GroundSolid): readonly Facet[] =>
    plan.hand === 'right' ? facets : mirroredFacets(facets);

  return {
    /** @returns null when it was given up, or another bit came */
    async ground(plan: BitPlan, onShare: (share: number) => void): Promise<SolidAnswer | null> {
      running += 1;
      const found = await cut(solidOf(plan), onShare, running);
      if (!found) return null;
      return {
        facets: handed(plan, found.solid),
        read: readBit(plan, found.solid),
        plainBecause: found.because,
      };
    },
    /** The bit after its first cuts alone, as it looks at a step. */
    async after(plan: BitPlan, upTo: number): Promise<readonly Facet[] | null> {
      running += 1;
      const { blank, cuts } = solidOf(plan);
      const found = await cut({ blank, cuts: cuts.slice(0, upTo) }, () => undefined, running);
      return found && handed(plan, found.solid);
    },
    /** The bit as an STL file. */
    async stl(plan: BitPlan, title: string): Promise<Uint8Array<ArrayBuffer> | null> {
      running += 1;
      const found = await cut(solidOf(plan), () => undefined, running);
      return found && stlOf(handed(plan, found.solid), title);
    },
    /** The end of a cutter as it is sharpened. */
    async endTeeth(job: EndMillJob, onShare: (share: number) => void): Promise<EndTeethAnswer | null> {
      running += 1;
      const found = await cut(endMillSolid(job, endMillPlan(job)), onShare, running);
      if (!found) return null;
      const { facets } = found.solid;
      return {
        facets: job.cutter.hand === 'right' ? facets : mirroredFacets(facets),
        read: readEndRelief(job, facets),
        plainBecause: found.because,
      };
    },
    /** A form cutter tried on a blank; it cannot be done without the solid library. */
    async formSpace(
      { shape, tool }: FormQuestion,
      onShare: (share: number) => void,
    ): Promise<FormSpaceAnswer | null> {
      running += 1;
      const mine = running;
      const cutting = cutBlank(await (library ??= start()), shape, tool);
      for (;;) {
        const { done, value } = cutting.next();
        if (done)
          return { tooth: uprightFacets(value.tooth), worstMm: value.worstMm, count: value.places.length };
        onShare(value);
        await breath();
        if (mine !== running) {
          cutting.return({ tooth: [], blank: [], places: [], worstMm: 0 });
          return null;
        }
      }
    },
    /** The tooth of a form cutter as an STL file. */
    async formStl({ shape, tool }: FormQuestion, title: string): Promise<Uint8Array<ArrayBuffer>> {
      const { tooth } = cutBlankAtOnce(await (library ??= start()), shape, tool);
      return stlOf(tooth, title);
    },
    stop(): void {
      running += 1;
    },
  };
}
export type SolidWork = ReturnType<typeof solidWork>;
