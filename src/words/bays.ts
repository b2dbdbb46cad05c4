import { flawById } from '@/core/catalogue/flaws/by-id';
import type { BodyOf } from '@/core/kinds';
import type { BayId, BayState } from '@/core/metal/bays';
import { capital } from './capital';
import { countedName } from './flaws';
import { BLOCKED_WORDS, JOINT_WORDS } from './terms';
import { type Both, pick, type Wording } from './vocabulary';

const NAMES: Readonly<Record<BayId, Both>> = {
  'engine-structure': 'Structure of the engine bay',
  'front-structure': 'Front rails and cross-member',
  'front-floors': 'Front floors',
  'inner-rockers': { us: 'Inner rockers and pinch welds', gb: 'Inner sills and pinch welds' },
  centre: 'Tunnel and centre',
  'rear-floors': 'Rear floors',
  'rear-structure': 'Rear rails and spring mounts',
  tank: 'Tank',
  'trunk-below': { us: 'Trunk floor from below', gb: 'Boot floor from below' },
  trunk: { us: 'Trunk inside', gb: 'Boot inside' },
};

export const bayName = (id: BayId, { words }: Pick<Wording, 'words'>): string => pick(NAMES[id], words);

type Said = Pick<BodyOf<'finding'>, 'flaw' | 'count'> & Partial<Pick<BodyOf<'finding'>, 'joined'>>;

/** The gravest stage first, then old repairs and hits. */
const gravest = (a: Said, b: Said) => (flawById(b.flaw).stage ?? 0) - (flawById(a.flaw).stage ?? 0);

/** What a bay is like, by what was found in it; silent on what nobody saw. */
export function bayText(
  { seen, places, blockedBy }: Pick<BayState, 'seen' | 'places' | 'blockedBy'>,
  findings: readonly Said[],
  { words }: Pick<Wording, 'words'>,
): string {
  const why = blockedBy.map((b) => BLOCKED_WORDS[b]).join(', ');
  if (seen === 0 && findings.length === 0) return why ? `could not be seen: ${why}` : 'not looked at';
  const found = [...findings]
    .sort(gravest)
    .map((f) => [countedName(f, words), f.joined ? JOINT_WORDS[f.joined] : ''].filter(Boolean).join(', '));
  const told = found.length > 0 ? [...new Set(found)].join('; ') : 'nothing found';
  return seen < places ? `${told}; ${why ? `part of it could not be seen: ${why}` : 'part of it not looked at'}` : told;
}

/** A bay as a sentence's beginning. */
export const bayLine = (s: BayState, wording: Wording): string =>
  capital(
    bayText(
      s,
      s.findings.map((f) => f.body),
      wording,
    ),
  );
