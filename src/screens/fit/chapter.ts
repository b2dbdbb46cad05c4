import { DoorOpen } from 'lucide-react';
import { worstFirst } from '@/core/fit/seams';
import { FIT_VERDICT_WORDS, seamName } from '@/words/fit';
import { plural } from '@/words/plural';
import { zoneName } from '@/words/zones';
import type { Chapter } from '../place';
import { Fit } from './lazy';

const BAD = ['reshape', 'beyond-slots', 'partly', 'adjust'];

/** How the panels meet, hang and lie. */
export const fit: Chapter = {
  slug: 'fit',
  name: 'Fit',
  Icon: DoorOpen,
  Screen: Fit,
  aspects: ['fit', 'shape'],
  says: ({ fit: judged }, wording) => {
    const verdicts = judged.panels.flatMap((p) => (p.fit.ok ? [{ zone: p.zone, verdict: p.fit.verdict }] : []));
    const bad = verdicts
      .filter((v) => BAD.includes(v.verdict))
      .sort((a, b) => BAD.indexOf(a.verdict) - BAD.indexOf(b.verdict))[0];
    const seam = worstFirst(judged.seams).find((s) => s.within !== null && s.within < 0.5);
    return {
      holds: judged.seams.length > 0 ? `${plural(judged.seams.length, 'seam')} measured` : 'no seam measured',
      loudest: bad
        ? `${zoneName(bad.zone, wording)} ${FIT_VERDICT_WORDS[bad.verdict]}`
        : seam && `${seamName(seam.seam, wording)}: ${Math.round(100 * seam.within!)} % within tolerance`,
    };
  },
};
