import type { MechPart, MechState } from '@/core/catalogue/mechanical';
import type { BodyOf } from '@/core/kinds';
import type { Sag } from '@/core/mechanical/model';
import { BLOCKED_WORDS } from './terms';

export const MECH_STATE_WORDS: Readonly<Record<MechState, string>> = {
  sound: 'sound',
  worn: 'worn',
  play: 'play',
  broken: 'broken',
  altered: 'altered',
  unseen: 'not seen',
};

export const MECH_GROUP_WORDS: Readonly<Record<MechPart['group'], string>> = {
  steering: 'Steering',
  suspension: 'Suspension',
  brakes: 'Brakes',
  driveline: 'Driveline',
  exhaust: 'Exhaust and fuel',
};

/** "play, left", "not seen: no lift". */
export const mechText = ({ state, why, side, note }: Pick<BodyOf<'mech'>, 'state' | 'why' | 'side' | 'note'>): string =>
  [state === 'unseen' && why ? `not seen: ${BLOCKED_WORDS[why]}` : MECH_STATE_WORDS[state], side ?? '', note]
    .filter(Boolean)
    .join(', ');

/** What the heights of the wheel arches say of the springs; empty where they say nothing. */
export const sagText = (sag: Sag): string =>
  sag === null
    ? ''
    : 'refused' in sag
      ? 'The four heights of the wheel arches lie in no plane: the floor, a tire or an arch, not a spring. Measure again elsewhere.'
      : `It stands ${sag.mm} mm lower on the ${sag.side}: springs of that side, tires, or the floor. Turned round on the same spot, the floor shows itself.`;

export const MECH_CAUTION =
  'Level hard ground, rated stands or a lift by a trained user, wheels chocked, never on a jack alone. Springs and struts hold energy. Brake dust may hold asbestos: do not blow or sand.';
