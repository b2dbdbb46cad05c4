import { type Rewrite, row } from './row';

/** Places where fluids come out, as people call them. */
const LEAKS =
  'valve covers?|rocker cover|cam cover|rear main(?: seal)?|oil pan|sump|oil filter|front seal|timing cover|bell ?housing|steering box|steering rack|fuel pump|water pump|thermostat(?: housing)?|radiator|top hose|bottom hose|upper hose|lower hose|heater hose|transmission pan|gearbox pan|output seal|pinion(?: seal)?|diff cover|axle cover|master cylinder|slave cylinder';

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
