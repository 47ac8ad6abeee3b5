import type { GaugeBody } from '@pike-stone/contract';
import { useState } from 'react';
import { Choice } from '../../../kit/Choice';
import { Words } from '../../../kit/Words';
import { FigurePanel } from '../../figures/FigurePanel';

const SUPPLIES = [
  { value: 'single', label: 'Single phase' },
  { value: 'three', label: 'Three phase' },
  { value: 'dc', label: 'Direct current' },
] as const;
const METHODS = [
  { value: 'quadrature', label: 'Power factor known at idle' },
  { value: 'power-factors', label: 'Known at idle and in the cut' },
] as const;

/** How the motor is fed, and how its current is read as power. */
export function GaugePanel({
  gauge,
  onSet,
  onClose,
}: {
  gauge: GaugeBody;
  onSet: (gauge: GaugeBody) => void;
  onClose: () => void;
}) {
  const [supply, setSupply] = useState(gauge.supply);
  const [method, setMethod] = useState(gauge.method);
  const share = { kind: 'number', low: 0.01, high: 1 } as const;
  return (
    <FigurePanel<'volts' | 'pfIdle' | 'pfCut' | 'efficiency' | 'resolution' | 'top'>
      title="Ammeter and motor"
      fields={[
        { key: 'volts', label: 'Volts', kind: 'number', low: 5, high: 1_000, start: String(gauge.volts) },
        { key: 'pfIdle', label: 'Power factor at idle', ...share, start: String(gauge.pfIdle) },
        { key: 'pfCut', label: 'Power factor in the cut', ...share, start: String(gauge.pfCut) },
        {
          key: 'efficiency',
          label: 'Share of the motor’s power that reaches the cut',
          kind: 'number',
          low: 0.05,
          high: 1,
          start: String(gauge.efficiency),
        },
        {
          key: 'resolution',
          label: 'Smallest step it shows (A)',
          kind: 'number',
          low: 0.0001,
          high: 10,
          start: String(gauge.resolutionA),
        },
        {
          key: 'top',
          label: 'Top of its range (A), or nothing',
          kind: 'number',
          low: 0.1,
          high: 10_000,
          optional: true,
          start: gauge.topA === null ? '' : String(gauge.topA),
        },
      ]}
      before={
        <>
          <Choice says="Supply" value={supply} onChange={setSupply} options={SUPPLIES} />
          {supply !== 'dc' && (
            <Choice
              says="How watts are taken from amps"
              value={method === 'dc' ? 'quadrature' : method}
              onChange={setMethod}
              options={METHODS}
              about="Volts times amps is not power: an idle motor draws mostly magnetising current. A wattmeter is better for light cuts."
            />
          )}
        </>
      }
      onSet={(read) =>
        onSet({
          supply,
          method: supply === 'dc' ? 'dc' : method === 'dc' ? 'quadrature' : method,
          volts: read.volts[0]!,
          pfIdle: read.pfIdle[0]!,
          pfCut: read.pfCut[0]!,
          efficiency: read.efficiency[0]!,
          resolutionA: read.resolution[0]!,
          topA: read.top[0] ?? null,
        })
      }
      onClose={onClose}
    >
      <Words role="note">Work on mains wiring is for a competent person; a clamp needs none.</Words>
    </FigurePanel>
  );
}
