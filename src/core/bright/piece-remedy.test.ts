import fc from 'fast-check';
import { BASES, type Base, PIECE_FAULTS, type PieceFault } from '../catalogue/pieces';
import { type PieceRemedy, pieceRemedies } from './piece-remedy';

it.each<[Base, PieceFault[], PieceRemedy[]]>([
  ['chromed-steel', ['cloudy'], ['clean']],
  ['chromed-steel', ['pitted', 'rusty'], ['re-plate']],
  ['chromed-steel', ['pitted', 'dented'], ['straighten-re-plate']],
  ['chromed-zinc', ['pitted'], ['fill-plate-or-replace']],
  ['chromed-zinc', ['broken', 'pitted'], ['replace']],
  ['chromed-brass', ['peeling'], ['re-plate']],
  ['stainless', ['dented', 'scratched'], ['straighten-polish']],
  ['anodised', ['cloudy'], ['re-anodise']],
  ['chromed-plastic', ['peeling'], ['replace']],
  ['painted', ['infill-gone'], ['refill']],
  ['stainless', ['loose'], ['refit']],
  ['chromed-zinc', ['shade-differs'], ['leave']],
  ['chromed-steel', ['rust-behind', 'pitted'], ['re-plate', 'clean-behind']],
  ['stainless', [], []],
  ['lens', ['moisture', 'shade-differs'], ['re-seal']],
  ['lens', ['cracked', 'moisture'], ['replace']],
  ['glass', ['chipped'], ['glazier']],
  ['glass', ['wiper-arc'], ['leave']],
  ['glass', ['delaminated', 'heater-broken'], ['replace']],
  ['rubber', ['painted-over'], ['clean']],
  ['rubber', ['hardened', 'rust-behind'], ['replace', 'clean-behind']],
  ['rubber', ['pulled-out'], ['refit']],
  ['fabric', ['seam-open', 'faded'], ['sew']],
  ['clear-plastic', ['yellowed'], ['replace']],
  ['top-frame', ['latch-loose'], ['straighten']],
  ['vinyl', ['bubbled', 'rust-behind'], ['replace', 'clean-behind']],
  ['sliding-roof', ['drain-blocked', 'hardened'], ['replace', 'free-drain']],
])('%s with %j is put right by %j', (base, faults, remedies) => {
  expect(pieceRemedies(base, faults).remedies).toEqual(remedies);
});

it('never plates stainless, never polishes through anodising, and says so when something is done', () => {
  fc.assert(
    fc.property(fc.constantFrom(...BASES), fc.subarray([...PIECE_FAULTS]), (base, faults) => {
      const { remedies, not } = pieceRemedies(base, faults);
      const plates = remedies.some((r) => r.includes('plate'));
      if (!base.startsWith('chromed-')) expect(plates).toBe(false);
      if (base === 'anodised') expect(remedies).not.toContain('straighten-polish');
      if (base === 'stainless' && remedies.includes('straighten-polish'))
        expect(not).toEqual(['no-plating-of-stainless']);
      expect(remedies.length > 0).toBe(faults.length > 0);
      expect(new Set(remedies).size).toBe(remedies.length);
    }),
    { seed: 8, numRuns: 400 },
  );
});
