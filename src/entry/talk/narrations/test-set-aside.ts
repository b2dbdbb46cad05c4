/**
 * Walk-rounds as people talk, written by hand, with what each utterance says of the car behind the bar. Set aside: no rule
 * was made from them and no word of them looked for in the rules; only their figure is looked at.
 */
export const SET_ASIDE = `
# a walk round it, us | fastback | left | um
how's it going everybody, we're in the depot with lot three |
front bumper first, a couple of pits, nothing bad | finding bumper.front pitting x2
grille's clean no damage | clean grille *
hood has a chip here and a chip there | finding hood chip; finding hood chip
hood's at one thirty five | reading hood 135um
left front fender one twenty, one nineteen | reading fender.left 120um; reading fender.left 119um
there is a small scratch on the top of it | finding fender.left scratch-through
driver's door one thirty three and a dent in the middle | reading door.left.front 133um; finding door.left.front dent
dent's about an inch | finding door.left.front dent 25.4mm
I don't see any filler in it | clean door.left.front shape
driver's rocker has been patched, not very well |
left quarter reads three ninety | reading quarter.left 390um
could be filler in there | finding quarter.left filler-visible
trunk lid one eighteen, one twenty | reading deck 118um; reading deck 120um
no swirls in the trunk lid | clean deck paint
tail lights good | clean lamp.left.tail glass; clean lamp.right.tail glass
right quarter no dents no rust one twenty five | clean quarter.right shape; clean quarter.right corrosion; reading quarter.right 125um
right door has a touch up on the edge | finding door.right.front touch-up
passenger front fender has orange peel | finding fender.right orange-peel
sorry that's the passenger door |
windshield has pitting | 
roof no dents | clean roof shape

# trying things, us | fastback | left | um
okay let's try everything |
headlights work both low and high | works lamp.head.low; works lamp.head.high
tail lights work | works lamp.tail
brake lights don't work | dead lamp.brake
reverse lights work | works lamp.reverse
horn is weak | poor horn
the wipers work but the washers don't | works wipers; dead washers.spray
heater fan doesn't blow | dead heater.fan
defroster works | works defroster
radio's not hooked up | disconnected radio
clock runs | works clock
windows both go up and down | works window.left.front; works window.right.front
driver's lock works | works lock.left.front
lighter's missing | 
fuel gauge reads a quarter tank | gauge fuel quarter
oil gauge works | works gauge.oil
didn't test the cruise | untried cruise

# interior and under, gb | fastback | right | um
driver's seat has a tear about two inches | finding seat.right.front split 50.8mm
passenger's seat has some wear | finding seat.left.front worn
headlining's stained over the driver | finding headliner stained
dash is cracked in two places | finding dash dash-cracked
door cards are clean | clean card.left.front trim; clean card.right.front trim
nearside floor's rusty | 
boot floor has a hole about three inches | finding trunk.floor perforated 76.2mm
offside sill has rust blisters | finding rocker.right rust-blister
magnet falls off the offside sill | metal rocker.right magnet-off
nearside inner sill, scale | finding rocker.left.inner rust-scale
tank's wet | wet tank
front crossmember's straight | clean crossmember.front structure
underseal's flaking on the offside rear rail | finding rail.right.rear underseal-flaking
rocker cover leaks oil | wet engine.valve-cover engine-oil
coolant's full but rusty | fluid coolant full; fluid coolant rusty
engine starts at once with no smoke | start at-once; start no-smoke
oil pressure forty at idle | gauge oil 40 psi idle
brakes pull left | road brakes pulls-left
clutch slips | road clutch slips
no whine from the axle | road axle quiet

# papers and looks, us | fastback | left | um
chassis number's H F six seven zero four one | number chassis-plate hf67041
odometer says seventy seven thousand eight hundred | odometer 77800
seller told me no accidents | told never-hit
he said the engine was rebuilt two years ago | told part-replaced
has its jack and tools | came-along jack; came-along tools
fender bolts on the driver's side never touched | mark fender.left fasteners-undisturbed
sits level | stance level
about a five footer | presents 1.5m
left rear tire dates to forty one nineteen |

# nothing | fastback | left | um
hood |
you can always find rust if you dig |
it'd be a shame to see dents in that |
that chip was there in the photos of another one |
don't worry about chips |
rust repair costs more than the car |
looks like rain |
`;
