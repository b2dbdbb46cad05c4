import { AudioLines } from 'lucide-react';
import type { Chapter } from '../place';
import { Talk } from './lazy';

/** What was said while walking round the car, sorted into records. */
export const talk: Chapter = {
  slug: 'talk',
  name: 'Talk',
  Icon: AudioLines,
  Screen: Talk,
  aspects: [],
  Preview: TalkPreview,
  says: () => ({ holds: 'what was said while walking round, from captions or pasted, sorted into records' }),
};

function TalkPreview() {
  return (
    <div className="grid h-full place-items-center" aria-hidden="true">
      <AudioLines size={44} className="text-thread" strokeWidth={1.5} />
    </div>
  );
}
