import { Gauge } from 'lucide-react';
import { recordsOf } from '@/core/records/reduce';
import { plural } from '@/words/plural';
import { likelyText } from '@/words/report';
import { zoneName } from '@/words/zones';
import type { Chapter } from '../place';
import { Paint } from './lazy';

/** Film thickness, and what else speaks of the paint. */
export const paint: Chapter = {
  slug: 'paint',
  name: 'Paint',
  Icon: Gauge,
  Screen: Paint,
  aspects: ['paint'],
  says: ({ paint: judged, records, car }, wording) => {
    const readings = recordsOf(records, 'reading').length;
    const marks = recordsOf(records, 'mark').length;
    const thick = judged.zones
      .filter((z) => z.state?.survivor)
      .sort((a, b) => b.state!.survivor!.filled - a.state!.survivor!.filled)[0];
    const filled = thick?.state?.survivor?.filled ?? 0;
    return {
      holds: [
        readings > 0 ? plural(readings, 'reading') : 'no reading',
        ...(marks > 0 ? [`${marks} for or against factory paint`] : []),
      ].join(', '),
      loudest:
        thick && filled >= 0.5 ? `${zoneName(thick.zone, wording)}: ${likelyText(thick.state?.survivor)}` : undefined,
      cannot: ['glass-fibre', 'wood'].includes(car?.baseMetal ?? '')
        ? 'No thickness gauge reads on this body.'
        : undefined,
    };
  },
};
