import { Hammer } from 'lucide-react';
import { plural } from '@/words/plural';
import { zoneName } from '@/words/zones';
import type { Chapter } from '../place';
import { Metal } from './lazy';
import { METAL_ASPECTS } from './metal-aspects';

/** Where it rusts, and what carries the car. */
export const metal: Chapter = {
  slug: 'metal',
  name: 'Metal',
  Icon: Hammer,
  Screen: Metal,
  aspects: METAL_ASPECTS,
  says: ({ metal: judged, findings }, wording) => {
    const open = judged.places.filter((p) => p.state === 'unseen').length;
    const [raised] = judged.next.filter((p) => p.raisedBy.length > 0);
    const [lost] = findings.structural;
    return {
      holds: [
        judged.spots.length > 0 ? `${plural(judged.spots.length, 'spot')} tested` : '',
        open > 0 ? `${plural(open, 'weak spot')} not looked at` : '',
      ]
        .filter(Boolean)
        .join(', '),
      loudest: lost
        ? `Structural loss: ${zoneName(lost.body.zone, wording)}`
        : raised
          ? `Look next: ${zoneName(raised.zone, wording)}, ${raised.where}`
          : undefined,
    };
  },
};
