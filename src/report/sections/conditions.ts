import { recordsOf } from '@/core/records/reduce';
import { carFacts, visitText } from '@/words/report';
import { defineSection, SEALS_NOTHING } from '../section';

/** Under what conditions and with which instruments the car was looked at. */
export const conditions = defineSection({
  ...SEALS_NOTHING,
  title: 'Conditions and instruments',
  blocks: ({ records, car, wording, timeZone }) => [
    ...recordsOf(records, 'visit').map(({ body }) => ({ kind: 'para' as const, text: visitText(body, timeZone) })),
    { kind: 'facts', rows: carFacts(car, wording, records) },
  ],
});
