import type { Aspect, Zone } from '../body/zone';

/** The nine ways in which a car is good or bad, in the order in which they are told. */
export const AXES = [
  'finish',
  'fit',
  'brightwork',
  'metal',
  'glass-soft',
  'cabin',
  'running',
  'underside',
  'authenticity',
] as const;
export type Axis = (typeof AXES)[number];

/** Which axis an aspect feeds; metal that is looked at from below feeds another one. */
const AXIS_OF: Readonly<Record<Aspect, { readonly axis: Axis; readonly underneath?: Axis }>> = {
  paint: { axis: 'finish' },
  shape: { axis: 'fit' },
  fit: { axis: 'fit' },
  brightwork: { axis: 'brightwork' },
  corrosion: { axis: 'metal', underneath: 'underside' },
  structure: { axis: 'metal', underneath: 'underside' },
  glass: { axis: 'glass-soft' },
  rubber: { axis: 'glass-soft' },
  tire: { axis: 'running' },
  trim: { axis: 'cabin' },
  function: { axis: 'running' },
  leaks: { axis: 'running' },
  identity: { axis: 'authenticity' },
};

/** Which axis a zone × aspect feeds. */
export function axisOf({ aspect, zone }: { readonly aspect: Aspect; readonly zone: Pick<Zone, 'view'> }): Axis {
  const { axis, underneath } = AXIS_OF[aspect];
  return zone.view === 'underneath' ? (underneath ?? axis) : axis;
}
