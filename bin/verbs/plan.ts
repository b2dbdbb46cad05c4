import { planOf } from '@/core/body/plan';
import { STYLES } from '@/core/body/styles';
import { Refusal, Usage } from '../refusals';
import { defineVerb, TEXT } from '../verb';

function unroll(style: string, flags: { readonly fitted?: string }): object {
  const names = ['vinylRoof', 'sunroof', 'skirts'] as const;
  const asked = (flags.fitted ?? '').split(',').filter(Boolean);
  const odd = asked.find((a) => !(names as readonly string[]).includes(a));
  if (odd) throw new Usage(`--fitted takes ${names.join(',')}; not ${odd}`);
  const fitted = Object.fromEntries(names.map((n) => [n, asked.includes(n)])) as Record<
    (typeof names)[number],
    boolean
  >;
  const plan = planOf(style, { fitted });
  if (!plan)
    throw new Refusal('unknown-style', { message: `There is no plan for ${style}.`, known: STYLES.map((s) => s.slug) });
  return {
    ok: true,
    style,
    zones: [...plan.zones.values()].map(({ slug, view, aspects, areaM2, metal, structural, twin }) => ({
      slug,
      view,
      aspects,
      areaM2,
      metal,
      structural,
      twin,
    })),
    seams: [...plan.seams.values()].map(({ slug, zones, lengthMm }) => ({ slug, zones, lengthMm })),
  };
}

export const verb = defineVerb({
  usage: 'STYLE [--fitted vinylRoof,sunroof,skirts]',
  does: `Names the zones and seams of a body style: ${STYLES.map((s) => s.slug).join(' ')}.`,
  gives: '`{zones, seams}` of a body style',
  takes: 'style',
  options: { fitted: TEXT },
  run: unroll,
});
