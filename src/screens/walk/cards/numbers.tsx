'use client';

import { NUMBER_PLACES, NUMBER_ZONES } from '@/core/catalogue/papers';
import { NumberForm } from '@/ui/papers/number-form';
import { RecordLine } from '@/ui/parts/record-line';
import { useLot, useRecords } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { NUMBER_PLACE_WORDS, numberText } from '@/words/papers';
import type { CardProps, ZoneCardDefinition } from '../walking';

const placesAt = (zone: string) => NUMBER_PLACES.filter((p) => NUMBER_ZONES[p].includes(zone));

/** The numbers that live at this zone: read here, while one stands before them. */
function Numbers({ zone }: CardProps) {
  const { mayEdit } = useLot();
  const places = placesAt(zone.slug);
  const own = useRecords('number', (n) => n.body.zone === zone.slug);
  const names = places.map((p) => NUMBER_PLACE_WORDS[p]).join(', ');
  return (
    <details className="border border-line" aria-label="Numbers here">
      <summary className="flex min-h-11 cursor-pointer items-center px-3 text-sm font-semibold">
        Numbers here: {own.length > 0 ? `${own.length} read` : names}
      </summary>
      <div className="grid gap-2 p-3">
        <ul>
          {own.map(({ id, body }) => (
            <RecordLine key={id} id={id} name={NUMBER_PLACE_WORDS[body.place]}>
              <strong>{capital(NUMBER_PLACE_WORDS[body.place])}</strong>:{' '}
              <span className="figure">{numberText(body)}</span>
            </RecordLine>
          ))}
        </ul>
        {mayEdit && <NumberForm places={places} />}
      </div>
    </details>
  );
}

export const numbers: ZoneCardDefinition = {
  place: 55,
  applies: (zone) => placesAt(zone.slug).length > 0,
  Card: Numbers,
};
