import {
  exposureTable,
  OPEN_STAGES,
  type OpenStage,
  STORAGES,
  type Storage,
  WASTING,
  type Wasting,
} from '@/core/metal/exposure-table';
import { forecast } from '@/core/metal/forecast';
import { millimetres } from '../millimetres';
import { Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';
import { wholeFlag } from '../whole';

const OPTIONS = {
  material: TEXT,
  'thickness-mm': TEXT,
  stage: TEXT,
  storage: TEXT,
  faces: TEXT,
  contact: TEXT,
  seed: TEXT,
  draws: TEXT,
} as const;

function oneOf<T extends string>(given: string | undefined, name: string, known: readonly T[], otherwise?: T): T {
  const value = (given ?? otherwise) as T | undefined;
  if (value === undefined || !known.includes(value)) throw new Usage(`--${name} is one of ${known.join(', ')}`);
  return value;
}

/** `forecast`: years until a sheet is through, from its stage, its sheet and where it will be kept. */
function years(_none: string, flags: FlagsOf<typeof OPTIONS>): object {
  const t = exposureTable.defaults;
  const metal = oneOf<Wasting>(flags.material, 'material', WASTING);
  const stage = oneOf<OpenStage>(flags.stage, 'stage', OPEN_STAGES);
  const storage = oneOf<Storage>(flags.storage, 'storage', STORAGES);
  const faces = Number(oneOf(flags.faces, 'faces', ['1', '2'], '1')) as 1 | 2;
  // Aluminium that swells does so where it touches steel.
  const galvanic = oneOf(flags.contact, 'contact', ['steel', 'none'], stage === 'film' ? 'none' : 'steel') === 'steel';
  const thickness = millimetres(flags['thickness-mm'], 'thickness-mm');
  if (!thickness || thickness > 10) throw new Usage('--thickness-mm is the sheet when new, above 0 to 10 mm');
  const seed = wholeFlag(flags.seed, 'seed', { otherwise: 1, low: 0, high: 2 ** 31 });
  const draws = wholeFlag(flags.draws, 'draws', { otherwise: t.draws, low: 200, high: 1_000_000 });
  const spot = { metal, stage, faces, galvanic, sheetMm: [thickness, thickness] as const };
  const [found] = forecast([spot], t, { storages: [storage], seed, draws })!;
  console.error('This ranks places and storage. It is no promise.');
  const band = ([low, high]: readonly [number, number]) => ({ low, high });
  return {
    ok: true,
    yearsToThrough: found!.spots[0],
    assumptions: {
      firstYearUm: band(t.firstYearUm[metal][storage]),
      exponent: t.exponent[metal],
      presentMm: band(t.presentMm[stage]),
      pitting: stage === 'film' ? null : t.pitting,
      contact: metal === 'aluminium' && galvanic ? t.galvanic : null,
      faces,
      horizonYears: t.horizonYears,
      source: t.source,
    },
  };
}

export const verb = defineVerb({
  usage:
    '--material steel|aluminium --thickness-mm 0.9 --stage film|blister|scale --storage C1|C2|C3|C4|C5 --faces 1|2 [--contact steel|none] [--seed 1] [--draws 4000]',
  does: 'Foretells when a sheet will be through: a screening model that ranks places and storage.',
  gives: 'years until through at 10, 50 and 90 %, with what was assumed',
  takes: null,
  options: OPTIONS,
  run: years,
});
