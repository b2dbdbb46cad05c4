import { z } from 'zod';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { CONSTRUCTIONS } from '@/core/catalogue/weak-spots';
import type { AnyRecord } from '@/core/kinds';
import { BLOCKED_BY } from '@/core/kinds/look';
import { BAY_IDS, bayStates } from '@/core/metal/bays';
import { STORAGES } from '@/core/metal/exposure-table';
import { forecast } from '@/core/metal/forecast';
import { SPOT_STATES } from '@/core/metal/spot-table';
import { isHoled } from '@/core/metal/wasting';
import { weakPlaces } from '@/core/metal/weak-places';
import { recordsOf } from '@/core/records/reduce';
import { bayName, bayText } from '@/words/bays';
import { capital } from '@/words/capital';
import {
  BUILD_WORDS,
  FORECAST_SAYS,
  holeText,
  SPOT_MEANS,
  SPOT_STATE_WORDS,
  TEST_WORDS,
  weakText,
  yearsText,
} from '@/words/metal';
import { plural } from '@/words/plural';
import { rustText, SHARE_CAUTION } from '@/words/shares';
import { STORAGE_WORDS, STORAGES_SHOWN } from '@/words/storage';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import type { Block, Cell } from '../block';
import type { NumberedFinding } from '../numbered';
import { defineSection, type ToSeal } from '../section';
import { sharePictures } from '../share-picture';

const years = z.object({ p10: z.number().nullable(), p50: z.number().nullable(), p90: z.number().nullable() });
const metalPart = z.object({
  build: z.enum(CONSTRUCTIONS).nullable(),
  places: z.array(
    z.object({
      zone: z.string(),
      where: z.string(),
      state: z.enum(['unseen', 'sound', 'rust', 'damp', 'blocked']),
      why: z.enum(BLOCKED_BY).nullable(),
      raised: z.boolean(),
    }),
  ),
  spots: z.array(
    z.object({
      zone: z.string(),
      where: z.string(),
      results: z.record(z.string(), z.string()),
      verdict: z.enum([...SPOT_STATES, 'undecided']).nullable(),
      chance: z.number().nullable(),
      contradicts: z.boolean(),
    }),
  ),
  forecasts: z.array(z.object({ storage: z.enum(STORAGES), first: years, spots: z.array(years) })),
  wasting: z.array(z.object({ finding: z.string(), zone: z.string() })),
  bays: z
    .array(
      z.object({
        id: z.enum(BAY_IDS),
        zones: z.array(z.string()),
        seen: z.number().int(),
        places: z.number().int(),
        blockedBy: z.array(z.enum(BLOCKED_BY)),
        /** Something found there is left out of the report. */
        withheld: z.boolean(),
      }),
    )
    .default([]),
  underside: z.object({ low: z.number(), high: z.number(), forItsYears: z.number() }).nullable().default(null),
});
type MetalPart = z.infer<typeof metalPart>;
const NOTHING: MetalPart = {
  build: null,
  places: [],
  spots: [],
  forecasts: [],
  wasting: [],
  bays: [],
  underside: null,
};

const text = (t: string): Cell => ({ text: t });

function placesBlocks(m: MetalPart, nameOf: (zone: string) => string): Block[] {
  const open = m.places.filter((p) => p.state === 'unseen' || p.state === 'blocked');
  const seen = m.places.length - open.length;
  if (m.places.length === 0 || seen + m.places.filter((p) => p.state === 'blocked').length === 0) return [];
  const row = (p: MetalPart['places'][number]) => ({
    lead: `${nameOf(p.zone)}, ${p.where}: `,
    text: `${weakText(p)}${p.raised && p.state === 'unseen' ? '; it shares its water with a place that was found' : ''}.`,
  });
  return [
    {
      kind: 'para',
      text: `Cars built so (${m.build ? BUILD_WORDS[m.build] : 'construction not stated'}) have ${plural(m.places.length, 'weak spot')} by our list; ${seen} ${seen === 1 ? 'was' : 'were'} looked at.`,
    },
    ...(open.length > 0
      ? [
          {
            kind: 'folded' as const,
            title: `${plural(open.length, 'weak spot')} that nobody looked at`,
            blocks: [{ kind: 'list' as const, style: 'bullets' as const, items: open.map(row) }],
          },
        ]
      : []),
  ];
}

function spotBlocks(m: MetalPart, nameOf: (zone: string) => string): Block[] {
  if (m.spots.length === 0) return [];
  return [
    { kind: 'heading', text: 'Tried at a spot', evidence: 'inferred', rests: { kinds: ['spot'] } },
    {
      kind: 'table',
      label: 'Tests of the metal',
      columns: [{ name: 'Where' }, { name: 'Tests', wide: true }, { name: 'Together they say', wide: true }],
      rows: m.spots.map((s) => [
        {
          text: [nameOf(s.zone), s.where].filter(Boolean).join(', '),
          rests: { kinds: ['spot'], zones: [s.zone] },
        },
        text(
          Object.entries(s.results)
            .map(
              ([t, r]) => `${TEST_WORDS[t as keyof typeof TEST_WORDS]?.toLowerCase() ?? t}: ${r.replaceAll('-', ' ')}`,
            )
            .join(', '),
        ),
        text(
          s.verdict === null
            ? 'no rule for this material'
            : s.contradicts
              ? 'undecided: the tests contradict each other'
              : `${SPOT_STATE_WORDS[s.verdict]}${s.verdict === 'undecided' ? '' : ` (${Math.min(99, Math.round(100 * (s.chance ?? 0)))} %)`}. ${SPOT_MEANS[s.verdict]}`.trim(),
        ),
      ]),
    },
  ];
}

function rustBlocks(records: readonly AnyRecord[], wording: Wording): Block[] {
  const rusts = [...recordsOf(records, 'rust')].sort((a, b) => b.body.areaShare - a.body.areaShare);
  if (rusts.length === 0) return [];
  return [
    { kind: 'heading', text: 'Rusted area measured on pictures', evidence: 'measured', rests: { kinds: ['rust'] } },
    {
      kind: 'list',
      style: 'plain',
      items: rusts.map(({ id, body }) => ({
        lead: `${zoneName(body.zone, wording)}: `,
        text: rustText(body),
        rests: { ids: [id] },
      })),
    },
    { kind: 'pictures', pictures: sharePictures(rusts, records, wording) },
    { kind: 'para', tone: 'soft', text: SHARE_CAUTION },
  ];
}

/** From below and inside, bay by bay: what was found there, what was not seen. Silent of a bay where something is left out. */
function bayBlocks(m: MetalPart, findings: readonly NumberedFinding[], wording: Wording): Block[] {
  if (m.bays.length === 0 || m.bays.every((b) => b.seen === 0)) return [];
  const found = findings.map((f) => f.record).filter((f) => ['metal', 'shape'].includes(flawById(f.body.flaw).family));
  const says = (b: MetalPart['bays'][number]) => {
    const own = found.filter((f) => b.zones.includes(f.body.zone)).map((f) => f.body);
    return own.length === 0 && b.withheld ? 'looked at' : bayText(b, own, wording);
  };
  const u = m.underside;
  return [
    { kind: 'heading', text: 'From below, bay by bay', evidence: 'seen' },
    ...(u
      ? [
          {
            kind: 'para' as const,
            text: `${Math.round(u.low)} to ${Math.round(u.high)} of 100 as it stands; ${Math.round(u.forItsYears)} % of cars of its years are worse.`,
          },
        ]
      : []),
    {
      kind: 'table',
      label: 'Bays of the underside and inner structure',
      columns: [{ name: 'Bay' }, { name: 'How it is', wide: true }],
      rows: m.bays.map((b) => [
        {
          text: bayName(b.id, wording),
          ...(b.seen > 0 && { rests: { kinds: ['finding', 'look', 'weak', 'spot', 'rust'], zones: b.zones } }),
        },
        text(capital(says(b))),
      ]),
    },
  ];
}

function forecastBlocks(m: MetalPart, records: readonly AnyRecord[], nameOf: (zone: string) => string): Block[] {
  if (m.forecasts.length === 0 || m.wasting.length === 0) return [];
  const columns = m.forecasts.map((f) => ({ name: STORAGE_WORDS[f.storage], figures: true }));
  return [
    { kind: 'heading', text: 'How long it lasts', evidence: 'inferred' },
    {
      kind: 'table',
      label: 'Years until through, 10 to 90 %, by how the car is kept',
      columns: [{ name: 'Place' }, ...columns],
      rows: [
        [
          text(`${holeText(isHoled(recordsOf(records, 'finding')))} expected`),
          ...m.forecasts.map((f) => text(yearsText(f.first))),
        ],
        ...m.wasting.map((w, i) => [
          { text: nameOf(w.zone), rests: { ids: [w.finding] } },
          ...m.forecasts.map((f) => text(yearsText(f.spots[i]!))),
        ]),
      ],
    },
    { kind: 'para', tone: 'soft', text: FORECAST_SAYS },
  ];
}

/**
 * The weak places as they are told: by what is not withheld. A place where something withheld was found is left out: that
 * nobody looked there would not be true, and what was found is not to be told.
 */
function placesTold(
  { plan, car, metal: judged }: ToSeal['judgement'],
  records: readonly AnyRecord[],
  tables: ToSeal['tables'],
) {
  const open = records.filter((r) => r.kind !== 'finding' || r.body.withheld === null);
  const found = new Set(judged.places.filter((p) => p.state === 'rust' || p.state === 'damp').map((p) => p.id));
  return weakPlaces(plan, open, car, tables.weakSpots).filter((p) => p.state !== 'unseen' || !found.has(p.id));
}

/** The underside in two figures; null where nobody saw anything of it. */
function undersideOf(judgement: ToSeal['judgement'], grade: ToSeal['grade']) {
  const axis = grade.axes.find((a) => a.axis === 'underside');
  const seen = judgement.coverage.byView.underneath.seen > 0;
  return axis && seen ? { low: axis.grade.low!, high: axis.grade.high!, forItsYears: axis.forItsYears } : null;
}

/** Where it rusts by construction, what was tried, what that says, how long it lasts. */
export const metal = defineSection({
  title: 'Metal',
  sealed: { metal: metalPart.optional() },
  blank: { metal: undefined },
  seal: ({ judgement, grade, records, tables }) => {
    const { metal: judged, findings } = judgement;
    const open = new Set(findings.all.filter((f) => f.body.withheld === null).map((f) => f.id));
    const wasting = judged.wasting.filter((w) => open.has(w.finding));
    const where = new Map(records.flatMap((r) => (r.kind === 'spot' ? [[r.id, r.body.where] as const] : [])));
    const drawn =
      wasting.length === 0
        ? []
        : forecast(
            wasting.map((w) => w.spot),
            tables.exposure,
            { storages: STORAGES_SHOWN, seed: 1, draws: tables.exposure.draws },
          )!;
    return {
      metal: {
        build: judged.build,
        places: placesTold(judgement, records, tables).map(({ zone, where: at, state, why, raisedBy }) => ({
          zone,
          where: at,
          state,
          why,
          raised: raisedBy.length > 0,
        })),
        spots: judged.spots.map(({ id, zone, results, reading }) => ({
          zone,
          where: where.get(id) ?? '',
          results: results as Record<string, string>,
          verdict: reading.ok ? reading.verdict : null,
          chance: reading.ok && reading.verdict !== 'undecided' ? reading.chances[reading.verdict] : null,
          contradicts: reading.ok && reading.against.length > 0,
        })),
        forecasts: drawn.map(({ storage, first, spots }) => ({ storage, first, spots: [...spots] })),
        wasting: wasting.map(({ finding, zone }) => ({ finding, zone })),
        bays: bayStates(judgement.plan, judgement.coverage.cells).map((b) => ({
          id: b.id,
          zones: [...b.zones],
          seen: b.seen,
          places: b.places,
          blockedBy: [...b.blockedBy],
          withheld: b.findings.some((f) => f.body.withheld !== null),
        })),
        underside: undersideOf(judgement, grade),
      },
    };
  },
  blocks: ({ sealed, records, findings, wording }) => {
    const m = sealed.metal ?? NOTHING;
    const nameOf = (zone: string) => zoneName(zone, wording);
    return [
      ...placesBlocks(m, nameOf),
      ...spotBlocks(m, nameOf),
      ...bayBlocks(m, findings, wording),
      ...rustBlocks(records, wording),
      ...forecastBlocks(m, records, nameOf),
    ];
  },
});
