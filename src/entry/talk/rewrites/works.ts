import { FUNCTION_SAYS, SIDED_SAYS } from '../../function-phrases';
import { type Rewrite, row } from './row';

/** Names of things that should work, the longest first. */
const FN = [...Object.values(FUNCTION_SAYS).flat(), ...Object.values(SIDED_SAYS).flat(), 'a ?/ ?c', 'ac', 'windows?']
  .sort((a, b) => b.length - a.length)
  .join('|');

/** Things that work and do not. */
export const WORKS: readonly Rewrite[] = [
  row(
    '(glove ?box|soft top|convertible top|top|sunroof) (?:opens? and closes?|goes up and down|latches)(?: fine| well| nicely| good| great)?',
    '$1 works',
  ),
  row(
    '(?:all )?(?:the )?(windows|door windows|both windows)(?: all| both)? (?:go|work|goes|works|went|roll)(?: up and down| up| down)?(?: fine| well| great| just fine)?(?: on both sides| both sides)?',
    'all the windows work',
  ),
  row('(?:works?|work) on both sides', 'works'),
  row(
    "(driver's|left|nearside|passenger's|right|offside) (window|lock|mirror) (works|dead|slow|does not work) ,? ?(?:and |but )?(?:the )?(driver's|left|nearside|passenger's|right|offside)(?: is)?(?= (?:works|dead|slow|does))",
    '$1 $2 $3 , $4 $2',
  ),
  row('(?<!\\w )(?:the )?(gauges|lights|lamps|locks) (?:all )?(?:work|works|are working)', 'all the $1 work'),
  row(
    '(dead|works|slow|does not work) ,? ?(?:and )?(?:the )?((?:[a-z.]+ ){0,3}?[a-z.]+) (?:too|as well|also)(?= ,|$)',
    '$1 , $2 $1',
  ),
  row('and (?:the )?((?:[a-z.]+ ){0,3}?[a-z.]+) both (work|works|dead|does not work)', 'and $1 $2'),
  row(
    'works? (?:only )?on (?:one|low|high)(?: speed)?(?: only)?|only works? on (?:one|low|high)(?: speed)?',
    'works poorly',
  ),
  row('(?<=speedometer |speedo |tachometer |tach )(?:bounces|jumps|sticks)(?: around| about)?', 'works poorly'),
  row('blower motor', 'blower'),

  row(
    "(?:i )?(?:could not|couldn't|can not|cannot|can't) get (?:the |her |his )?((?:[a-z']+ ){0,3}?[a-z']+) to (?:work|come on|move|open|lock|turn on|do anything)",
    '$1 dead',
  ),
  row("door locks (?:on |at )?(?:the )?(driver|passenger)(?:'s)?", "$1's door lock"),
  row(
    `(?:i )?(?:did not|didn't|have not|haven't) (?:try|test|check|run|tried|tested) (?:the )?(${FN})`,
    '$1 not tried',
  ),
  row('(?:is |are )?not (?:hooked up|connected|wired up|plugged in|wired)', 'disconnected'),
  row(`(?<!there is )no (${FN}) (?:on this(?: one| car)?|fitted|in this(?: one| car)?)`, '$1 not fitted'),
  row(`(?:it )?(?:does not|doesn't) have (?:a |an |any )?(${FN})`, '$1 not fitted'),
  row(
    "((?:driver(?:'s)? |passenger(?:'s)? |left |right |front |rear |nearside |offside )+door) (?:will not|won't|does not|doesn't) open from (?:the )?(inside|outside)",
    '$1 from $2 does not work',
  ),
  row(
    "((?:driver(?:'s)? |passenger(?:'s)? |left |right |front |rear |nearside |offside )+door) opens (?:fine |well |okay )?from (?:the )?(inside|outside)",
    '$1 from $2 works',
  ),
  row('clock (?:is |has )?(?:stopped|frozen)', 'clock dead'),
  row(
    "(?:does not|doesn't|do not|don't|will not|won't) (?:work|come on|light up|light|squirt|spray|move|latch|click|retract|engage|release|stay on|stay up|wind|wind up|roll up|roll down|turn on|go up|go down|go up or down|do anything|function|respond|turn|blow|lock|hold)",
    'does not work',
  ),
  row(
    "(?:is|are) not working|isn't working|aren't working|(?:is|are) broken|quit working|stopped working",
    'does not work',
  ),
  row('(?:is |are )?(?:burned out|burnt out|blown|busted|inop|non ?functional|not functional)', 'dead'),
  row("do(?:es)?(?:n't| not)(?= ?(?:,|$|and|but))", 'does not work'),
  row('(light|lights|lamp|bulb|beam|signal) (?:is |are )?out', '$1 dead'),
  row('(?:the )?seat ?belts? (?:all |both )?(?:work|works|click|latch|are working)', 'all the seat belts work'),
  row('(?:the )?mirrors (?:all |both )?(?:work|works|adjust)', 'all the mirrors work'),
  row('dead but (?:the )?((?:[a-z.]+ ){0,3}?[a-z.]+) (?:is|does|works)(?= ?(?:,|$))', 'dead , $1 works'),
  row(
    'does not work but (?:the )?((?:[a-z.]+ ){0,3}?[a-z.]+) (?:is|does|works)(?= ?(?:,|$))',
    'does not work , $1 works',
  ),
  row(
    '(?:works?|working|go|goes|come|comes) (?:just |really |very )?(?:great|fine|well|good|perfectly|nicely|beautifully|perfect|as it should|as they should|like it should|like new|properly|too|as well|also|on all (?:three |two |four )?speeds|on both speeds|(?:on |at )?both speeds|every time)',
    'works',
  ),
  row(
    "(?:go|goes|went|move|moves) (?:back and forth|up and down|side to side|up|down|round|in and out) but (?:they are |it is |they're |it's )?(?:pretty |really |very |a bit |a little |kind of |kinda )*(?:slow|sluggish|lazy|sticky|stiff|weak)",
    'slow',
  ),
  row('(?:go|goes|went|move|moves) (?:back and forth|up and down|side to side|in and out)', 'works'),

  row('(?:come|comes|came|light|lights|lit) (?:on|up)', 'works'),
  row('blows? (?:cold|hot|ice cold|warm|nice and cold)|ice cold', 'works'),
  row('(?:parking brake|handbrake|hand brake|emergency brake|e brake) holds', 'parking brake works'),
  row(
    'is (?:pretty |really |very |a bit |a little |kind of |kinda )*(?:sticky|sticking|slow|stiff|weak|lazy|sluggish)',
    'slow',
  ),
  row('(?:sticky|sticking)', 'stiff'),
  row(
    'slow (?:going|coming) (?:up|down)|slow to (?:go up|go down|open|close|move)|works? but (?:it is |they are )?(?:pretty |really |very |a bit |a little )?(?:slow|slowly|weak|lazy|stiff)',
    'slow',
  ),
  row('(?:headlights?|headlamps?|head lamps) works? , high and low', 'low beam works , high beam works'),
  row(
    'high beams? and low beams? (?:both )?works?|low and high beams? (?:both )?works?|both beams work',
    'low beam works , high beam works',
  ),
  row(
    '(?:left|right|driver.s|passenger.s|one|center|centre|third) (brake|tail|reverse|backup|plate) lights? (?:is )?(?:out|dead)',
    '$1 lights dead',
  ),
  row('back ?up lights?', 'reverse lights'),
  row('(?:a ?/ ?c|air con|aircon|ac)', 'air conditioning'),
  row('e brake|emergency brake', 'parking brake'),
  row('licen[sc]e plate lights?|tag lights?', 'plate light'),
];
