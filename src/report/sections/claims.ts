import { z } from 'zod';
import { CLAIM_WORDS_SCALE } from '@/core/balance/weigh';
import type { WeighedClaim } from '@/core/claims/model';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { balanceText, CLAIM_WORD_SAYS, CLAIM_WORD_WORDS, chanceText, ratioText, reachText } from '@/words/claims';
import { CLAIM_WORDS, term } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneWords } from '@/words/zones';
import type { Block } from '../block';
import { defineSection, type SectionView } from '../section';

const markSchema = z.object({
  /** What it is; of one that rests on something withheld nothing but that. */
  says: z.string(),
  where: z.string(),
  zone: z.string().nullable(),
  withheld: z.boolean(),
  ratio: z.number().positive(),
  counted: z.number().positive(),
});
const claimSchema = z.object({
  record: z.string(),
  word: z.enum(CLAIM_WORDS_SCALE),
  posterior: z.number().min(0).max(1),
  marks: z.array(markSchema),
  reach: z.object({ seen: z.number(), of: z.number(), unseen: z.array(z.string()) }).nullable(),
  narrow: z.boolean(),
  next: z.string(),
  paper: z.string(),
});
type SealedClaim = z.infer<typeof claimSchema>;

const sealClaim = (c: WeighedClaim): SealedClaim => ({
  record: c.record.id,
  word: c.word,
  posterior: c.posterior,
  marks: c.marks.map(({ says, where, zone, withheld, ratio, counted }) =>
    withheld
      ? { says: '', where: '', zone: null, withheld, ratio, counted }
      : { says, where, zone, withheld, ratio, counted },
  ),
  reach: c.reach && { seen: c.reach.seen, of: c.reach.of, unseen: [...c.reach.unseen] },
  narrow: c.narrow,
  next: c.next[0]?.says ?? '',
  paper: c.word === 'well-supported' ? '' : c.paper,
});

function borneOut(c: SealedClaim, kind: string, { plan }: SectionView<unknown>, wording: Wording): Block[] {
  const name = (zone: string) => (plan.zones.has(zone) ? zoneWords(zone, wording) : zone.replaceAll(/[.-]/g, ' '));
  const item = (m: SealedClaim['marks'][number]) => ({
    text: `${balanceText(m, m.zone ? name(m.zone) : '')}${m.counted === 1 ? '' : ` (${ratioText(m.counted)})`}`,
    ...(m.zone && plan.zones.has(m.zone) && { rests: { zones: [m.zone] } }),
  });
  const side = (list: SealedClaim['marks'], lead: string): Block[] =>
    list.length === 0
      ? []
      : [{ kind: 'list', style: 'bullets', items: list.map((m) => ({ lead: `${lead}: `, ...item(m) })) }];
  const byPull = (a: SealedClaim['marks'][number], b: typeof a) =>
    Math.abs(Math.log(b.counted)) - Math.abs(Math.log(a.counted));
  // What shares its cause with something named before says nothing of its own.
  const told = c.marks.filter((m) => m.counted !== 1).sort(byPull);
  const reach = reachText(c, kind, name);
  const after = [
    reach,
    c.next && c.word !== 'well-supported' && c.word !== 'contradicted' ? `Not looked at yet: ${c.next}.` : '',
    c.paper ? `Paper that would carry it: ${c.paper}.` : '',
  ].filter(Boolean);
  return [
    {
      kind: 'para',
      text: `${capital(CLAIM_WORD_WORDS[c.word])}: ${CLAIM_WORD_SAYS[c.word]}${chanceText(c)}.`,
      evidence: 'inferred',
      rests: { ids: [c.record] },
    },
    ...side(
      told.filter((m) => m.ratio < 1),
      'Against',
    ),
    ...side(
      told.filter((m) => m.ratio > 1),
      'For',
    ),
    ...(after.length > 0 ? [{ kind: 'para' as const, tone: 'soft' as const, text: after.join(' ') }] : []),
  ];
}

/** What the seller says, as said, and how far what was found bears it out. */
export const claims = defineSection({
  title: 'What the seller says, and how far it is borne out',
  sealed: { claims: z.array(claimSchema).optional() },
  blank: { claims: undefined },
  seal: ({ judgement }) => ({ claims: judgement.claims.all.map(sealClaim) }),
  blocks: (view) => {
    const { records, wording, sealed } = view;
    const all = recordsOf(records, 'claim');
    if (all.length === 0) return [];
    const own = new Map((sealed.claims ?? []).map((c) => [c.record, c]));
    return [
      {
        kind: 'para',
        tone: 'soft',
        text: 'In the seller’s words. A claim is no finding of the inspector. The word below each is reckoned from what was found, from even odds, and is no verdict.',
      },
      ...all.flatMap(({ id, body }): Block[] => {
        const c = own.get(id);
        return [
          {
            kind: 'statements',
            items: [
              {
                text: `“${body.text}”`,
                source: `${body.source}, ${term(CLAIM_WORDS, body.kind, wording.words)}`,
                evidence: 'told',
                rests: { ids: [id] },
              },
            ],
          },
          ...(c ? borneOut(c, body.kind, view, wording) : []),
        ];
      }),
    ];
  },
});
