import type { WeakPlace } from '@/core/metal/weak-places';
import type { DotKind, DotsProps } from './plan-types';

const KINDS: Readonly<Record<WeakPlace['state'], DotKind>> = {
  unseen: 'weak-unseen',
  sound: 'weak-sound',
  rust: 'weak-found',
  damp: 'weak-found',
  blocked: 'weak-blocked',
};

/** Weak places as marks on the plan; one whose water was found stands out until somebody has been there. */
export const weakDots = (places: readonly WeakPlace[]): DotsProps['dots'] =>
  places.map(({ zone, place, state, raisedBy }) => ({
    zone,
    ...place,
    kind: state === 'unseen' && raisedBy.length > 0 ? 'weak-raised' : KINDS[state],
  }));
