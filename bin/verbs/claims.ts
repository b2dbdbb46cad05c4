import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge } from '@/core/judge/judge';
import { CLAIM_WORD_WORDS } from '@/words/claims';
import { bundleAt, planFor } from '../bundles';
import { Refusal } from '../refusals';
import { defineVerb } from '../verb';

const rounded = (v: number) => Number(v.toPrecision(6));

/** `claims BUNDLE`: how far the evidence carries what the seller says. */
function weigh(path: string): object {
  const { records } = bundleAt(path);
  const plan = planFor(records);
  if (!plan) throw new Refusal('no-car');
  const { claims } = judge({ plan, records, tables: DEFAULT_TABLES });
  for (const p of claims.odd) console.error(`not understood: the mark “${p.body.mark}” is not in the table`);
  return {
    ok: true,
    claims: claims.all.map((c) => ({
      id: c.record.id,
      kind: c.record.body.kind,
      text: c.record.body.text,
      posterior: rounded(c.posterior),
      word: CLAIM_WORD_WORDS[c.word],
      marks: c.marks.map((m) => ({
        mark: m.id,
        ratio: rounded(m.ratio),
        group: m.group,
        counted: rounded(m.counted),
        zone: m.zone,
        records: m.records,
        sensitive: m.sensitive,
      })),
      reach: c.reach,
      next: c.next[0] ? { look: c.next[0].look, says: c.next[0].says, bits: rounded(c.next[0].bits) } : null,
      paper: c.paper,
    })),
  };
}

export const verb = defineVerb({
  usage: 'BUNDLE',
  does: 'Weighs what the seller says against what was found, claim by claim.',
  gives: 'each claim with its chance, its word, the marks for and against, the next look that would move it most',
  takes: 'file',
  options: {},
  run: weigh,
});
