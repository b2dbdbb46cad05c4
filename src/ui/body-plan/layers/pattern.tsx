import { memo } from 'react';
import { joinsOf } from '@/core/body/details';
import { pairedNotches } from '@/core/body/label-places';
import { pathOf } from '@/core/body/outline-path';
import type { Plan } from '@/core/body/plan';
import type { View } from '@/core/body/zone';

/** Length of a notch into its piece, mm. */
const NOTCH_MM = 26;

/** What joins the pieces of a view: axles, drawn over them. */
export const JoinsLayer = memo(function JoinsLayer({ plan, view }: { plan: Plan; view: View }) {
  return (
    <g pointerEvents="none" aria-hidden="true" fill="var(--card)" stroke="var(--cut)" strokeWidth="6">
      {joinsOf(plan, view).map((s, i) => (
        <path key={i} d={pathOf(s.points, s.closed)} {...(s.dashed && { strokeDasharray: '18 14', fill: 'none' })} />
      ))}
    </g>
  );
});

/** Fold lines and paired notches, as a cutter marks a pattern; drawn over the pieces. */
export const PatternLayer = memo(function PatternLayer({ plan, view }: { plan: Plan; view: View }) {
  return (
    <g pointerEvents="none" aria-hidden="true" fill="none" stroke="var(--cut)">
      {view === 'outside' &&
        plan.folds.map((fold, i) => (
          <path key={i} d={pathOf(fold, false)} strokeWidth="5" strokeDasharray="26 22" opacity="0.7" />
        ))}
      <path
        d={pairedNotches(plan, view, NOTCH_MM)
          .map(([a, b]) => `M${a[0].toFixed(0)} ${a[1].toFixed(0)}L${b[0].toFixed(0)} ${b[1].toFixed(0)}`)
          .join('')}
        strokeWidth="7"
      />
    </g>
  );
});
