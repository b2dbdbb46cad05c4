import { type Rewrite, row } from './row';

/** What tests of the metal gave. */
export const METAL: readonly Rewrite[] = [
  row('(?:a )?soft spots?(?: in it)?', 'feels soft'),
  row('sounds (?:nice and |pretty |very )?(?:solid|good|clear)(?: when (?:you|i) tap(?: on)?(?: it)?)?', 'rings true'),
  row(
    '(?:tapping|tapped|tap|knock)(?: on)?(?: it| that| there)? ?,? (?:it )?(?:is |sounds )?(?:a )?(?:bit )?(?:dull|dead)(?: thud| sound)?',
    'sounds dull',
  ),
  row('magnet (?:is |gets )?(?:pretty |very |a bit |a little |kind of |really )?weak(?:er)?', 'magnet barely holds'),
  row(
    '(?:the )?magnet (?:is )?(?:sticks|grabs|holds|bites|stuck|sticking|holding)(?: on)?(?: really| very| pretty| nice and)? ?(?:good|great|well|fine|hard|tight|strong|firmly|solid|nicely)',
    'magnet holds',
  ),
  row(
    '(?:the )?magnet (?:barely|hardly|just about|only just) (?:sticks|grabs|holds|bites)|(?:weak|little) (?:pull|grab) (?:on|from) the magnet|magnet (?:slides|slips)',
    'magnet barely holds',
  ),
  row(
    '(?:the )?magnet (?:falls|fell|drops|dropped|slides|slid|comes) (?:right |straight |clean )?off|(?:the )?magnet (?:will not|won.t|does not|doesn.t|did not|didn.t) (?:stick|hold|grab|bite)(?: to)?(?: at all| here| there)?',
    'magnet falls off',
  ),
  row(
    '(?:soft|gives|spongy) when (?:you |i )?(?:push|press|poke)(?:ed)?(?: on| at)?(?: it)?|(?:i can )?push (?:my )?(?:thumb|finger) (?:through|into) it',
    'feels soft',
  ),
  row(
    '(?:tapping|tap|tapped|knocking)(?: on| along)?(?: it)? (?:it )?(?:sounds|is|gives)(?: a)? (?:dull|dead)(?: thud| sound)?',
    'sounds dull',
  ),
  row(
    '(?:tapping|tap|tapped|knocking)(?: on| along)?(?: it)? (?:it )?(?:sounds|is|rings)(?: a)? (?:clear|true|good|solid)',
    'rings true',
  ),
];
