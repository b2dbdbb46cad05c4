import { type Rewrite, row } from './row';

/** Words of the trade as captions mishear them, where their sound alone does not tell. */
export const MISHEARD: readonly Rewrite[] = [
  row('bond(?:\\s|-)?(?:oh|o|owe)', 'filler'),
  row('rock(?:er)? (?:or|her|are) panels?', 'rocker panel'),
  row('quarter (?:pedal|pain|pants)', 'quarter panel'),
  row('deck lit|decal id|deckle id', 'deck lid'),
  row('trunk lit', 'trunk lid'),
  row('wind shield', 'windshield'),
  row('wind screen', 'windscreen'),
  row('door jam(?:b|s|bs)?', 'door jamb'),
  row('spider webbing|spider cracks|spiderwebs?', 'crazing'),
  row('head liner', 'headliner'),
  row('pinch wells?', 'pinch welds'),
  row('qtr panels?', 'quarter panel'),
  row('dashboard pad|dash pad', 'dash'),
  row('crome|kroum|chrom', 'chrome'),
];
