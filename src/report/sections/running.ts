import { z } from 'zod';
import type { Judgement } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { functionName, SAFETY_CAUTION, triedText } from '@/words/functions';
import { checkedFluidName, FLUID_WORDS, fluidText, LEAKS_SAY, leakWhy, nextLookText, wetText } from '@/words/leaks';
import { mechText } from '@/words/mechanical';
import { plural } from '@/words/plural';
import { chargingText, gateText, oilText, roadText, startSays, startText, thermostatText } from '@/words/running';
import type { Block } from '../block';
import { defineSection } from '../section';

const functionSchema = z.object({ record: z.string(), name: z.string(), safety: z.boolean(), slow: z.boolean() });
const functionsSchema = z.object({
  asked: z.number().int(),
  lines: z.array(functionSchema),
  /** Names of those that nobody tried and nobody said why. */
  untried: z.array(z.string()),
});

/** What is told of the run is sealed as it was said: bands, graph and their words may change. */
const runSchema = z.object({
  log: z.object({ temperature: z.string(), oil: z.string(), charging: z.string() }).nullable(),
  says: z.array(z.string()),
  sources: z.array(z.object({ place: z.string(), fluid: z.string(), chance: z.number(), why: z.string() })),
  next: z.string().nullable(),
  places: z.record(z.string(), z.string()),
  fluids: z.array(z.object({ record: z.string(), means: z.array(z.string()) })),
  gate: z.string(),
  gear: z.array(z.object({ record: z.string(), name: z.string(), safety: z.boolean() })).default([]),
});
type SealedRun = z.infer<typeof runSchema>;

/** A source that is told: likelier than not to be one of the first. */
const WORTH_PRINTING = 0.1;

function sealRun({ running: r, leaks: l, fluids: f, mechanical: m }: Judgement): SealedRun | undefined {
  if (r.starts.all.length + r.points.length + l.wet.length + f.all.length === 0 && !r.road && !m.begun)
    return undefined;
  return {
    log: r.log && {
      temperature: thermostatText(r.log.thermostat),
      oil: oilText(r.log.oil),
      charging: chargingText(r.log.charging),
    },
    says: [...startSays(r.starts)],
    sources: l.answer.sources
      .filter((s) => s.chance >= WORTH_PRINTING)
      .map((s) => ({
        place: l.layout.get(s.place)?.name ?? s.place,
        fluid: FLUID_WORDS[s.fluid],
        chance: s.chance,
        why: leakWhy(s.why, s.kind, l.layout),
      })),
    next: l.answer.next && nextLookText(l.answer.next, l.layout),
    places: Object.fromEntries(l.wet.map((w) => [w.body.place, l.layout.get(w.body.place)?.name ?? w.body.place])),
    fluids: f.all.map((x) => ({ record: x.id, means: x.means.map((m) => m.says) })),
    gate: gateText(r.gate),
    gear: m.lines.flatMap((x) => (x.record ? [{ record: x.record.id, name: x.of.name, safety: x.of.safety }] : [])),
  };
}

function runBlocks(run: SealedRun, records: readonly AnyRecord[]): Block[] {
  const starts = recordsOf(records, 'start').filter((s) => startText(s.body) !== '');
  const fluids = new Map(recordsOf(records, 'fluid').map((f) => [f.id, f.body]));
  const wet = recordsOf(records, 'wet');
  const road = recordsOf(records, 'road')[0]?.body ?? null;
  const bullets = (items: readonly { lead?: string; text: string }[]): Block => ({
    kind: 'list',
    style: 'bullets',
    items,
  });
  const blocks: Block[] = [];
  if (run.fluids.length > 0)
    blocks.push(
      { kind: 'heading', text: 'Fluids', evidence: 'seen' },
      {
        kind: 'table',
        label: 'Fluids as they were found',
        columns: [{ name: 'Fluid' }, { name: 'As found' }, { name: 'What that can mean', wide: true }],
        rows: run.fluids.flatMap(({ record, means }) => {
          const body = fluids.get(record);
          return body
            ? [
                [
                  { text: capital(checkedFluidName(body.fluid)) },
                  { text: fluidText(body) },
                  { text: capital(means.join('; ')) },
                ],
              ]
            : [];
        }),
      },
    );
  if (starts.length > 0) {
    blocks.push({ kind: 'heading', text: 'How it starts', evidence: 'seen' });
    blocks.push(bullets(starts.map((s) => ({ text: `${capital(startText(s.body))}.` }))));
    if (run.says.length > 0) blocks.push(bullets(run.says.map((text) => ({ text: `${text}.` }))));
  }
  if (run.log)
    blocks.push(
      { kind: 'heading', text: 'How it runs warm', evidence: 'measured' },
      bullets([
        { lead: 'Temperature: ', text: `${run.log.temperature}.` },
        { lead: 'Oil pressure: ', text: `${run.log.oil}.` },
        { lead: 'Charging: ', text: `${run.log.charging}.` },
      ]),
    );
  if (wet.length > 0) {
    const shown = wet.filter((w) => w.body.amount !== 'dry');
    blocks.push({ kind: 'heading', text: 'Leaks', evidence: 'seen' });
    blocks.push(
      shown.length === 0
        ? { kind: 'para', text: `Dry at all ${plural(wet.length, 'place')} that were looked at.` }
        : bullets(
            shown.map((w) => ({
              lead: `${capital(run.places[w.body.place] ?? w.body.place)}: `,
              text: `${wetText(w.body)}.`,
            })),
          ),
    );
    if (run.sources.length > 0)
      blocks.push(
        {
          kind: 'table',
          label: 'Where it can come from, the likeliest first',
          columns: [{ name: 'Source' }, { name: 'Chance', figures: true }, { name: 'Why', wide: true }],
          rows: run.sources.map((s) => [
            { text: capital(`${s.place}, ${s.fluid}`) },
            { text: `${Math.round(100 * s.chance)} %` },
            { text: s.why },
          ]),
        },
        { kind: 'para', tone: 'soft', text: [run.next, LEAKS_SAY].filter(Boolean).join(' ') },
      );
  }
  if (run.gear.length > 0) {
    const bodies = new Map(recordsOf(records, 'mech').map((m) => [m.id, m.body]));
    const all = run.gear.flatMap((g) => {
      const body = bodies.get(g.record);
      return body ? [{ ...g, body }] : [];
    });
    const sound = all.filter((g) => g.body.state === 'sound' && g.body.note === '');
    const told = all.filter((g) => !sound.includes(g));
    blocks.push({ kind: 'heading', text: 'Running gear from below', evidence: 'seen' });
    if (told.length > 0)
      blocks.push(
        bullets(
          told.map((g) => ({
            lead: `${capital(g.name)}: `,
            text: `${mechText(g.body)}${g.safety && g.body.state !== 'unseen' ? '; driving depends on it' : ''}.`,
          })),
        ),
      );
    if (sound.length > 0)
      blocks.push({ kind: 'para', tone: 'soft', text: `Sound: ${sound.map((g) => g.name).join('; ')}.` });
  }
  if (road)
    blocks.push(
      { kind: 'heading', text: 'Road test', evidence: 'seen' },
      { kind: 'para', text: road.driven ? `${capital(roadText(road))}.` : run.gate },
    );
  return blocks;
}

/** Of functions only once somebody began to try them. */
const sealFunctions = ({ functions: j }: Judgement) =>
  j.begun
    ? {
        asked: j.asked.length,
        lines: j.asked.flatMap((l) =>
          l.record
            ? [{ record: l.record.id, name: functionName(l), safety: l.of.safety, slow: j.poor.includes(l) }]
            : [],
        ),
        untried: j.asked.filter((l) => !l.record).map(functionName),
      }
    : undefined;

function functionBlocks(f: z.infer<typeof functionsSchema>, records: readonly AnyRecord[]): Block[] {
  if (f.lines.length === 0) return [];
  const bodies = new Map(recordsOf(records, 'tried').map((t) => [t.id, t.body]));
  const all = f.lines.flatMap((l) => {
    const body = bodies.get(l.record);
    return body ? [{ ...l, body }] : [];
  });
  const works = all.filter((l) => l.body.state === 'works' && !l.slow && l.body.note === '');
  const told = all
    .filter((l) => !works.includes(l) && l.body.state !== 'absent')
    .sort((a, b) => Number(b.safety) - Number(a.safety));
  const names = (list: readonly { name: string }[]) => list.map((l) => l.name).join('; ');
  const absent = all.filter((l) => l.body.state === 'absent');
  const says = (l: (typeof told)[number]) =>
    `${triedText(l.body)}${l.slow && l.body.state === 'works' ? ', slow' : ''}${l.safety ? '; driving depends on it' : ''}`;
  return [
    { kind: 'heading', text: 'What works', evidence: 'seen' },
    {
      kind: 'para',
      text: `${plural(all.length, 'function')} of ${f.asked} tried: ${works.length} work, ${told.filter((l) => l.body.state === 'dead').length} do not.`,
    },
    ...(told.length > 0
      ? [
          {
            kind: 'table' as const,
            label: 'Functions that do not work as they should, or were not tried',
            columns: [{ name: 'Function' }, { name: 'As found', wide: true }],
            rows: told.map((l) => [{ text: capital(l.name) }, { text: says(l) }]),
          },
        ]
      : []),
    ...(works.length > 0
      ? [
          {
            kind: 'folded' as const,
            title: `${works.length} work`,
            blocks: [{ kind: 'para' as const, text: `${capital(names(works))}.` }],
          },
        ]
      : []),
    ...(absent.length > 0
      ? [{ kind: 'para' as const, tone: 'soft' as const, text: `Not fitted: ${names(absent)}.` }]
      : []),
    ...(f.untried.length > 0 ? [{ kind: 'para' as const, text: `Nobody tried: ${f.untried.join('; ')}.` }] : []),
    ...(told.some((l) => l.safety && l.body.state !== 'untried')
      ? [{ kind: 'para' as const, tone: 'soft' as const, text: SAFETY_CAUTION }]
      : []),
  ];
}

/** How it starts, runs, leaks and drives; what works, what does not, what was not tried and why. */
export const running = defineSection({
  title: 'Running and what works',
  sealed: { functions: functionsSchema.optional(), run: runSchema.optional() },
  blank: { functions: undefined, run: undefined },
  seal: ({ judgement }) => ({
    run: sealRun(judgement),
    functions: sealFunctions(judgement),
  }),
  blocks: ({ sealed: { functions, run }, records }) => [
    ...(run ? runBlocks(run, records) : []),
    ...(functions ? functionBlocks(functions, records) : []),
  ],
});
