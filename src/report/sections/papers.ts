import { z } from 'zod';
import type { JudgedIdentity } from '@/core/identity/model';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { alongName } from '@/words/along';
import { capital } from '@/words/capital';
import { checkDigitText, engineText, lookAlikeText } from '@/words/chassis';
import { BUILT_BY_WORDS, datedText, daysText } from '@/words/date-fits';
import { odometerWhy } from '@/words/odometer';
import {
  keeperText,
  NUMBER_PLACE_WORDS,
  numberText,
  paperText,
  partName,
  partText,
  restoredText,
} from '@/words/papers';
import type { Wording } from '@/words/vocabulary';
import type { Block, ListItem } from '../block';
import { pictureRow } from '../picture-row';
import { defineSection } from '../section';

/** Sealed as it was said: schemes, forms and limits may change. */
const identitySchema = z.object({
  decoded: z.array(z.object({ name: z.string(), text: z.string(), means: z.string(), fits: z.boolean() })),
  checkDigit: z.string(),
  engine: z.string(),
  built: z.string(),
  numbers: z.array(z.object({ record: z.string(), says: z.string() })),
  dates: z.array(z.object({ record: z.string(), name: z.string(), says: z.string() })),
  odometer: z.string(),
  keptGaps: z.array(z.object({ record: z.string(), years: z.number() })),
});
type SealedIdentity = z.infer<typeof identitySchema>;

const DAYS_PER_YEAR = 365;

function seal(j: JudgedIdentity): SealedIdentity {
  return {
    decoded: (j.decoded?.fields ?? []).map(({ name, text, means, fits }) => ({ name, text, means, fits })),
    checkDigit: j.chassis17 ? checkDigitText(j.chassis17.checkDigit) : '',
    engine: [j.engineNumber && `Engine ${j.engineNumber}.`, engineText(j.engine)].filter(Boolean).join(' '),
    built: j.built ? `${daysText(j.built)}, ${BUILT_BY_WORDS[j.built.by]}` : '',
    numbers: j.numbers.map(({ record, against, compared }) => ({
      record: record.id,
      says: !compared
        ? ''
        : compared.same
          ? 'the same as the chassis number'
          : compared.ask.length > 0
            ? `to be looked at again: ${lookAlikeText(compared)}`
            : `differs from the chassis number ${against}`,
    })),
    dates: j.dates.map((d) => ({ record: d.record.id, name: d.name, says: datedText(d) })),
    odometer: j.odometer
      ? `${j.odometer.status}: ${j.odometer.why.map((w) => odometerWhy(w, j.odometer!.unit)).join('; ')}`
      : '',
    keptGaps: j.kept.map((k) => ({ record: k.record.id, years: Math.round(k.gapDays / DAYS_PER_YEAR) })),
  };
}

const bullets = (items: readonly ListItem[]): Block[] =>
  items.length === 0 ? [] : [{ kind: 'list', style: 'bullets', items }];

function numberBlocks(s: SealedIdentity, records: readonly AnyRecord[], wording: Wording): Block[] {
  const numbers = recordsOf(records, 'number');
  if (numbers.length === 0 && s.decoded.length === 0) return [];
  const says = new Map(s.numbers.map((n) => [n.record, n.says]));
  const names = new Map(numbers.map((n) => [n.id, NUMBER_PLACE_WORDS[n.body.place]]));
  const pictures = recordsOf(records, 'photo').flatMap((p) => {
    const name = names.get(p.body.finding ?? '');
    return name ? [{ ...pictureRow(p, null, wording), lead: `${capital(name)}. ` }] : [];
  });
  return [
    // A number that is only stated was seen by nobody.
    numbers.length > 0
      ? { kind: 'heading', text: 'Numbers', evidence: 'seen', rests: { kinds: ['number'] } }
      : { kind: 'heading', text: 'The number as stated', evidence: 'told', rests: { kinds: ['car'] } },
    ...(s.decoded.length > 0
      ? [
          {
            kind: 'table' as const,
            label: 'The chassis number, field by field',
            columns: [{ name: 'Field' }, { name: 'Reads', figures: true }, { name: 'Means', wide: true }],
            rows: s.decoded.map((f) => [
              { text: capital(f.name) },
              { text: f.text },
              { text: f.fits ? f.means : `${f.means}: cannot be` },
            ]),
          },
        ]
      : []),
    ...[s.checkDigit, s.engine].filter(Boolean).map((text) => ({ kind: 'para' as const, text })),
    ...bullets(
      numbers.map(({ id, body }) => ({
        lead: `${capital(NUMBER_PLACE_WORDS[body.place])}: `,
        rests: { ids: [id] },
        text: `${[numberText(body), says.get(id)].filter(Boolean).join('; ')}.`,
      })),
    ),
    ...(pictures.length > 0 ? [{ kind: 'pictures' as const, pictures }] : []),
  ];
}

function dateBlocks(s: SealedIdentity, records: readonly AnyRecord[]): Block[] {
  const codes = new Map(recordsOf(records, 'dated').map((d) => [d.id, d.body.code]));
  const rows = s.dates.filter((d) => codes.has(d.record));
  if (rows.length === 0) return [];
  return [
    { kind: 'heading', text: 'Dates of parts', evidence: 'seen', rests: { kinds: ['dated'] } },
    ...(s.built ? [{ kind: 'para' as const, text: `Built ${s.built}.` }] : []),
    {
      kind: 'table',
      label: 'Dates of parts beside the day of building',
      columns: [{ name: 'Part' }, { name: 'Code', figures: true }, { name: 'Says', wide: true }],
      rows: rows.map((d) => [
        { text: capital(d.name), rests: { ids: [d.record] } },
        { text: codes.get(d.record) || 'a day' },
        { text: capital(d.says) },
      ]),
    },
  ];
}

function pastBlocks(s: SealedIdentity, records: readonly AnyRecord[]): Block[] {
  const keepers = new Map(recordsOf(records, 'keeper').map((k) => [k.id, k.body]));
  const papers = [...recordsOf(records, 'paper')].sort((a, b) => (a.body.on ?? '9').localeCompare(b.body.on ?? '9'));
  const kept = s.keptGaps.flatMap(({ record, years }) => {
    const body = keepers.get(record);
    return body
      ? [
          {
            rests: { ids: [record] },
            text: `${years > 0 ? `After ${years} years of which nobody tells: ` : ''}${keeperText(body)}.`,
          },
        ]
      : [];
  });
  if (kept.length === 0 && papers.length === 0) return [];
  return [
    { kind: 'heading', text: 'Past and papers' },
    ...(s.odometer ? [{ kind: 'para' as const, text: `The distance that is shown is ${s.odometer}.` }] : []),
    ...bullets(kept.map((k) => ({ ...k, text: capital(k.text) }))),
    ...(papers.length > 0
      ? [
          {
            kind: 'folded' as const,
            title: `Papers: ${papers.length}`,
            blocks: bullets(
              papers.map(({ id, body }) => ({ text: `${capital(paperText(body))}.`, rests: { ids: [id] } })),
            ),
          },
        ]
      : []),
  ];
}

function partBlocks(records: readonly AnyRecord[], { words }: Wording): Block[] {
  const parts = recordsOf(records, 'part');
  const works = recordsOf(records, 'restored');
  return [
    ...(parts.length > 0
      ? [
          {
            kind: 'heading' as const,
            text: 'Parts and what was added',
            evidence: 'seen' as const,
            rests: { kinds: ['part'] as const },
          },
          ...bullets(
            parts.map(({ id, body }) => ({
              lead: `${capital(partName(body, words))}: `,
              text: `${partText(body)}.`,
              rests: { ids: [id] },
            })),
          ),
        ]
      : []),
    ...(works.length > 0
      ? [
          { kind: 'heading' as const, text: 'Restored' },
          {
            kind: 'statements' as const,
            items: works.map(({ id, body }) => ({
              rests: { ids: [id] },
              text: `${capital(restoredText(body))}.`,
              source: '',
              evidence: body.evidence,
            })),
          },
        ]
      : []),
  ];
}

/** What is with the car, and what was looked for and is not; of the rest nothing is said. */
function alongBlocks(records: readonly AnyRecord[], { words }: Wording): Block[] {
  const all = recordsOf(records, 'along');
  if (all.length === 0) return [];
  const items = (there: boolean) =>
    all
      .filter((r) => r.body.there === there)
      .map(({ id, body }) => ({
        rests: { ids: [id] },
        text: `${[capital(alongName(body.thing, words)), body.note].filter(Boolean).join(', ')}.`,
        source: '',
        evidence: body.evidence,
      }));
  const [there, not] = [items(true), items(false)];
  return [
    { kind: 'heading', text: 'Comes with it', rests: { kinds: ['along'] } },
    ...(there.length > 0 ? [{ kind: 'statements' as const, items: there }] : []),
    ...(not.length > 0
      ? [
          { kind: 'para' as const, text: 'Looked for, and not there:' },
          { kind: 'statements' as const, items: not },
        ]
      : []),
  ];
}

/** Who the car is: its numbers, dates, past and parts, and what comes with it. */
export const papers = defineSection({
  title: 'Identity and papers',
  sealed: { identity: identitySchema.optional() },
  blank: { identity: undefined },
  seal: ({ judgement }) => ({ identity: seal(judgement.identity) }),
  blocks: ({ sealed: { identity }, records, wording }) =>
    identity
      ? [
          ...numberBlocks(identity, records, wording),
          ...dateBlocks(identity, records),
          ...pastBlocks(identity, records),
          ...alongBlocks(records, wording),
          ...partBlocks(records, wording),
        ]
      : [],
});
