import { z } from 'zod';
import type { Judgement } from '@/core/judge/judge';
import type { AnyRecord, StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { capital } from '@/words/capital';
import { feltText, SIGNS_SAY, signName } from '@/words/drive-signs';
import { checkedFluidName, FLUID_WORDS, fluidText, LEAKS_SAY, leakWhy, nextLookText, wetText } from '@/words/leaks';
import { mechText, sagText } from '@/words/mechanical';
import { plural } from '@/words/plural';
import { chargingText, gateText, oilText, roadText, startSays, startText, thermostatText } from '@/words/running';
import { respelt, type Wording } from '@/words/vocabulary';
import type { Block, ListItem } from '../block';
import { pictureRow } from '../picture-row';

/** What is told of the run is sealed as it was said: bands, graph and their words may change. */
export const runSchema = z.object({
  log: z.object({ temperature: z.string(), oil: z.string(), charging: z.string() }).nullable(),
  says: z.array(z.string()),
  sources: z.array(z.object({ place: z.string(), fluid: z.string(), chance: z.number(), why: z.string() })),
  next: z.string().nullable(),
  places: z.record(z.string(), z.string()),
  fluids: z.array(z.object({ record: z.string(), means: z.array(z.string()) })),
  gate: z.string(),
  sag: z.string().default(''),
  /** What was felt on the road, with what it can come from. */
  felt: z
    .array(
      z.object({
        says: z.string(),
        sources: z.array(z.object({ name: z.string(), chance: z.number(), look: z.string() })),
      }),
    )
    .default([]),
  gear: z.array(z.object({ record: z.string(), name: z.string(), safety: z.boolean() })).default([]),
});
type SealedRun = z.infer<typeof runSchema>;

/** A source that is told: likelier than not to be one of the first. */
const WORTH_PRINTING = 0.1;

export function sealRun({ running: r, leaks: l, fluids: f, mechanical: m }: Judgement): SealedRun | undefined {
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
    sag: sagText(m.sag),
    felt: r.felt.map(({ felt, sources }) => ({
      says: feltText(felt),
      sources: sources.slice(0, 3).map((s) => ({ name: signName(s), chance: s.chance, look: s.look })),
    })),
    gear: m.lines.flatMap((x) => (x.record ? [{ record: x.record.id, name: x.of.name, safety: x.of.safety }] : [])),
  };
}

const bullets = (items: readonly ListItem[]): Block => ({
  kind: 'list',
  style: 'bullets',
  items,
});

/** Pictures that show one of these records, each led by what that is called. */
function shown(names: ReadonlyMap<string, string>, records: readonly AnyRecord[], wording: Wording): Block[] {
  const pictures = recordsOf(records, 'photo').flatMap((p) => {
    const name = names.get(p.body.finding ?? '');
    return name === undefined ? [] : [{ ...pictureRow(p, null, wording), lead: `${capital(name)}. ` }];
  });
  return pictures.length > 0 ? [{ kind: 'pictures', pictures }] : [];
}

function fluidBlocks(run: SealedRun, records: readonly AnyRecord[], wording: Wording): Block[] {
  if (run.fluids.length === 0) return [];
  const bodies = new Map(recordsOf(records, 'fluid').map((f) => [f.id, f.body]));
  const found = run.fluids.flatMap(({ record, means }) => {
    const body = bodies.get(record);
    return body ? [{ record, means, body }] : [];
  });
  return [
    { kind: 'heading', text: 'Fluids', evidence: 'seen', rests: { kinds: ['fluid'] } },
    {
      kind: 'table',
      label: 'Fluids as they were found',
      columns: [{ name: 'Fluid' }, { name: 'As found' }, { name: 'What that can mean', wide: true }],
      rows: found.map(({ record, body, means }) => [
        { text: capital(checkedFluidName(body.fluid)), rests: { ids: [record] } },
        { text: fluidText(body) },
        { text: capital(means.join('; ')) },
      ]),
    },
    ...shown(new Map(found.map((f) => [f.record, checkedFluidName(f.body.fluid)])), records, wording),
  ];
}

function engineBlocks(run: SealedRun, starts: readonly StoredRecord<'start'>[]): Block[] {
  const blocks: Block[] = [];
  if (starts.length > 0) {
    blocks.push({ kind: 'heading', text: 'How it starts', evidence: 'seen', rests: { kinds: ['start'] } });
    blocks.push(bullets(starts.map((s) => ({ text: `${capital(startText(s.body))}.` }))));
    if (run.says.length > 0) blocks.push(bullets(run.says.map((text) => ({ text: `${text}.` }))));
  }
  if (run.log)
    blocks.push(
      { kind: 'heading', text: 'How it runs warm', evidence: 'measured', rests: { kinds: ['log'] } },
      bullets([
        { lead: 'Temperature: ', text: `${run.log.temperature}.` },
        { lead: 'Oil pressure: ', text: `${run.log.oil}.` },
        { lead: 'Charging: ', text: `${run.log.charging}.` },
      ]),
    );
  return blocks;
}

function leakBlocks(run: SealedRun, wet: readonly StoredRecord<'wet'>[]): Block[] {
  if (wet.length === 0) return [];
  const told = wet.filter((w) => w.body.amount !== 'dry');
  return [
    { kind: 'heading', text: 'Leaks', evidence: 'seen', rests: { kinds: ['wet'] } },
    told.length === 0
      ? { kind: 'para', text: `Dry at all ${plural(wet.length, 'place')} that were looked at.` }
      : bullets(
          told.map((w) => ({
            lead: `${capital(run.places[w.body.place] ?? w.body.place)}: `,
            text: `${wetText(w.body)}.`,
            rests: { ids: [w.id] },
          })),
        ),
    ...(run.sources.length > 0
      ? [
          {
            kind: 'table' as const,
            label: 'Where it can come from, the likeliest first',
            columns: [{ name: 'Source' }, { name: 'Chance', figures: true }, { name: 'Why', wide: true }],
            rows: run.sources.map((s) => [
              { text: capital(`${s.place}, ${s.fluid}`) },
              { text: `${Math.round(100 * s.chance)} %` },
              { text: s.why },
            ]),
          },
          { kind: 'para' as const, tone: 'soft' as const, text: [run.next, LEAKS_SAY].filter(Boolean).join(' ') },
        ]
      : []),
  ];
}

function gearBlocks(run: SealedRun, records: readonly AnyRecord[], wording: Wording): Block[] {
  const bodies = new Map(recordsOf(records, 'mech').map((m) => [m.id, m.body]));
  const all = run.gear.flatMap((g) => {
    const body = bodies.get(g.record);
    return body ? [{ ...g, body }] : [];
  });
  const sound = all.filter((g) => g.body.state === 'sound' && g.body.note === '');
  const told = all.filter((g) => !sound.includes(g));
  const blocks: Block[] = [];
  if (all.length > 0)
    blocks.push({ kind: 'heading', text: 'Running gear from below', evidence: 'seen', rests: { kinds: ['mech'] } });
  if (told.length > 0)
    blocks.push(
      bullets(
        told.map((g) => ({
          lead: `${capital(g.name)}: `,
          rests: { ids: [g.record] },
          text: `${mechText(g.body)}${g.safety && g.body.state !== 'unseen' ? '; driving depends on it' : ''}.`,
        })),
      ),
    );
  blocks.push(...shown(new Map(all.map((g) => [g.record, g.name])), records, wording));
  if (sound.length > 0)
    blocks.push({ kind: 'para', tone: 'soft', text: `Sound: ${sound.map((g) => g.name).join('; ')}.` });
  if (run.sag !== '') blocks.push({ kind: 'para', text: run.sag });
  return blocks;
}

function roadBlocks(run: SealedRun, road: StoredRecord<'road'>['body'] | null): Block[] {
  if (!road) return [];
  return [
    { kind: 'heading', text: 'Road test', evidence: 'seen', rests: { kinds: ['road'] } },
    { kind: 'para', text: `${capital(roadText(road))}.${road.driven ? '' : ` ${run.gate}`}` },
    ...(run.felt.length > 0
      ? [
          {
            kind: 'table' as const,
            label: 'Felt and heard on the road',
            columns: [{ name: 'What' }, { name: 'Likeliest' }, { name: 'What would tell', wide: true }],
            rows: run.felt.map(({ says, sources }) => [
              { text: capital(says) },
              {
                text: capital(
                  sources.map((s) => `${s.name} (${Math.round(100 * s.chance)} %)`).join('; ') ||
                    'too little said to tell',
                ),
              },
              { text: capital(sources[0]?.look ?? '') },
            ]),
          },
          { kind: 'para' as const, tone: 'soft' as const, text: SIGNS_SAY },
        ]
      : []),
  ];
}

/** What was sealed in words, as the reader spells it. */
function speltRun(run: SealedRun, { words }: Wording): SealedRun {
  const told = (text: string) => respelt(text, words);
  return {
    ...run,
    gate: told(run.gate),
    sag: told(run.sag),
    felt: run.felt.map((f) => ({
      ...f,
      sources: f.sources.map((s) => ({ ...s, name: told(s.name), look: told(s.look) })),
    })),
  };
}

/** How it runs, from the fluids before the start to the road. */
export function runBlocks(sealed: SealedRun, records: readonly AnyRecord[], wording: Wording): Block[] {
  const run = speltRun(sealed, wording);
  return [
    ...fluidBlocks(run, records, wording),
    ...engineBlocks(
      run,
      recordsOf(records, 'start').filter((s) => startText(s.body) !== ''),
    ),
    ...leakBlocks(run, recordsOf(records, 'wet')),
    ...gearBlocks(run, records, wording),
    ...roadBlocks(run, recordsOf(records, 'road')[0]?.body ?? null),
  ];
}
