import type { ListingSentence, WrittenListing } from '@/report/listing';
import { SECTIONS } from '@/report/sections';
import { Link } from '@/ui/parts/link';
import { useLot } from '@/ui/records/inspection';

/** Where a sentence comes from, in a word. */
const sourceOf = ({ about }: ListingSentence): string =>
  'finding' in about ? 'finding' : (SECTIONS[about.section as keyof typeof SECTIONS]?.title ?? about.section);

/** What the program writes from the records, each sentence with what it rests on. */
export function WrittenFrom({ written }: { written: WrittenListing }) {
  const { facts } = useLot();
  return (
    <details className="sheet p-4">
      <summary className="min-h-9 content-center font-semibold">What each sentence rests on</summary>
      <ul className="text-sm">
        {written.long.flat().map((s, i) => (
          <li key={i} className="flex justify-between gap-3 border-t border-line py-1">
            <span>{s.text}</span>
            <Link className="shrink-0 underline underline-offset-4" href={`/lots/${facts.lot.id}/report`}>
              {sourceOf(s)}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}
