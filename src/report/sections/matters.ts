import { z } from 'zod';
import { CLAIM_WORDS_SCALE } from '@/core/balance/weigh';
import type { View as PlanView } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { CLAIM_WORD_WORDS } from '@/words/claims';
import { countedName } from '@/words/flaws';
import { plural } from '@/words/plural';
import { viewPlaces } from '@/words/terms';
import { zoneWords } from '@/words/zones';
import type { Block } from '../block';
import { MATTERS_FOR, type MattersFor, numbersOf } from '../matters';
import { mattersOf } from '../matters-of';
import { pictureRow } from '../picture-row';
import { defineSection, type SectionView, type ToSeal } from '../section';
import { notSeenPart } from './not-seen';

const mattersPart = {
  matters: z
    .object({
      findings: z.array(z.object({ finding: z.string(), why: z.array(z.enum(MATTERS_FOR)) })),
      /** Claims of the seller that what was found speaks against. */
      against: z.array(z.object({ record: z.string(), word: z.enum(CLAIM_WORDS_SCALE) })),
    })
    .optional(),
};
type View = SectionView<{
  matters?: z.infer<(typeof mattersPart)['matters']>;
  notSeen: z.infer<(typeof notSeenPart)['notSeen']>;
}>;

const WHY_WORDS: Readonly<Record<MattersFor, string>> = {
  ends: 'the car cannot be used with it',
  carries: 'the part carries the car',
  grade: 'among what costs the grade most',
  money: 'among what takes most to put right',
};
const SPEAK_AGAINST: ReadonlySet<string> = new Set(['contradicted', 'doubtful']);

const seal = (from: ToSeal) => ({
  matters: {
    findings: mattersOf(from).map((m) => ({ finding: m.finding, why: [...m.why] })),
    against: from.judgement.claims.all
      .filter((c) => SPEAK_AGAINST.has(c.word))
      .map((c) => ({ record: c.record.id, word: c.word })),
  },
});

function findingsOf({ sealed, findings, records, wording, plan }: View): Block[] {
  const numbered = numbersOf(findings);
  const photos = recordsOf(records, 'photo');
  const items = (sealed.matters?.findings ?? []).flatMap(({ finding, why }) => {
    const f = numbered.get(finding);
    if (!f) return [];
    const { body } = f.record;
    const picture = photos.find((p) => p.body.finding === finding);
    return [
      {
        number: f.number,
        title: capital(`${countedName(body, wording.words)}, ${zoneWords(body.zone, wording)}`),
        text: `${capital(why.map((w) => WHY_WORDS[w]).join('; '))}.${body.note ? ` ${body.note}` : ''}`,
        evidence: body.evidence,
        family: flawById(body.flaw).family,
        severity: severity(body),
        zone: plan.zones.has(body.zone) ? body.zone : null,
        picture: picture ? pictureRow(picture, null, wording) : null,
      },
    ];
  });
  return items.length === 0
    ? [
        {
          kind: 'para',
          text: 'Nothing that was found does much to the grade or to the purse. All findings stand below.',
        },
      ]
    : [{ kind: 'matters', items }];
}

function againstOf({ sealed, records }: View): Block[] {
  const claims = new Map(recordsOf(records, 'claim').map((c) => [c.id, c.body]));
  const items = (sealed.matters?.against ?? []).flatMap(({ record, word }) => {
    const claim = claims.get(record);
    return claim
      ? [
          {
            rests: { ids: [record] },
            lead: `“${claim.text}”:`,
            text: `${CLAIM_WORD_WORDS[word]}. It is weighed under “Claims”.`,
          },
        ]
      : [];
  });
  return items.length === 0
    ? []
    : [
        { kind: 'heading', text: 'What the seller says and the car does not' },
        { kind: 'list', style: 'bullets', items },
      ];
}

/** In one sentence, what nobody saw, by the parts of the car: a bidder reads it before anything else. */
function unseenOf({ sealed: { notSeen }, plan, wording }: View): Block[] {
  const zones = new Map<string, Set<string>>();
  for (const { zone } of notSeen) {
    const view = plan.zones.get(zone)?.view;
    if (view) zones.set(view, (zones.get(view) ?? new Set()).add(zone));
  }
  const all = new Map<string, number>();
  for (const z of plan.zones.values()) all.set(z.view, (all.get(z.view) ?? 0) + 1);
  const parts = [...zones]
    .sort((a, b) => b[1].size - a[1].size)
    .map(([view, own]) => {
      const { whole, part } = viewPlaces(view as PlanView, wording.words);
      return own.size === all.get(view) ? whole : `${plural(own.size, 'place')} of ${all.get(view)} ${part}`;
    });
  return [
    {
      kind: 'box',
      title: parts.length === 0 ? 'Every place was looked at' : 'Not seen, in whole or in part',
      text:
        parts.length === 0
          ? 'Nothing on the plan was left out.'
          : `${capital(parts.join('; '))}. Nothing unseen counts as good; each place stands below with its reason.`,
    },
  ];
}

/** What matters most to whoever buys this car: five findings at most, what the car says against its seller, what nobody saw. */
export const matters = defineSection({
  title: 'What matters most',
  sealed: mattersPart,
  blank: { matters: undefined },
  uses: notSeenPart,
  seal,
  blocks: (view) => (view.sealed.matters ? [...findingsOf(view), ...againstOf(view), ...unseenOf(view)] : []),
});
