import { ChamferPanel, RadiusPanel, ThreadPanel } from './simple-panels';
import { ClockPanel } from './ClockPanel';
import { CornersPanel } from './CornersPanel';
import { GearPanel } from './GearPanel';
import { PointsPanel } from './PointsPanel';
import type { SourcePanelProps } from './source-panel';

/** Changes what a form is begun from. */
export function SourcePanel({ form, onClose }: Omit<SourcePanelProps, 'source'>) {
  const { source } = form.body;
  switch (source.kind) {
    case 'gear':
      return <GearPanel form={form} source={source} onClose={onClose} />;
    case 'clock':
      return <ClockPanel form={form} source={source} onClose={onClose} />;
    case 'thread':
      return <ThreadPanel form={form} source={source} onClose={onClose} />;
    case 'radius':
      return <RadiusPanel form={form} source={source} onClose={onClose} />;
    case 'chamfer':
      return <ChamferPanel form={form} source={source} onClose={onClose} />;
    case 'corners':
      return <CornersPanel form={form} source={source} onClose={onClose} />;
    case 'points':
      return <PointsPanel form={form} source={source} onClose={onClose} />;
  }
}
