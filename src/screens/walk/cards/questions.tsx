import { MessageCircleQuestion } from 'lucide-react';
import { Link } from '@/ui/parts/link';
import { useLot, useRecords } from '@/ui/records/inspection';
import { useQuestions } from '@/ui/records/use-questions';
import { plural } from '@/words/plural';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** What bidders ask about the place in hand and wait for: to be looked at while one stands there. */
export function OpenQuestions({ zone }: CardProps) {
  const { facts } = useLot();
  const [list] = useQuestions(facts.lot.id);
  const here = new Set(useRecords('finding', (f) => f.body.zone === zone.slug).map((f) => f.id));
  const open = list.filter((q) => q.answer === null);
  const own = open.filter((q) => q.zone === zone.slug || (q.finding !== null && here.has(q.finding)));
  if (open.length === 0) return null;
  return (
    <section aria-label="Questions" className="grid gap-1 border-l-4 border-thread pl-3 text-sm">
      {own.map((q) => (
        <p key={q.id}>
          <strong>{q.asker || 'Somebody'} asks:</strong> “{q.text}”
        </p>
      ))}
      <Link
        className="inline-flex min-h-9 items-center gap-2 underline underline-offset-4"
        href={`/lots/${facts.lot.id}/report`}
      >
        <MessageCircleQuestion size={16} aria-hidden="true" />
        {own.length === open.length
          ? `${plural(open.length, 'question waits', 'questions wait')} for an answer`
          : `${plural(open.length - own.length, 'question waits', 'questions wait')} about other places or the car`}
      </Link>
    </section>
  );
}

export const questions: ZoneCardDefinition = { place: 15, applies: () => true, Card: OpenQuestions };
