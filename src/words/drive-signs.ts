import type { Order, Sign, SignPlace, SignWith } from '@/core/catalogue/drive-signs';
import type { BodyOf } from '@/core/kinds';
import type { LikelySource, SignReason } from '@/core/running/drive-signs';
import { MECH_STATE_WORDS } from './mechanical';
import { TIRE_FAULT_WORDS } from './wheels';

export const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  vibration: 'vibration',
  whine: 'whine',
  rumble: 'rumble',
  click: 'clicking',
  clunk: 'clunk',
  squeal: 'squeal',
  roar: 'roar',
};
export const SIGN_PLACE_WORDS: Readonly<Record<SignPlace, string>> = {
  'steering-wheel': 'in the steering wheel',
  seat: 'in the seat',
  floor: 'in the floor',
  pedal: 'in the brake pedal',
  front: 'from the front',
  rear: 'from the rear',
};
export const SIGN_WITH_WORDS: Readonly<Record<SignWith, string>> = {
  pulling: 'pulling',
  coasting: 'coasting',
  'turning-left': 'turning left',
  'turning-right': 'turning right',
  braking: 'braking',
  bumps: 'over bumps',
};
export const SIGN_COAST_WORDS = { stays: 'stays out of gear', goes: 'goes out of gear' } as const;
const ORDER_WORDS: Readonly<Record<Order, string>> = {
  wheel: 'once a turn of the wheel',
  'wheel-twice': 'twice a turn of the wheel',
  shaft: 'once a turn of the shaft',
  'shaft-twice': 'twice a turn of the shaft',
};

type Felt = BodyOf<'road'>['felt'][number];

function speedText({ fromKmh, toKmh }: Felt): string {
  if (fromKmh !== null && toKmh !== null) return `${fromKmh} to ${toKmh} km/h`;
  if (fromKmh !== null) return `from ${fromKmh} km/h`;
  return toKmh === null ? '' : `up to ${toKmh} km/h`;
}

/** "vibration in the seat, 70 to 90 km/h, pulling, stays out of gear". */
export const feltText = (f: Felt): string =>
  [
    [SIGN_WORDS[f.what], f.at ? SIGN_PLACE_WORDS[f.at] : ''].filter(Boolean).join(' '),
    speedText(f),
    ...f.withs.map((w) => SIGN_WITH_WORDS[w]),
    f.coasts ? SIGN_COAST_WORDS[f.coasts] : '',
    f.hz === null ? '' : `${f.hz} a second`,
    f.note,
  ]
    .filter(Boolean)
    .join(', ');

const reasonText = (r: SignReason, part: (id: string) => string): string => {
  switch (r.what) {
    case 'kind':
      return 'it sounds so';
    case 'place':
      return SIGN_PLACE_WORDS[r.place];
    case 'with':
      return SIGN_WITH_WORDS[r.with];
    case 'stays':
    case 'goes':
      return SIGN_COAST_WORDS[r.what];
    case 'order':
      return `as often as ${ORDER_WORDS[r.order]} (a wheel turns ${r.expectedHz.toFixed(1)} times a second there)`;
    case 'part':
      return `${part(r.part)}: ${MECH_STATE_WORDS[r.state]}`;
    case 'tire':
      return `a tire: ${TIRE_FAULT_WORDS[r.fault]}`;
  }
};

/** "the propeller shaft: bent …; in the floor; stays out of gear". */
export const signWhy = (s: LikelySource, part: (id: string) => string): string =>
  s.why.map((r) => reasonText(r, part)).join('; ');
export const signName = (s: Pick<LikelySource, 'name' | 'side'>): string => s.name + (s.side ? `, ${s.side}` : '');

export const SIGNS_SAY =
  'A guess by what is usual for such a sign, inferred and not found. It says where to look. A vibration or noise that grows ends the drive.';
