import { type Rewrite, row } from './row';

/** The drive. */
export const ROAD: readonly Rewrite[] = [
  row(
    '(?:i )?(?:took|take|taking|drove|drive|driving) it (?:down|up|out|on|around|for)(?: a| the)?(?: road| street| highway| block| drive| spin| ride| run)(?: and)?',
    '',
  ),
  row('on the (?:drive|road|highway|test drive|road test)|going down the road|out on the road', ''),
  row(
    'tracks? (?:nice and |dead |perfectly |really )?(?:is )?straight|goes straight(?: down the road)?|drives straight',
    'tracks straight',
  ),
  row('(?:the )?brakes? (?:is |are |feel |work )?(?:good|great|fine|strong|excellent|well)', 'stops straight'),
  row(
    '(?<=brakes )pulls? (?:a bit |a little |slightly )?(?:to the )?(left|right)(?: a bit| a little| slightly)?',
    'pull $1',
  ),
  row(
    '(?<!brakes )pulls? (?:a bit |a little |slightly )(?:to the )?(left|right)|(?<!brakes )pulls? (?:to the )?(left|right)(?: a bit| a little| slightly)',
    'pulls $1$2',
  ),
  row('(?:brakes?|brake pedal|pedal) (?:is |are |feels? )?(?:nice and |good and |really |very )?firm', 'pedal is firm'),
  row('(axle|diff|differential) (?:is )?whin(?:es|ing)', '$1 whines'),
  row('(?:gearbox|transmission|it) ((?:jumps|pops) out of (?:second|third|top|gear))', '$1'),
  row(
    '(?:has|have|with|got)(?: got)? (?:some |a bit of |a little |a little bit of )?(?:free )?play(?: in it)?',
    'has play',
  ),
  row(
    '(?:(?:transmission|gearbox|it) )?shifts (?:really |very |nice and )?(?:smooth(?:ly)?|well|nice(?:ly)?|good|great|fine)',
    'shifts well',
  ),
  row('steers (?:nice and |dead |perfectly )?(?:is )?straight', 'tracks straight'),
  row('(?:the )?gears? changes? (?:nicely|well|smoothly|fine)', 'changes gear well'),
  row('(second|third|top)(?: gear)? (?:jumps|pops) out', 'jumps out of $1'),
  row(
    '(?:shimm(?:y|ies)|vibrates|vibration|shakes|wobbles) (?:at|around|above|over) (?:about )?(?:thirty|forty|fifty|sixty|seventy|eighty)(?:[ -]five)?(?: miles an hour| mph| kilometers an hour)?',
    'vibrates at speed',
  ),
  row('clutch chatters', 'clutch judders'),
  row('brakes (?:is |are |feel )?soft', 'pedal is soft'),
  row('wanders? (?:a bit|a little|slightly|around|all over|about)?', 'wanders on the road'),
  row('(?:the )?clutch (?:is )?slip(?:s|ping)(?: in (?:second|third|fourth|top))?', 'clutch slips'),
  row(
    '(?:second|third)(?: gear)? (?:crunches|grinds)(?: a little| a bit| slightly)?(?: (?:going|on the way|coming) down)?',
    'second gear crunches',
  ),
];
