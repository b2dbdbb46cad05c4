/**
 * What talk is full of and what says nothing of a car. Words may be passed over anywhere between and within statements, so
 * none of them may turn what is said: no negation, no condition, no past, no other car, no hedge.
 */
const words = (text: string): readonly string[] => text.split(/\s+/).filter(Boolean);

export const HARMLESS_WORDS: ReadonlySet<string> = new Set([
  // Small words of the sentence.
  ...words(`the a an this that these those it its is are am be being and also too as well so then just with but of to at in on
    has have having got gotten get getting gets i you we he me my our your here there which what who now next first okay ok
    yeah yep yes yup please thing things piece spot area for from into onto out up down along about by do does though although however
    see seeing look looks looking shows show showing give gives giving take reads reading gauge come comes coming go going
    start starting let us say or even some lot lots bunch like very pretty quite fairly rather super such really
    actually basically honestly obviously clearly definitely certainly absolutely literally simply alright hey hi hello
    hopping jumping climbing walking folks guys everybody everyone friends car vehicle lens lenses bars tap tapping tapped running today tonight morning afternoon evening because`),
  // Praise and its likes: of itself it says nothing.
  ...words(`beautiful beautifully gorgeous lovely wonderful stunning amazing awesome remarkable remarkably impressive sweet
    fantastic excellent superb great cool neat sharp handsome elegant special incredible incredibly amazingly surprisingly
    honest decent respectable presentable smart love loved wow man boy gosh`),
  // Judgement that no kind of record holds: passed over beside what was seen, left to be looked at where it stands alone.
  ...words(`tired shabby scruffy ratty rough-ish`),
  // How much and how: kept out where no figure hangs on it.
  ...words(`tiny teeny wee minor slight slightly small little light lightly faint fine-looking nasty ugly obvious noticeable nice
    nicely typical normal usual overall generally approximately roughly exactly single only halfway`),
]);

/** Whole phrases that say nothing; longest first when matched. Words in them may say something elsewhere. */
export const HARMLESS_PHRASES: readonly string[] = [
  ...`good morning|good afternoon|good evening|good day|good night|good to be here|good to see you|good luck|good question|good thing|good news|good old|have a good one|have a good day|okay so|all right|alright|right then|so yeah|um|umm|uh|uhm|er|erm|ah|hmm|you know|i mean to say|as you can see|you can see|we can see|i can see
  as far as i can see|as far as i can tell|that i can see|that i can find|that i could see|from what i can see|from here|from what i see
  here we have|here we go|we have|we have got|we got|i have got|it has got|it has|it is at|it is|he has got|there is|there are|there we go|there you go
  let me show you|let me see|let us look at|let us take a look at|let us have a look at|let us see|let us go to|let us jump|let us start with|let us start at|take a look at|have a look at
  moving on to|moving over to|moving to|moving on|moving down to|moving along to|moving up to|moving around to|moving back to|moving round to|coming around to|coming round to
  coming around|coming round|coming up to|coming up on|coming back to|coming down to|coming to|coming up|come around to|going over to|going round to|going around to|going back to|going up to|going down to|going to
  go over to|go to|go around to|on to|onto|looking at|looks at|look at|if you look at it|if you look at|if you look close|if you look closely|over to|over here|over on|over at|right here|right there|up here|down here|in here|back here|up there|down there|in there|out here|out there|up on|down on|back on
  on this one|on that one|on here|on there|now then|and then|next up|first up|first off|first of all|first thing|starting with|starting at|starting on|starting up here|starting off|starting out|start with|start at
  at all|by the way|as well|i guess you would say|i would say|i would call it|i would call that|the first thing you notice is|first thing you see is|the first thing you see is|first thing i notice is|is next|comes next|is up next|on the dipstick|on the stick|then nothing|and that is it|that is it|lower down|higher up|further down|further up|further back|further along|checking fluids|checking the fluids|fluids|as for the fluids|like new|nothing crazy|nothing major|nothing serious|nothing terrible|nothing too bad|nothing bad|nothing big|nothing to worry about|not too bad|not bad at all|not bad|no big deal|not a big deal|not terrible|not the end of the world
  i am getting|we are getting|i am seeing|we are seeing|i am reading|we are reading|i have|i got|i get|i see|we see|i find|i found|i noticed|you will see|you will notice|you will find|comes in at|came in at|comes out at|came out at|reads out at|measures|measuring|measured at|i am at|we are at|is showing|is reading|shows up as|the gauge says|the gauge shows|gauge says|gauge reads|the meter says|meter says|meter reads|readings of|a reading of
  to be honest|to be fair|in my opinion|if i am honest|believe it or not|of course|for sure|for the most part|for the year|for the age|for its age|for a car this age|for its mileage|considering|considering its age|considering the age|for what it is|for an old car
  how about that|look at that|check that out|there it is|here it is|that is about it|thank you|thanks for watching|thanks|cheers|so far so good|and so on|kind of|sort of|a little bit of|little bit of|a little bit|little bit|a bit of|bit of|a bit|a touch of|a touch|a bunch of|bunch of|a lot of|lots of|lot of|plenty of|quite a few|quite a bit of|a hint of|a spot of|some sort of|some kind of|kinda
  or so|or thereabouts|give or take|more or less|about the size of a dime|the size of a dime|about the size of a quarter|the size of a quarter|size of a dime|size of a quarter|about the size of a coin|the size of a coin|the size of a pea|the size of a fingernail|the size of my thumb|about the size of my thumb
  from the factory i think|so to speak|at some point|at some stage|at one point|as i said|like i said|what else|what have we got|as expected|as you would expect|all the way along|all the way down|all the way across|all the way|all over the place|all over it|all over|all along|in places|in spots|here and there|in a couple of places|throughout|everywhere
  underneath it|down low|low down|up high|up top|on top|mid way up|midway up|half way up|halfway up|a third of the way up|half way down|halfway down|down at the bottom|right at the bottom
  coming around to the back|coming around to the front|around to the back|around to the front|around the back|round the back|on the car|on this car|of the car|of this car|on the vehicle|on it|in it|of it|to it|around it|about it|with it|for it|on them|in them|of them|there too|here too|too far|so there is that|so that is nice|that is nice|which is nice|that is good|which is good|that is great|so that is good|really nice|very nice|looking good|looking great|nice and clear`
    .split(/\||\n/)
    .map((p) => p.trim())
    .filter(Boolean),
];

/** Remedies, reasons and doubt about worth: a note with what they stand by, never a statement of their own. */
export const ASIDES: readonly RegExp[] = [
  /\b(?:but\s+|and\s+)?(?:that|it|they|which|those|these)?\s*(?:will|should|would|might|may|could|can)\s+(?:probably\s+|likely\s+|easily\s+|just\s+|all\s+|definitely\s+)*(?:buff|polish|clean|wash|rub|come|pull|wipe)\s+(?:right\s+|straight\s+)?(?:out|off|up)\b/g,
  /\b(?:but\s+|and\s+)?(?:that|it|they|which)?\s*(?:(?:will|would|could|might)\s+)?(?:probably\s+)?needs?\s+(?:a\s+|to\s+be\s+|some\s+|new\s+)?(?:re-?chroming|re-?chromed|re-?plating|re-?plated|replacing|replaced|redoing|redone|adjusting|adjustment|attention|polish(?:ing)?|clean(?:ing)?|wash|buff(?:ing)?|repair|repairing|repainting|paint|love|work)\b/g,
  /\bfrom\s+(?:the\s+|a\s+|some\s+)?(?:wipers?|stones?|rocks?|the\s+road|road|people\s+leaning\s+in|leaning\s+in|use|age|wear|sun|the\s+sun|sunlight|boots|shoes|a\s+jack|the\s+jack|jacking|hail|a\s+tree|branches|keys?|rings?|gravel|shopping\s+carts?|trolleys?|getting\s+in(?:\s+and\s+out)?|in\s+and\s+out|sitting|storage|the\s+weather|salt)\b/g,
  /\b(?:makes?|made)\s+(?:you|me)\s+wonder(?:\s+why)?\b/g,
  /\b(?:that|it|which)\s+(?:has|is)\s+(?:definitely\s+|obviously\s+|clearly\s+|probably\s+)?been\s+(?:painted|repainted|resprayed|refinished|re-sprayed)\b/g,
  /\bit\s+is\s+(?:glued|bolted|screwed|stuck)\s+down\b/g,
  /\b(?:people|they)\s+(?:lean|rest|put)\s+(?:on|in|their)\b[^,]*/g,
];
