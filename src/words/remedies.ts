import type { Trade } from '@/core/catalogue/remedies';
import type { Reason } from '@/core/cost/remedy-rows';
import type { Decision, WorkId } from '@/core/work/cost-table';
import { respelt, type Vocabulary } from './vocabulary';

/** What each piece of work is called. */
export const DOES_WORDS: Readonly<Record<WorkId | 'leave', string>> = {
  leave: 'leave and disclose',
  clean: 'clean',
  polish: 'polish',
  'touch-in': 'touch in',
  'dent-out': 'dent out without paint',
  spot: 'spot repair and blend',
  refinish: 'refinish the panel',
  'strip-refinish': 'strip and refinish the panel',
  're-plate': 'straighten and re-plate',
  'polish-metal': 'straighten and polish',
  'patch-outer': 'patch the outer skin',
  'lower-piece': 'new lower piece',
  sill: 'sill, outer and inner',
  'floor-section': 'new floor section',
  'load-path': 'mend what carries the car, on a jig',
  adjust: 'adjust',
  hinges: 'hinge pins and bushes',
  pane: 'new pane or lens',
  seal: 'new seal',
  'seat-cover': 'new seat cover',
  headliner: 'new headliner',
  'top-cover': 'new top cover',
  'trim-piece': 'new part or trim',
  refit: 'refit',
  tire: 'new tire',
  'gasket-above': 'gasket or seal, in place',
  'gasket-below': 'seal, gearbox out',
  'brake-axle': 'brake work, one axle',
  window: 'regulator or motor',
  'small-electrical': 'small electrical repair',
  'engine-rebuild': 'rebuild the engine',
  test: 'specialist’s test',
  blend: 'blend into the neighbour',
  respray: 'respray the outside',
  'off-and-on': 'take off and refit',
};

/** What is done, as the reader spells it; its bare name where this program has no words for it. */
export const decisionWords = (of: Decision | WorkId, words: Vocabulary): string => respelt(DOES_WORDS[of] ?? of, words);

export const TRADE_WORDS: Readonly<Record<Trade, string>> = {
  owner: 'owner',
  detailer: 'detailer',
  'dent-remover': 'dent remover',
  body: 'body shop',
  paint: 'paint shop',
  trim: 'trimmer',
  plating: 'plater',
  mechanic: 'mechanic',
  electrical: 'electrician',
};

/** Why a remedy is not the one here. */
export const REASON_WORDS: Readonly<Record<Reason, string>> = {
  upToMm: 'too large for it',
  upToShare: 'too widely spread for it',
  upToCount: 'too many for it',
  sparesFactoryPaint: 'it would cost the works’ paint, which is gone for good then',
  wholePaint: 'the paint there is not whole',
  fromFilmUm: 'the film is too thin to lose any',
  noLoad: 'the part carries the car',
  notOf: 'not on such a part',
};
