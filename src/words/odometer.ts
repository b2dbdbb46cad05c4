import type { OdometerReading, OdometerWhy } from '@/core/odometer/histories';
import { dayText } from './dates';

const at = (r: OdometerReading) => `${r.value.toLocaleString('en-GB')} on ${dayText(r.on)}`;

/** Why a distance is supported or not, and what would settle it. */
export function odometerWhy(w: OdometerWhy, unit: 'km' | 'mi'): string {
  switch (w.what) {
    case 'no-readings':
      return 'no reading with its day is on record';
    case 'falls':
      return `it falls from ${at(w.from)} to ${at(w.to)}, and cannot have gone round in that time`;
    case 'too-far':
      return `from ${at(w.from)} to ${at(w.to)} is further than any car is driven in that time`;
    case 'no-history-fits':
      return `every history comes to ${w.least.toLocaleString('en-GB')} ${unit} or more`;
    case 'may-have-gone-round':
      return w.from
        ? `between ${dayText(w.from.on)} and ${dayText(w.to.on)} it may have gone round unseen: a reading between would settle it`
        : `before ${dayText(w.to.on)} it may have gone round unseen: an earlier reading would settle it`;
    case 'few-readings':
      return `${w.n} of ${w.need} readings that make a chain`;
    case 'changed':
      return `the odometer was changed or set on ${dayText(w.at.on)}: what was run just before is not known`;
    case 'before-the-first':
      return 'nothing is told of the time before the first reading';
    case 'chain':
      return `a chain of ${w.n} readings that never falls`;
  }
}
