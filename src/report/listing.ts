import { isCarried, isDenied } from '@/core/balance/weigh';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { wasTried } from '@/core/catalogue/functions';
import { foundOf } from '@/core/functions/model';
import type { Grade } from '@/core/grade/grade';
import type { Judgement } from '@/core/judge/judge';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { countedName } from '@/words/flaws';
import { triedOfText } from '@/words/functions';
import { bandInProse, gradeFigures, rankIsSaid } from '@/words/grade';
import { jobName, offeredText } from '@/words/offers';
import { plural } from '@/words/plural';
import { STYLE_WORDS, term, VIEW_WORDS } from '@/words/terms';
import { pick, type Wording } from '@/words/vocabulary';
import { zoneWords } from '@/words/zones';
import type { MattersFor } from './matters';
import { whatItIs } from './what-it-is';

/** A sentence of a listing, and what of the report it rests on. */
export interface ListingSentence {
  readonly text: string;
  /** A section of the report, or a finding of it by its record. */
  readonly about: { readonly section: string } | { readonly finding: string };
}
export interface WrittenListing {
  readonly short: readonly ListingSentence[];
  /** Paragraphs of sentences. */
  readonly long: readonly (readonly ListingSentence[])[];
}

export interface ListingFrom {
  readonly judgement: Judgement;
  readonly grade: Grade;
  /** The findings that matter most, as the report has them. */
  readonly matters: readonly { readonly finding: string; readonly why: readonly MattersFor[] }[];
  readonly bandFromSeen: number | undefined;
  readonly wording: Wording;
}

const in_ = (section: string, text: string): ListingSentence => ({ text, about: { section } });
const SHORT_FAULTS = 2;
const AGAINST_SAYS = {
  contradicted: 'what was found speaks against it',
  doubtful: 'what was found makes it doubtful',
} as const;

function whatSentences({ judgement: { car, records }, wording }: ListingFrom): ListingSentence[] {
  const c = car!;
  const style = STYLE_WORDS[c.style] ? pick(STYLE_WORDS[c.style]!, wording.words) : '';
  const name = [c.year, c.make, c.model].filter(Boolean).join(' ');
  const runs = whatItIs(c, records, wording).find(([n]) => n === 'Runs')?.[1] ?? '';
  return [
    in_('summary', `${capital([name, style, c.colour].filter(Boolean).join(', '))}.`),
    in_('summary', `The wheel is on the ${c.steering}.`),
    ...(c.odometer
      ? [
          in_(
            'claims',
            `The odometer shows ${c.odometer.value.toLocaleString('en-GB')} ${c.odometer.unit}; what its readings bear out stands in the report.`,
          ),
        ]
      : []),
    in_('summary', `${capital(runs)}.`),
  ];
}

function gradeSentences({ judgement, grade, bandFromSeen }: ListingFrom): ListingSentence[] {
  const [whole] = grade.whole;
  const { seen } = judgement.coverage.whole;
  if (!whole || judgement.coverage.whole.cells === 0) return [];
  const figures = `${gradeFigures(whole.grade)} of 100 with originality first`;
  const share = `${Math.round(seen * 100)} % of all places`;
  return [
    in_(
      'summary',
      rankIsSaid(seen, bandFromSeen ?? 0)
        ? `As it stands ${bandInProse([...whole.bands], seen)}, ${figures}; ${share} were seen.`
        : `As it stands ${figures}; ${share} were seen, too little for a word.`,
    ),
  ];
}

/** What is wrong: it is in every listing, the gravest first. */
function faultSentences({ judgement, matters, wording }: ListingFrom, most: number): ListingSentence[] {
  const all = recordsOf(judgement.records, 'finding');
  const open = new Map(all.flatMap((f) => (f.body.withheld ? [] : [[f.id, f.body] as const])));
  const withheld = all.length - open.size;
  const told = matters.flatMap(({ finding }) => {
    const body = open.get(finding);
    return body ? [{ finding, body }] : [];
  });
  const rest = open.size - Math.min(most, told.length);
  return [
    ...told.slice(0, most).map(({ finding, body }) => ({
      text: `${capital(zoneWords(body.zone, wording))}: ${countedName(body, wording.words)}${body.evidence === 'seen' ? '' : ` (${body.evidence})`}.`,
      about: { finding },
    })),
    ...(withheld > 0
      ? [
          in_(
            'findings',
            `${plural(withheld, 'finding')} withheld, of which the report gives the number and the reason.`,
          ),
        ]
      : []),
    ...(all.length === 0
      ? [in_('findings', 'Nothing was found in what was looked at.')]
      : rest > 0
        ? [
            in_(
              'findings',
              `${plural(rest, told.length > 0 ? 'further finding' : 'finding')}, each with its place in the report.`,
            ),
          ]
        : []),
  ];
}

function claimSentences({ judgement: { claims } }: ListingFrom): ListingSentence[] {
  return claims.all.flatMap((c) => {
    const text = c.record.body.text.trim().replace(/[.!]+$/, '');
    if (isCarried(c.word))
      return [
        in_(
          'claims',
          `The seller says “${text}”: what was found supports it${c.narrow ? ' as far as was looked' : ''}.`,
        ),
      ];
    if (isDenied(c.word))
      return [in_('claims', `The seller says “${text}”: ${AGAINST_SAYS[c.word as keyof typeof AGAINST_SAYS]}.`)];
    return [];
  });
}

/** What a chapter did not find, only as wide as it was looked for. */
function soundSentences({ judgement, wording }: ListingFrom): ListingSentence[] {
  const { coverage, findings } = judgement;
  const share = (aspect: string) => {
    const own = coverage.cells.filter((c) => c.aspect === aspect);
    const seen = own.filter((c) => c.status !== 'unseen' && c.status !== 'blocked').length;
    return own.length === 0 ? 0 : seen / own.length;
  };
  const shown = recordsOf(judgement.records, 'finding');
  const metal = shown.some((f) => flawById(f.body.flaw).family === 'metal') || findings.structural.length > 0;
  const seenMetal = share('corrosion');
  const works = judgement.functions;
  const tried = works.asked.flatMap((l) => foundOf(works, l) ?? []);
  return [
    ...(!metal && seenMetal > 0.5
      ? [
          in_(
            'metal',
            `No rust was found where it was looked for: ${Math.round(seenMetal * 100)} % of the places that can have it.`,
          ),
        ]
      : []),
    ...(tried.some(wasTried) ? [in_('running', `${triedOfText(works.asked.length, tried)}.`)] : []),
    ...unseenSentence(judgement, wording),
  ];
}

function unseenSentence({ coverage, plan }: Judgement, wording: Wording): ListingSentence[] {
  const views = new Map<string, [seen: number, all: number]>();
  for (const c of coverage.cells) {
    const held = views.get(plan.zones.get(c.zone.slug)!.view) ?? [0, 0];
    views.set(c.zone.view, [held[0] + Number(c.status !== 'unseen' && c.status !== 'blocked'), held[1] + 1]);
  }
  const parts = [...views].flatMap(([view, [seen, all]]) =>
    seen === all
      ? []
      : [
          `${term(VIEW_WORDS, view as keyof typeof VIEW_WORDS, wording.words)} ${seen === 0 ? 'not at all' : `${Math.floor((100 * seen) / all)} %`}`,
        ],
  );
  return parts.length === 0
    ? [in_('notSeen', 'Every place on the plan was looked at.')]
    : [in_('notSeen', `Seen in part: ${parts.join(', ')}. What was not seen does not count as good.`)];
}

function offerSentences({ judgement: { records }, wording }: ListingFrom): ListingSentence[] {
  return recordsOf(records, 'offer').map(({ body }) =>
    in_(
      'promised',
      `${body.sort === 'allowance' ? 'The house allows' : 'The house promises'}: ${jobName(body, wording)}, ${offeredText(body)}.`,
    ),
  );
}

/**
 * A listing written from what is on record, short and long: what the car is, its grade, what is wrong with it, what of the
 * seller's words is borne out and what is not, what was not found as wide as it was looked for, what was not seen, what the
 * house offers. Nothing withheld is named, and no sentence is wider than its evidence. Null for a car without a plan.
 */
export function writeListing(from: ListingFrom): WrittenListing {
  const what = whatSentences(from);
  const graded = gradeSentences(from);
  return {
    short: [what[0]!, ...graded, ...faultSentences(from, SHORT_FAULTS)],
    long: [
      [...what, ...graded],
      faultSentences(from, Number.POSITIVE_INFINITY),
      claimSentences(from),
      soundSentences(from),
      offerSentences(from),
    ].filter((p) => p.length > 0),
  };
}

/** Sentences as one text. */
export const textOf = (sentences: readonly ListingSentence[]): string => sentences.map((s) => s.text).join(' ');
