import type { Material, Range, SpeedOperation } from '../material/material';
import type { ToolMaterial } from '../tool/tool-material';

/** Where in a range to start: bottom for old machines and scarce tools, top for one-offs. */
export type SpeedSchool = 'bottom' | 'middle' | 'top';

export interface SpeedRange {
  readonly lowMPerMin: number;
  readonly highMPerMin: number;
  readonly startMPerMin: number;
  /** Below this the tool material builds up an edge and chips. */
  readonly leastUsefulMPerMin: number;
  /** The library row has no value for this tool; the uncoated column stands in. */
  readonly noGainOverUncoated: boolean;
}

/**
 * Cutting speed range for an operation and the start in it.
 *
 * low, high = table range x tool speed factor x operation factor; the start is
 * the low end, the arithmetic mean or the high end; `backOffThird` takes two
 * thirds of that.
 *
 * @example speedRange(material('low-carbon-cold-drawn'), toolMaterial('hss'), 'turning', 'middle').startMPerMin // 32
 */
export function speedRange(
  metal: Material,
  tool: ToolMaterial,
  operation: SpeedOperation,
  school: SpeedSchool = 'middle',
  backOffThird = false,
): SpeedRange {
  const own = metal.speedMPerMin[tool.speedSource];
  const row: Range | null = own ?? metal.speedMPerMin['carbide-uncoated'];
  if (!row) throw new Error(`${metal.key}: no cutting speed for ${tool.key}`);
  const factor = tool.speedFactor * metal.operationFactor[operation];
  const low = row[0] * factor;
  const high = row[1] * factor;
  const start = school === 'bottom' ? low : school === 'top' ? high : (low + high) / 2;
  return {
    lowMPerMin: low,
    highMPerMin: high,
    startMPerMin: backOffThird ? (start * 2) / 3 : start,
    leastUsefulMPerMin: tool.leastUsefulFactor * low,
    noGainOverUncoated: own === null,
  };
}
