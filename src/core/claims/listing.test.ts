import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { recordOf } from '../kinds/test-records';
import { checkListing, claimRecord, type WholeCar, weighedOf } from './listing';
import { splitClaims } from './split';

const plan = planOf('fastback')!;
const car = recordOf('car', {
  make: 'Quillon',
  model: 'Halyard',
  year: 1967,
  style: 'fastback',
  chassisNumber: 'QHF67-04418',
  engineNumber: 'QH 04418',
});
function checked(text: string, records: readonly AnyRecord[] = [], whole: Partial<WholeCar> = {}) {
  const said = splitClaims(text);
  const added = said.map(claimRecord);
  const { claims } = judge({ plan, records: [car, ...records, ...added], tables: DEFAULT_TABLES });
  const words = checkListing(text, (s) => weighedOf(claims, added[said.findIndex((x) => x.text === s.text)]!), {
    findings: 0,
    seen: 0.4,
    otherParts: 0,
    rust: 0,
    ...whole,
  });
  for (const w of words) expect(text.slice(w.from, w.to)).toBe(w.text);
  return words.map((w) => [w.claim, w.verdict]);
}
const rust = recordOf('finding', { zone: 'floor.left.front', flaw: 'perforated' });

const surface = recordOf('finding', { zone: 'floor.left.front', flaw: 'rust-film' });

it.each<[string, readonly AnyRecord[], Partial<WholeCar>, readonly (readonly [string, string])[]]>([
  ['Matching numbers.', [], {}, [['matching-engine', 'supported']]],
  ['One owner from new.', [], {}, [['owners', 'unsupported']]],
  ['No rust anywhere.', [rust], { findings: 1 }, [['no-rust', 'contradicted']]],
  // Rust on the surface is rust, though a seller may still be right that no floor is weak.
  ['Rust free.', [surface], { findings: 1, rust: 1 }, [['no-rust', 'contradicted']]],
  ['Solid floors.', [surface], { findings: 1, rust: 1 }, [['no-rust', 'unsupported']]],
  ['The tires are new.', [], {}, [['part-replaced', 'unsupported']]],
  ['A mint car.', [rust], { findings: 1 }, [['condition', 'contradicted']]],
  ['A mint car.', [], {}, [['condition', 'wider']]],
  ['A mint car.', [], { seen: 1 }, [['condition', 'unsupported']]],
  ['All original.', [], { otherParts: 2 }, [['condition', 'contradicted']]],
  // Written of a car without findings, and one came in: it is true no more.
  ['Nothing was found in what was looked at.', [rust], { findings: 1 }, [['condition', 'contradicted']]],
  ['Nothing was found in what was looked at.', [], {}, []],
  ['Nothing was found under the carpets.', [rust], { findings: 1 }, []],
  // Denied, or nearly: nothing is claimed.
  ['Not mint, far from perfect, almost flawless.', [rust], { findings: 1 }, []],
  ['A car with chips along the hood.', [rust], { findings: 1 }, []],
  ['Peppermint green, with a perfectly ordinary past.', [rust], { findings: 1 }, []],
])('%s', (text, records, whole, verdicts) => expect(checked(text, records, whole)).toEqual(verdicts));

it('tells the same words twice at their own places, in the order of the text', () => {
  expect(checked('Mint. Matching numbers. A mint car with matching numbers.', [rust], { findings: 1 })).toEqual([
    ['condition', 'contradicted'],
    ['matching-engine', 'supported'],
    ['condition', 'contradicted'],
    ['matching-engine', 'supported'],
  ]);
});

it('is wider where a claim about the whole car is carried by a part of it', () => {
  const works = [...plan.zones.values()]
    .filter((z) => z.view === 'outside' && z.aspects.includes('paint'))
    .slice(0, 12)
    .flatMap((z) =>
      [116, 119, 121, 118, 117, 120].map((um) =>
        recordOf('reading', { zone: z.slug, state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' } }),
      ),
    );
  expect(checked('Original paint throughout.', works)).toEqual([['original-paint', 'wider']]);
});
