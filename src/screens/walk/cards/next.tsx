import { MapPin } from 'lucide-react';
import { useJudged, useLot } from '@/ui/records/inspection';
import { whyNextText } from '@/words/paint';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** Where on this panel the next reading settles most. */
export function Next({ zone }: CardProps) {
  const { mayEdit } = useLot();
  const next = useJudged((j) => j.judgement?.paint.next.find((n) => n.zone === zone.slug));
  if (!next || !mayEdit) return null;
  return (
    <p className="flex items-start gap-2 bg-tape/40 p-3 text-sm">
      <MapPin size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
      <span>
        <strong>Measure next</strong> at the cross: {Math.round(next.uMm)} mm back, {Math.round(next.vMm)} mm{' '}
        {zone.upright ? 'up' : 'across'}. {whyNextText(next.why)}
      </span>
    </p>
  );
}

export const next: ZoneCardDefinition = { place: 80, applies: () => true, Card: Next };
