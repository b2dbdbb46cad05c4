import { Cog } from 'lucide-react';
import { capital } from '@/words/capital';
import { plural } from '@/words/plural';
import { gateText } from '@/words/running';
import { respelt } from '@/words/vocabulary';
import type { Chapter } from '../place';
import { Running } from './lazy';
import { RUNNING_ASPECTS } from './running-aspects';

/** Fluids, the start, the idle, leaks, the road test. */
export const running: Chapter = {
  slug: 'running',
  name: 'Running',
  Icon: Cog,
  Screen: Running,
  aspects: RUNNING_ASPECTS,
  says: ({ running: r, leaks, fluids, mechanical: { lines } }, { words }) => {
    const [source] = leaks.answer.sources;
    // An owner's no is no fault of the car.
    const below = lines.filter((l) => l.record && l.record.body.state !== 'unseen').length;
    const forbids = r.gate.forbids.filter((f) => f !== 'leave');
    return {
      lines: { seen: below, of: lines.length },
      holds: [
        fluids.all.length > 0 ? `${plural(fluids.all.length, 'fluid')} looked at` : '',
        r.starts.all.length > 0 ? plural(r.starts.all.length, 'start') : '',
        r.points.length > 0 ? `${plural(r.points.length, 'moment')} logged` : '',
        below > 0 ? `${below} of ${lines.length} parts gone over from below` : '',
        r.road?.driven ? 'driven' : '',
      ]
        .filter(Boolean)
        .join(', '),
      loudest: r.starts.doesNotRun
        ? 'It does not run'
        : forbids.length > 0
          ? respelt(gateText({ ...r.gate, forbids, no: [] }), words)
          : source && source.chance > 0.5
            ? `Leaks: ${capital(leaks.layout.get(source.place)?.name ?? source.place)}`
            : undefined,
    };
  },
};
