import { type Rewrite, row } from './row';

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
