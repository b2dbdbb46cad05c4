import { FUNCTION_SAYS, SIDED_SAYS } from '../function-phrases';

/**
 * Talk in the words of the entry line: each row is what is said and what the line calls it. Rows are tried in order, on
 * lower case with contractions opened ("there's" is "there is") and numbers still in words.
 */
export type Rewrite = readonly [said: RegExp, line: string];

/** Places where fluids come out, as people call them. */
const LEAKS =
  'valve covers?|rocker cover|cam cover|rear main(?: seal)?|oil pan|sump|oil filter|front seal|timing cover|bell ?housing|steering box|steering rack|fuel pump|water pump|thermostat(?: housing)?|radiator|top hose|bottom hose|upper hose|lower hose|heater hose|transmission pan|gearbox pan|output seal|pinion(?: seal)?|diff cover|axle cover|master cylinder|slave cylinder';

/** Names of things that should work, the longest first. */
const FN = [...Object.values(FUNCTION_SAYS).flat(), ...Object.values(SIDED_SAYS).flat(), 'a ?/ ?c', 'ac', 'windows?']
  .sort((a, b) => b.length - a.length)
  .join('|');

const row = (said: string, line: string): Rewrite => [new RegExp(`\\b(?:${said})(?![\\w'])`, 'g'), line];

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

/** Names that people have for parts and flaws, beside those of the line. */
export const NAMES: readonly Rewrite[] = [
  row(
    "(quarter panel|rocker panel|front wing|rear wing|tail light|head light|fender|wing|door|quarter|rocker|sill|headlight|headlamp|taillight|window|mirror|seat|carpet|floor|wheel|tire|tyre|rail)( bolts)? (?:on|at) the (left|right|driver'?s?|passenger'?s?|nearside|offside)(?: hand)?(?: side)?(?! (?:edge|corner|side|end|front|rear|half))",
    '$3 $1$2',
  ),
  row("(driver|passenger)'?s?'? side quarter(?: panel)?", '$1 quarter'),
  row("(driver|passenger)(?:'?s)? side", "$1's"),
  row('door pockets?', 'door card'),
  row('rock chips?|stone chips?|stone marks?|stone hits?', 'chips'),
  row('(?:door|car park|parking lot|shopping cart|trolley) dings?', 'ding'),
  row('bondo|body filler|mud|pudding', 'filler'),
  row('nicks?', 'chip'),
  row('(door|hood|bonnet|trunk lid|boot lid|deck lid|tailgate) (?:is )?(?:sags|sagging)', '$1 drops when opened'),
  row('(?:falling|hanging|coming|dropping) down', 'sagging'),
  row('smells? (?:a bit |a little )?(?:like|of) (?:a )?(?:mice|mouse|rodents)', 'smell mice'),
  row('smells? (?:a bit |a little )?(?:like|of) (?:cigarettes?|smoke|cigars?|tobacco)', 'smell smoke'),
  row('smells? (?:a bit |a little )?(?:like|of) (?:fuel|gas|gasoline|petrol)', 'smell fuel'),
  row('smells? (?:a bit |a little )?(?:like|of) (?:damp|mold|mould|mildew)', 'smell damp'),
  row('wheel (?:lip|opening|arch lip)', 'arch lip'),
  row(
    '(?<=lid |hood |door |bonnet |fender |wing )sits (?:up )?(?:a little |a bit |slightly |a touch )?(?:high|proud)',
    'sits proud',
  ),
  row('rear axle pinion', 'pinion'),
  row('paint chips?', 'chips'),
  row('sanding (?:scratches|marks)|sand paper scratches', 'sand scratches'),
  row(
    'patch welded in(?: there)? ,? (?:a |and |it is )?(?:nice |pretty |very )?neat(?:ly done| job| work)?',
    'neat patch',
  ),
  row('patch welded in', 'patch'),
  row('(?:trans|transmission|gearbox) output seal', 'output seal'),
  row('(?:surface|cosmetic|superficial)(?= pitting| scratch| crack| blemish)', ''),
  row('(?:the )?paint (?:on|of) (?:the|this|that)', ''),
  row('(t[iy]re) code', '$1 date code'),
  row('two keys|both keys|two sets of keys|a spare set of keys|2 keys', 'spare-key'),
  row('(?:miles|mileage|odometer|clock) (?:show|shows|are at|is at|reads|says|showing)(?= [a-z]+ )', 'odometer'),
  row('(t[iy]res?) (?:is |are )?damaged', '$1 tire-damaged'),
  row('diff pinion|differential pinion', 'pinion'),
  row('(?:has|have) been off(?: the car)?(?: at some point)?', 'bolts have been turned'),
  row(
    "jambs? (?:on|of|in) (?:the )?((?:driver's|passenger's|driver|passenger|left|right|nearside|offside) (?:front |rear )?door)",
    '$1 jamb',
  ),
  row('(?:looks|appears|seems|believed)(?: to be)? (?:all )?original', 'said-original'),
  row('all (?:four|three|five)(?: of)?(?: the)?(?= [a-z])', 'all'),
  row('drops when (?:you |i )?open(?:ed)?(?: it)?|sags when (?:you |i )?open(?:ed)?(?: it)?', 'drops when opened'),
  row('(?:trunk|boot)(?= hinge| bolts| lid hinge)', 'deck'),
  row(
    '((?:sealer|sealer beads|seam sealer|bolts|hinge bolts)) (?:are |is )?(?:all )?there ?,? (?:and )?(?:all )?(undisturbed|untouched)',
    '$1 $2',
  ),
  row(
    '(t[iy]re) (?:has |with |has got )?(?:a )?(?:cut|gash|slice)(?: in (?:the sidewall|it|the tread))?',
    '$1 sidewall cut',
  ),
  row('(t[iy]res?) (?:is |are )?(?:all |pretty |very |really )*(?:old|aged out|aged)', '$1 tire-aged'),
  row('original glass(?= with)', ''),
  row('((?:head|tail) ?(?:light|lamp)) lenses', '$1s'),
  row(
    '(?:has|have) (?:to be slammed|to slam it)|you have to slam it|needs (?:a )?slam(?:ming)?|only closes with a slam',
    'must be slammed',
  ),
  row('(?:has|have) been (hit|dented|scratched|cracked|bent|leaking|weeping|dripping)(?! before)', '$1'),
  row('rear end(?= (?:whines|whining|is whining|is quiet|leaks|is leaking))', 'rear axle'),
  row(
    'pinch welds? (?:on|along) (?:the )?(left|right|driver.s|passenger.s)(?: side)? (?:is |are )?(?:bent|crushed|folded over|mashed)(?: up)?',
    '$1 rocker pinch weld bent',
  ),
  row(
    '((?:cab )?corners|rockers|sills|doors|fenders|wings|quarters|quarter panels|rocker panels|headlights|taillights) ((?:[a-z]+ ){1,5}?[a-z]+) on both sides',
    'both $1 $2',
  ),
  row('rust bubbling', 'rust bubbles'),
  row('bubbling(?: up)?(?: paint)?|bubbled', 'bubbles'),
  row('rips?|ripped', 'torn'),
  row('(top) (?:is |has |has got |got )?(?:a )?(?:small |big |little |bad )?(?:tear|torn)', '$1 split'),
  row('tears', 'tear'),
  row('splitting', 'split'),
  row('kinks?|kinked', 'kinked'),
  row('paint is (?:broken|cracked|chipped) on (?:the|their) heads', ''),
  row(
    '(?:has |have )?(?:been )?patched(?: at some point)?(?: in the past)? ?,? (?:and )?(?:quite |pretty |very |really |rather )?(?:neatly|nicely|well)',
    'neat patch',
  ),
  row(
    '(?:has |have )?(?:been )?patched(?: at some point)? ?,? (?:and )?(?:quite |pretty |very |really |rather )?(?:roughly|badly|crudely|poorly)',
    'crude patch',
  ),
  row('(?:has|have) been(?= patched)', ''),
  row(
    '(rubber|seals?|gasket|weather ?strip(?:ping)?)(?: (?:all )?(?:around|round|on|of|in|for)) (?:the )?((?:back|rear|front|left|right|driver.s|passenger.s)? ?(?:glass|windshield|windscreen|window|screen|door))',
    '$2 rubber',
  ),
  row('scratched up|scratching', 'scratched'),
  row('scuffs?|scuffed|scrapes?|scraped', 'scratch'),
  row('(?:a )?musty(?: smell| odou?r)?|smells? (?:a bit |a little )*musty', 'smell damp'),
  row('curb rash|kerb rash|kerbed|curbed', 'curb-rash'),
  row('scale rust|scaly rust|heavy scale', 'scale'),
  row('rusted through|rotted out|rotted through|rusted out|rotten through', 'rusted through'),
  row(
    'pinch welds? (?:is |are )?(?:bent|crushed|folded over|mashed) (?:up )?(?:on|along) (?:the )?(left|right|driver.s|passenger.s)(?: side)?',
    '$1 rocker pinch weld bent',
  ),
  row('(?:fresh|new) (?:undercoating|undercoat|underseal)', 'fresh underseal'),
  row('bent pinch welds?|pinch welds? (?:is|are) (?:bent|crushed|folded over|mashed)', 'pinch weld bent'),
  row('wiper (?:scratches|marks?|arcs?)', 'scratched'),
  row('(?:wiper )?(?:has |is )?left an arc(?: in the glass)?', 'glass scratched'),
  row(
    '(?:dried|drying) (?:out|up)(?: and (?:cracked|hard|brittle))?|perished|hard as a rock|rock hard|gone hard|gone off|crumbling|cracked and hard',
    'perished',
  ),
  row('moisture|condensation|fogging|fogged(?: up)?|foggy(?: inside)?|fog(?! ?(?:lights?|lamps?))', 'moisture'),
  row('(?:plating|chrome) (?:is )?(?:peeling|lifting|flaking|coming off|lifted)', 'plating peels'),
  row(
    '(?:is |are )?(?:off the scale|over the limit(?: of the gauge)?|over the range|maxed out|past the limit|out of range|over range)(?: of the gauge)?',
    'over',
  ),
  row('over (?:,|and)? ?(?:the )?(?:gauge|meter) (?:will not|won.t|can.t|does not|doesn.t) read(?: it| that)?', 'over'),
  row(
    '(?:the )?(?:gauge|meter) (?:will not|won.t|can.t|does not|doesn.t) (?:read|pick (?:it )?up)(?: it| that| here| there)?|no reading(?! problems?)|will not read|won.t read',
    'noread',
  ),
  row('(?:spare wheel|spare tire|spare tyre)(?! well)', 'spare-wheel'),
  row('hood (?:hinge )?bolts', 'hood bolts'),
  row('date codes? is|date codes?', 'date code'),
];

/** Doubt in one word, so that it stands by what is doubted. */
export const HEDGES: readonly Rewrite[] = [
  row('(?:has|have) been (filled)(?: i think| i reckon| i suspect)?', 'maybe filler'),
  row(
    '(?:and |but )?(?:i am |i would |i )?(?:suspecting|suspect|guessing|guess|think|bet|reckon|believe|assume|am guessing|am thinking)(?: that| there is| there are| there may be| there might be| it is| that is| this is| it has)*',
    'maybe',
  ),
  row(
    '(?:it |this |that )?(?:looks like|could be|might be|may be|appears to be|seems to be|seems like|could well be|is possibly|is probably)(?: that| there is| there are| there may be| there might be| there could be| it is| it has)*',
    'maybe',
  ),
  row('possibly|perhaps|probably|maybe(?: maybe)+|there (?:might|may|could) be', 'maybe'),
  row('i would (?:guess|say|think|suspect)', 'maybe'),
  row('maybe(?: (?:a |an |some |little |bit of |a bit of |a little )*maybe)+', 'maybe'),
];

/** What looks say: clean by the aspect that people mean. */
export const LOOKS: readonly Rewrite[] = [
  row(
    '(?:is |are )?in (?:really |very |pretty |fairly |such )?(?:good|nice|great|excellent|fine|lovely|wonderful) (?:shape|condition|order|nick)',
    'is good',
  ),
  row(
    "(?:no|not any|without|zero|free of|do not see any|don't see any) (?:signs? of|evidence of|hint of|trace of) ",
    'no ',
  ),
  row("(?:i )?(?:do not|don't|did not|didn't|can not|cannot|can't) see (?:any|a|no)(?: signs? of| evidence of)?", 'no'),
  row(
    "(?:i )?(?:could not|couldn't|can not|cannot|can't|did not|didn't) find (?:any|a)(?: signs? of| evidence of)?",
    'no',
  ),
  row('there (?:are|is) (?:no|not any|not a)', 'no'),
  row('i see no|see no|has no|have no|got no|with no|showing no|zero', 'no'),
  row('(?:is |are )?free (?:of|from)(?: any)?', 'no'),
  row('not a single|not one|not any|nary a', 'no'),
  row('no (?:visible|obvious|real|apparent|major|serious|big|other|significant|noticeable)', 'no'),
  row(
    'nothing to (?:report|say|see|note)|nothing wrong|nothing there|nothing here|no issues?|no problems?|no complaints|no faults|no damage',
    'nothing to report',
  ),
  row(
    'dead straight|arrow straight|laser straight|straight as an arrow|(?:is |are |looks? |runs? )(?:all |nice and |really |very |pretty |dead )?straight',
    'is straight',
  ),
  row(
    'opens? and (?:closes?|shuts?) (?:like new|nicely|well|fine|great|easily|smoothly|beautifully|as it should|properly)',
    'ok fit',
  ),
  row(
    '(?:it |they )?(?:closes?|shuts?|latch(?:es)?) (?:real |really |very |so |just |all )*(?:nicely|nice|well|fine|great|beautifully|good|perfectly|with one finger|like it should|easily|smoothly|properly|with a (?:nice )?(?:click|clunk))',
    'ok fit',
  ),
  row(
    '(?:panel )?(?:gaps?|shut ?lines?|fit) (?:is |are |look |looks )?(?:all )?(?:very |really |pretty |nice and |nicely |all |quite )?(?:even|good|nice|nice and even|consistent|nice and tight|spot on|great|fine|excellent|uniform)',
    'ok fit',
  ),
  row('no sag(?:ging)?(?: in it| in them)?(?: at all)?', 'ok fit'),
  row(
    '(?:is |are |looks? |feels? |seems? )(?:all )?(?:nice and |really |very |pretty |rock |all |good and |still )?solid',
    'is solid',
  ),
  row(
    '(?:is |are |looks? )(?:all |both )?(?:nice and |really |very |pretty |perfectly |absolutely |crystal |still )?(?:clear)',
    'is clear',
  ),
];

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

/** What could not be looked at. */
export const BLOCKED_SAYS: readonly Rewrite[] = [
  row(
    "(?:i )?(?:could not|couldn't|can not|cannot|can't) (?:see|get to|get at|reach) (?:the )?((?:[a-z']+ ){0,2}?[a-z']+) ,? ?(?:because |as |since )?(?:the [a-z]+ (?:is|was)|it is|there is something) (in the way)",
    'blocked $1 $2',
  ),
  row(
    "(?:i )?(?:could not|couldn't|can not|cannot|can't|was not able to|wasn't able to) (?:get to|get at|reach|get under|get a look at|get to see|see)(?: the)? ((?:[a-z.]+ ){0,3}?[a-z.]+) (?:, |because |as )?(?:it is |there is |because |the )?(no room|no key|locked|wet|dirty|in the way)",
    'blocked $1 $2',
  ),
  row("(?:i )?(?:could not|couldn't|can not|cannot|can't) lift (?:the )?(?:mat|carpet)(?: up)?", 'blocked carpet on'),
  row(
    "(?:i )?(?:could not|couldn't|can not|cannot|can't) (?:open|get) (?:the )?((?:[a-z.]+ ){0,3}?[a-z.]+)(?: open)? (?:, |because |as )?(?:there is )?(no key|locked|stuck|jammed)",
    'blocked $1 $2',
  ),
];

/** Fluids, the start and the dash. */
export const RUNNING: readonly Rewrite[] = [
  row(
    'on the full mark|at the full mark|right on full|at full|on full|up to the mark|up to the line|at the line',
    'full',
  ),
  row('smells? burnt|smells? burned|smelling burnt', 'smells burnt'),
  row('(?:weeping|weep|seep|seeping|sweating)(?: a little| a bit| a touch| slightly)?', 'weeping'),
  row(`(?:little |small |slight )?(?:weeping|seeping) (?:at|on|from|around) (?:the )?(${LEAKS})`, '$1 weeping'),
  row('(?:has |with |got )?(?:a )?(?:little |small |slow )?(?:drip|drips|dripping)', 'dripping'),
  row('(oil pan|valve cover|diff|transmission pan) gaskets?', '$1'),
  row('brake master(?: cylinder)?', 'master cylinder'),
  row('(?:is )?(?:leaking|leaks) on the transmission', 'leaking'),
  row(
    '(?:fired|fires|started|starts|lit|lights|cranked|came) (?:right |straight |immediately )(?:up|off|away)|(?:fired|fires|started|starts) (?:at once|first time|on the first (?:try|turn|crank|go)|instantly|immediately|up right away|right away|on the button)',
    'starts at once',
  ),
  row('no choke(?: needed)?|without (?:any )?choke', ''),
  row(
    '(?:a )?puff of blue(?: smoke)?(?: (?:on|at) (?:startup|start up|start|the start))?(?: (?:then|and) (?:it )?(?:cleared|went away|clears)(?: up| right up)?)?',
    'puff of blue smoke',
  ),
  row('white smoke that (?:goes away|went away|cleared|clears|clears up|burned off)', 'white smoke that fades'),
  row(
    'cranks? (?:a bit |a little |kinda |kind of |pretty |really |very )?slow(?:ly)?|turns over (?:a bit |a little |kinda |kind of |pretty |really |very )?slow(?:ly)?|slow to crank',
    'cranks slow',
  ),
  row(
    '(blue|white|black) smoke (?:when|as) it (?:started|starts|fired(?: up)?)|(blue|white|black) smoke (?:on|at) (?:start ?up|the start)',
    '$1$2 smoke',
  ),
  row('coolant (?:is )?(?:a )?(?:nice )?(?:green|blue|pink|orange|red)(?: and| ,)?', 'coolant'),
  row('(temp(?:erature)?|oil|oil pressure|charge) gauge(?= (?:is|sits|reads|shows|at|showing|holding|steady) )', '$1'),
  row(
    '(?:sits|sitting|holding|holds steady|steady|settles|settled|stays|stayed|sat) (?:right )?(?:at|around|on)',
    'at',
  ),
  row('(?:water|coolant|engine) temp(?:erature)?', 'temp'),
  [/ , (?:the )?level (?:is )?/g, ' and '],
  row(`(?:an? )?(oil|coolant|fuel) leak (?:at|from|on|around|by) (?:the )?(${LEAKS})`, '$2 leaking $1'),
  row(`leak(?:s|ing)? from (?:the )?(${LEAKS})`, '$1 leaking'),
  row('pounds of oil pressure', 'psi oil pressure'),
  row('pounds(?: of pressure)?', 'psi'),
  row(
    `(?:oil|grease) (?:around|on|at|from|under|below|weeping from|coming from|leaking from) (?:the )?(${LEAKS})`,
    '$1 wet with oil',
  ),
  row(
    'coolant (?:around|on|at|from|under|below|coming from|leaking from) (?:the )?(water pump|radiator|thermostat(?: housing)?|top hose|upper hose|lower hose|bottom hose|heater hose|heater core)',
    '$1 wet with coolant',
  ),
  row('valve covers', 'valve cover'),
  row("(?:does not|doesn't|did not|didn't) smoke", 'no smoke'),
  row(
    '(white|blue|black) smoke(?: at first)? ?,? (?:then|and|but) (?:it )?(?:clears|cleared|goes away|went away)(?: up)?',
    '$1 smoke',
  ),
  row(
    '(?:temp|temperature) (?:came|comes|went|goes|got|gets|climbed|sits|sat|settled|runs|ran|holds|held)(?: up)? (?:to|at|around|about)',
    'temperature',
  ),
  row('(?:and |then )?(?:stayed|stays|held|holds|sat|sits|stopped) (?:right )?(?:there|put|steady)', ''),
  row('charges? at|charging at|charges', 'charging'),
  row('idles? at|idling at', 'idles at'),
];

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
