/**
 * Walk-rounds as people talk, written by hand, with what each utterance says of the car behind the bar; nothing behind it
 * where it says nothing. `clean ZONE *` is every aspect of the place but its function. What was named before carries on.
 * These were looked at while the rules were written.
 */
export const WORKED_ON = `
# outside, us | fastback | left | um
hey everybody good morning this is Ilse out at the tramshed |
we're gonna walk around this sixty seven Halyard today |
so starting up here on the hood I'm getting one twenty two one eighteen and one twenty five | reading hood 122um; reading hood 118um; reading hood 125um
couple of rock chips on the front edge, nothing crazy | finding hood chip x2
no dents no dings in it that I can see | clean hood shape
hood gaps look nice and even | clean hood fit
moving on to the driver's side fender we've got one thirty one | reading fender.left 131um
there's a little ding right there about a quarter inch | finding fender.left ding 6.4mm
and a scratch down by the wheel opening that'll probably buff out | finding fender.left scratch-through
over to the driver's door it's at one forty and one thirty eight | reading door.left.front 140um; reading door.left.front 138um
sorry make that one thirty six | reading door.left.front 136um; -reading door.left.front 138um
door closes nicely, no sag in it at all | clean door.left.front fit
I don't see any rust along the bottom of the door | clean door.left.front corrosion
quarter panel is over, the gauge won't read it | over quarter.left
I suspect there's some filler in there | finding quarter.left filler-visible
couple bubbles coming up behind the wheel | finding quarter.left blister x2

# round the back, us | fastback | left | um
coming around to the back the deck lid reads one twenty nine | reading deck 129um
deck lid's got a touch up about the size of a dime | finding deck touch-up
rear bumper has some light pitting all over | finding bumper.rear pitting
chrome's a little cloudy on the left end of it | finding bumper.rear cloudy
tail lights are both good no cracks | clean lamp.left.tail glass; clean lamp.right.tail glass
passenger side quarter one twenty four one twenty seven one thirty | reading quarter.right 124um; reading quarter.right 127um; reading quarter.right 130um
nothing to report there | clean quarter.right *
passenger door has a door ding mid way up | finding door.right.front ding
same thing on the other side | finding door.left.front ding
rear glass is nice and clear no scratches | clean glass.rear glass
windshield's got a chip down low on the passenger side | finding glass.windshield glass-chip
and a crack about three inches long | finding glass.windshield glass-crack 76.2mm
rubber around the back glass is hard as a rock | finding glass.rear rubber-hard
the right rocker has surface rust underneath | finding rocker.right rust-film
it's solid though the magnet sticks good all the way along | clean rocker.right structure; metal rocker.right magnet-holds
left rocker the magnet falls right off | metal rocker.left magnet-off

# inside, us | fastback | left | um
alright let's jump inside |
dash pad has two cracks in it | finding dash dash-cracked x2
radio works | works radio
clock doesn't | dead clock
heater fan works on all three speeds | works heater.fan
horn works great | works horn
wipers go back and forth but they're pretty slow | poor wipers
fuel gauge is not hooked up | disconnected gauge.fuel
didn't try the a/c | untried air-conditioning
no cruise on this one | absent cruise
driver's seat has a split along the seam about four inches | finding seat.left.front split 101.6mm
passenger seat's great no rips no stains | clean seat.right.front trim
carpet's faded on the driver's side |
headliner is sagging a little at the back | finding headliner sagging
windows go up and down on both sides | works window.left.front; works window.right.front
door locks I couldn't get the driver's one to work | dead lock.left.front
odometer shows sixty one thousand four hundred twelve | odometer 61412

# under the hood and started, us | fastback | left | um
popping the hood let's look at the engine |
oil's on the full mark and it's nice and clean | fluid engine-oil full; fluid engine-oil clean
coolant is a bit low | fluid coolant low
brake fluid's pretty dark | fluid brake dark
little bit of a weep at the valve cover | wet engine.valve-cover
transmission pan's wet | wet transmission.pan
radiator hose looks new |
battery tray has some scale rust on it | finding battery rust-scale
engine number is Q H zero four four one eight | number engine-stamp qh04418
fired right up no choke needed | start at-once
no smoke | start no-smoke
oil pressure forty five pounds at idle | gauge oil 45 psi idle
temp came up to one eighty five and stayed there | gauge temperature 185 f
a puff of blue on startup then it cleared | start smoke-blue
took it down the road it tracks straight brakes are good | road tracking straight; road brakes straight
second gear crunches a little going down | road shifts crunches

# the nearside, gb | fastback | right | um
right then, starting at the nearside front wing |
one hundred and ten, one hundred and twelve, one oh eight | reading fender.left 110um; reading fender.left 112um; reading fender.left 108um
a few stone chips along the arch lip | finding fender.left chip x3
bit of bubbling at the bottom edge | finding fender.left blister
nearside door, dead straight, no dents | clean door.left.front shape
one small car park ding | finding door.left.front ding
sill's been patched at some point, quite neatly | finding rocker.left patch-neat
tapping along it sounds dull | metal rocker.left dull
nearside rear wing two hundred and forty | reading quarter.left 240um
no reading at the bottom | noread quarter.left
boot lid one nineteen | reading deck 119um
boot floor I couldn't lift the mat, it's glued down | blocked trunk.floor trim-on
no sign of any damp in there | clean trunk.floor corrosion
spare wheel's there and the jack | came-along spare-wheel; came-along jack
bonnet, no stone chips, remarkable really | clean hood paint
lovely old thing isn't she |

# mil and lights, us | fastback | left | mil
okay hood is four point eight | reading hood 121.9um
five point one | reading hood 129.5um
four nine | reading hood 124.5um
roof five and a half | reading roof 139.7um
right fender thirteen and a half, that's been painted | reading fender.right 342.9um
seventeen seven on the lower part of it | reading fender.right 449.6um
low beams work | works lamp.head.low
high beams work too | works lamp.head.high
turn signals all work | works lamp.turn
left brake light is out | dead lamp.brake
reverse lights don't come on | dead lamp.reverse
dome light works | works lamp.courtesy
driver's window is slow going up | poor window.left.front
glove box opens and closes fine | works glovebox
hand brake holds | works parking-brake
tach isn't working | dead gauge.tachometer

# brightwork and glass, us | fastback | left | um
front bumper is straight | clean bumper.front fit
it's got a bunch of pits on the top edge | finding bumper.front pitting
the chrome is peeling at the right corner | finding bumper.front plating-peels
grille is missing a bar | 
grille has a dent in the middle | 
left headlight ring is rusty |
headlights are clear no moisture in them | clean lamp.left.head glass; clean lamp.right.head glass
windshield no cracks no chips no delamination | clean glass.windshield glass
wiper scratches in front of the driver | finding glass.windshield glass-scratched
passenger side glass is scratched | finding glass.right.front glass-scratched
the seals are dried out | finding glass.right.front rubber-hard
hubcap on the left front has a dent |
left front tire date code twenty three eighteen | tire wheel.left.front 2318
right rear tire's worn | finding wheel.right.rear tire-worn
wheels have a little curb rash | 
that's about it for the brightwork |

# underneath, us | fastback | left | um
up on the lift here |
front floors look solid, no holes | clean floor.left.front corrosion; clean floor.right.front corrosion
driver's rear floor has been replaced | part floor.left.rear replaced
passenger rear floor has a hole about an inch and a half | finding floor.right.rear perforated 38.1mm
frame rails are straight no kinks | clean rail.left.front structure; clean rail.right.front structure; clean rail.left.rear structure; clean rail.right.rear structure
some scale on the rear crossmember | finding crossmember.rear rust-scale
gas tank is dented | 
rear main's weeping a little | wet engine.rear-main
pinion seal is dripping | wet axle.pinion
fresh undercoating everywhere back here in the trunk floor, makes you wonder why | finding trunk.floor fresh-underseal
exhaust is new |
could be a patch on the left front rail | finding rail.left.front patch-neat
surface rust only on the tunnel | finding tunnel rust-film
pinch welds are bent on the left side from a jack | finding rocker.left pinch-weld-bent
brake line's wet at the right rear | wet brake.line
couldn't get to the tank, no room | blocked tank obstructed

# how it looks, marks and papers, us | fastback | left | um
from ten feet it presents really well |
I'd call it a two footer | presents 0.6m
sits nice and level | stance level
hood bolts have never been turned | mark hood fasteners-undisturbed
fender bolts on the right have been turned, paint's broken on the heads | mark fender.right fasteners-disturbed
door jamb is the same color, no tape lines | mark door.right.front jamb-same; clean door.right.front paint
overspray on the rubber | finding door.right.front overspray
the owner told me it was repainted in ninety two | told restored
he says the engine's been rebuilt | told part-replaced
supposedly it's a two owner car | told owners
radio's a reproduction | part radio reproduction
came with the owner's manual and a spare key | came-along handbook; came-along spare-key
seller wants forty one thousand crowns for it |
give me a call at five five five two three four one |
these were built in the old works down by the harbor |
thanks for watching |

# talk that holds no finding, us and gb | fastback | left | um
hood |
rust is what kills these cars |
you'd expect chips here with this mileage |
the dent in the door was fixed before we got it |
if there was rust it'd be right here |
are there any dents, let me look |
people always ask about the floors |
not only chips |
he used to have one with a cracked windshield |
next time we'll check the roof for dings |
no reading problems with this gauge today |
it no longer has the stripe |
that's not a dent that's a reflection |
I thought that was a scratch but it's just dirt |
sixty seven was the last year for the round lights |
beautiful car, absolutely gorgeous |
# a second lap, us | fastback | left | um
so on the front end here the front valance is scraped up underneath | finding valance.front scratch-through
front panel reads one thirty six | reading panel.front 136um
there are a few chips in the front panel | finding panel.front chip x3
hood's got some orange peel | finding hood orange-peel
one deep scratch running across the hood about ten inches | finding hood scratch-through 254mm
hood sits a little proud on the right side | finding hood proud
I've got one nineteen on the cowl | reading cowl 119um
the cowl has no rust | clean cowl corrosion
passenger side fender one forty five, one fifty | reading fender.right 145um; reading fender.right 150um
it's a repaint I think |
paint on the fender is peeling near the bottom | finding fender.right peeling
rust bubbles at the bottom of the fender behind the wheel | finding fender.right rust-blister
this door has been hit before |
two dings in the passenger door | finding door.right.front ding x2
door gap's tight at the top |
passenger door has to be slammed | finding door.right.front hard-shut
pillar on that side reads one oh six | reading pillar.right.a 106um

# glass, lamps and lights again, us | fastback | left | um
windshield is original glass with no chips | clean glass.windshield glass
there's some delamination in the lower corner of the windshield | finding glass.windshield delamination
passenger door glass has light scratches | finding glass.right.front glass-scratched
driver door glass is clear | clean glass.left.front glass
left headlight has a crack in the lens | finding lamp.left.head glass-crack
right headlight's got moisture inside | finding lamp.right.head moisture
the tail light lenses are fine no cracks | clean lamp.left.tail glass; clean lamp.right.tail glass
all the lights work except the reverse | works lamp.side; works lamp.head.low; works lamp.head.high; works lamp.tail; works lamp.plate; works lamp.turn; works lamp.hazard; works lamp.brake; works lamp.dash; works lamp.courtesy; dead lamp.reverse
left turn signal doesn't work | dead lamp.turn
brake lights work | works lamp.brake
fog lights don't work | dead lamp.fog
interior light doesn't come on | dead lamp.courtesy
dash lights are dim |
windows roll up and down fine | works window.left.front; works window.right.front
passenger window is stuck | dead window.right.front
driver's door opens from the inside | works door.inside.left.front
passenger door won't open from the outside | dead door.outside.right.front
mirrors are fine |

# mechanical and below again, us | fastback | left | um
engine bay's pretty clean |
valve cover is leaking oil | wet engine.valve-cover engine-oil
oil pan's damp | wet engine.pan
power steering pump is leaking | wet steering.pump
radiator's been leaking coolant | wet radiator coolant
oil looks clean | fluid engine-oil clean
oil is low | fluid engine-oil low
brake fluid is full and clear | fluid brake full; fluid brake clean
coolant's rusty | fluid coolant rusty
transmission fluid is dark | fluid transmission dark
there's some water in the washer bottle |
bulkhead has surface rust | finding bulkhead rust-film
battery's new | part battery new
apron on the left is bent |
radiator support has been hit | finding support.radiator impact-damage
carburetor's wet | wet carburetor
axle cover is damp | wet axle.cover

# starting and driving again, us and gb | fastback | left | um
cold start, fired at once, no smoke | start at-once; start no-smoke
blue smoke when it started | start smoke-blue
needs choke to start | start choke
turns over strong | start strong
idle is eight hundred rpm | gauge rpm 800 rpm
oil pressure fifty psi | gauge oil 50 psi
water temp one eighty | gauge temperature 180 f
volts at fourteen point one | gauge volts 14.1 v
fuel gauge reads half | gauge fuel half
on the road it pulls to the right | road tracking pulls-right
brakes feel firm | road brakes firm
rear axle's whining | road axle whines
gearbox jumps out of second | road shifts jumps-out
no vibration | road vibration none
steering has some play | road steering play
doesn't overheat | 
exhaust blows | road exhaust blows

# cabin again, gb | fastback | right | um
driver's seat is worn on the bolster | finding seat.right.front worn
passenger seat's torn | finding seat.left.front split
rear seat's fine | clean seat.rear trim
carpets are all worn through |
offside carpet is damp |
headlining's torn by the rear screen | finding headliner split
door card on the nearside has a split | finding card.left.front split
dash has no cracks | clean dash trim
steering wheel's cracked |
speedo works but the rev counter doesn't | works gauge.speed; dead gauge.tachometer
clock's stopped | dead clock
wireless doesn't work |
heater blows hot | works heater.control
horn doesn't work | dead horn
wipers work both speeds | works wipers
screen washers work | works washers.spray
handbrake won't hold | dead parking-brake
there's a smell of petrol | 

# a pickup, us | pickup | left | um
this is the Dray pickup one family owned |
hood has chips everywhere | finding hood chip
tailgate's got a big dent, six inches | finding tailgate dent 152.4mm
bed floor is scratched up pretty bad | finding bed.floor scratch-through
left bed side one twenty eight | reading bed.left 128um
right bed side is one thirty one | reading bed.right 131um
cab corners are rusted through on both sides | finding corner.left perforated; finding corner.right perforated
no rust in the rockers | clean rocker.left corrosion; clean rocker.right corrosion
tailgate works fine | 
bench seat has a tear |
odometer reads eighty four thousand one fifteen | odometer 84115
rear bumper's bent on the left | finding bumper.rear bent
front bumper is nice and straight | clean bumper.front fit
frame's solid |
spare tire is there under the bed | came-along spare-wheel
bed's been painted |

# a convertible and misheard words, us | convertible | left | um
top's got a tear by the back window | finding top split
back window's cloudy |
top goes up and down | works top
top is slow | poor top
left finder has a dent | finding fender.left dent
right rock or panel has rust bubbles | finding rocker.right rust-blister
bond oh in the left qtr panel | finding quarter.left filler-visible
crome on the front bumper is pitted | finding bumper.front pitting
de lamination on the wind shield | finding glass.windshield delamination
the duck lid has a ding |
both finders read one ten |
pinch wells on the left are bent | finding rocker.left pinch-weld-bent
head liner |
the truck lid's gap is fine |
frame rail on the left has scale | 
no blisters on the deck lid | clean deck paint
`;
