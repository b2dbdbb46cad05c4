/**
 * Walk-rounds as people talk, written by hand before their rules. They were set aside at first, and looked at once their
 * figure had been taken (docs/performance.md).
 */
export const LOOKED_AT_LATER = `
# outside, us | fastback | left | um
what's up guys Tomas here again |
let's take a look at lot number four |
on the roof I've got one fifteen and one seventeen | reading roof 115um; reading roof 117um
there's some fading up here from the sun | finding roof fading
no cracks no crazing | clean roof paint
passenger fender's at two ten | reading fender.right 210um
two small dents near the headlight | finding fender.right dent x2
I don't see any chips on it | clean fender.right paint
moving down to the passenger door one thirty three | reading door.right.front 133um
excuse me one twenty three | -reading door.right.front 133um; reading door.right.front 123um
long scratch across the middle of it maybe eight inches | finding door.right.front scratch-through 203.2mm
it drops when you open it | finding door.right.front drops
right quarter panel one forty one forty four one thirty nine | reading quarter.right 140um; reading quarter.right 144um; reading quarter.right 139um
looks like there might be a repaint edge |
there's a rust bubble down at the bottom behind the wheel | finding quarter.right rust-blister
gap at the trunk is uneven on the right |

# round the back, us | fastback | left | um
here on the back panel we have one twenty | reading panel.rear 120um
rear valance has a dent about two inches | finding valance.rear dent 50.8mm
there's no rust on it | clean valance.rear corrosion
bumper's straight but the chrome is pitted | clean bumper.rear fit; finding bumper.rear pitting
left tail light has a crack | finding lamp.left.tail glass-crack
right one's fine | clean lamp.right.tail glass
back window no scratches | clean glass.rear glass
trunk lid has swirl marks all over | finding deck swirl
bunch of dust nibs in the paint too | finding deck dust-nib
there is a run on the left side | finding deck run
so it's definitely been resprayed |
driver's side quarter over the limit of the gauge | over quarter.left
magnet barely holds at the bottom | metal quarter.left magnet-weak
I'm guessing bondo | finding quarter.left filler-visible
cracks in the paint above the wheel | finding quarter.left cracking
other side's clean | clean quarter.right *

# inside, us | fastback | left | um
hopping in on the driver's side |
steering wheel has a crack at the spoke |
seat bottom's split | finding seat.left.front split
the back seat looks like nobody ever sat in it |
dash is cracked right on top | finding dash dash-cracked
speedometer works | works gauge.speed
temp gauge works | works gauge.temperature
gas gauge is dead | dead gauge.fuel
the clock's not working but the radio is | dead clock; works radio
cigarette lighter is missing |
heater works | works heater.control
washers don't squirt | dead washers.spray
smells a little musty in here | finding dash smell-damp
headliner's clean no tears | clean headliner trim
passenger carpet has a stain | finding carpet.right.front stained
mileage is ninety eight thousand two oh six | odometer 98206

# engine and road, us | fastback | left | um
under the hood now |
oil is black | fluid engine-oil dark
coolant full and clean | fluid coolant full; fluid coolant clean
trans fluid smells burnt | fluid transmission burnt
brake master is leaking | wet brake.master
oil pan has a drip | wet engine.pan
water pump's dry |
started right up | start at-once
white smoke that goes away | start smoke-white
cranks kinda slow | start slow
idles at seven fifty | gauge rpm 750 rpm
charging at thirteen point eight volts | gauge volts 13.8 v
oil's at sixty psi cold | gauge oil 60 psi cold
on the drive it wanders a bit | road tracking wanders
brakes pull to the right | road brakes pulls-right
clutch slips in third | road clutch slips

# the offside, gb | fastback | right | um
okay offside now, front wing, one hundred and thirty one | reading fender.right 131um
couple of chips by the headlamp | finding fender.right chip x2
offside door a hundred and twenty six | reading door.right.front 126um
bit of orange peel in it | finding door.right.front orange-peel
tiny dent by the handle | finding door.right.front dent
no rust at the bottom | clean door.right.front corrosion
sill rings true | metal rocker.right rings
offside rear wing has been filled I think | finding quarter.right filler-visible
some crazing in the lacquer | finding quarter.right cracking
rear screen's fine | clean glass.rear *
windscreen has a stone chip | finding glass.windshield glass-chip
wiper's left an arc in the glass | finding glass.windshield glass-scratched
bonnet's got a crease near the front | finding hood crease
one thirty eight in the middle | reading hood 138um
scuttle's rusty | finding cowl rust-film
nothing else to say about the front |

# mil, us | fastback | left | mil
trunk lid's at five two | reading deck 132.1um
five oh | reading deck 127um
roof is four and three quarters | reading roof 120.7um
left door nine point three | reading door.left.front 236.2um
left quarter is off the scale | over quarter.left
driver's fender six point six six point four | reading fender.left 167.6um; reading fender.left 162.6um
no wait six point two | -reading fender.left 162.6um; reading fender.left 157.5um
headlights work, high and low | works lamp.head.low; works lamp.head.high
hazards work | works lamp.hazard
license plate light is burned out | dead lamp.plate
backup lights are dead | dead lamp.reverse
courtesy lights come on | works lamp.courtesy
passenger window works fine | works window.right.front
driver's door lock is sticky | poor lock.left.front
parking brake doesn't hold | dead parking-brake
antenna goes up and down | works aerial

# brightwork, gb | fastback | right | um
front bumper's a bit tired, lots of pits | finding bumper.front pitting
plating's lifting on the nearside corner | finding bumper.front plating-peels
rear bumper's nice, no pitting | clean bumper.rear brightwork
grille's bent | finding grille bent
nearside headlamp has moisture in it | finding lamp.left.head moisture
offside headlamp's fine | clean lamp.right.head glass
windscreen's delaminating in the corner | finding glass.windshield delamination
rubber's perished | finding glass.windshield rubber-hard
nearside rear tyre date code oh nine twelve | tire wheel.left.rear 0912
offside front tyre has a cut in it | finding wheel.right.front tire-damaged
all four tyres are old | finding wheel.left.front tire-aged; finding wheel.right.front tire-aged; finding wheel.left.rear tire-aged; finding wheel.right.rear tire-aged
wheels are clean | clean wheel.left.front *; clean wheel.right.front *; clean wheel.left.rear *; clean wheel.right.rear *
door glass nearside, scratched | finding glass.left.front glass-scratched
number plate's cracked |
badge is missing off the boot | 
that'll polish out |

# underneath, us | fastback | left | um
okay underneath |
left front floor is solid | clean floor.left.front corrosion
right front floor has a patch | finding floor.right.front patch-neat
looks like a pretty rough one |
rocker has scale on the inside left | finding rocker.left rust-scale
front crossmember is clean | clean crossmember.front *
right frame rail in back is rusted through | finding rail.right.rear perforated
trunk floor, surface rust | finding trunk.floor rust-film
no holes in it | clean trunk.floor corrosion
tank has surface rust on the seam | finding tank rust-film
output seal's leaking on the transmission | wet transmission.output
axle cover's seeping | wet axle.cover
floor drains are clear |
I can't see the left rail, the exhaust is in the way | 
magnet won't stick to the left rear floor | metal floor.left.rear magnet-off
soft when you push on it | metal floor.left.rear soft

# papers and looks, us | fastback | left | um
comes with the original jack | came-along jack
and the owners handbook | came-along handbook
original build sheet is here too | came-along build-sheet
one key only |
chassis number H F six seven dash one one four two oh | number chassis-plate hf6711420
engine block number is four four one oh nine | number engine-stamp 44109
it sits a little low at the back left | stance low-left-rear
trunk hinge bolts look untouched | mark deck fasteners-undisturbed
sealer beads are all there, undisturbed | mark deck sealer-undisturbed
the jambs are a different color | mark deck jamb-other
according to the seller it has never been painted | told original-paint
he told me the floors were done | told restored
twenty footer for sure | presents 6.1m
engine's not original to the car |
exhaust's a reproduction | part exhaust reproduction
see you at the next one |

# no finding, us and gb | fastback | left | um
hood |
chips happen on every one of these |
used to be a big dent here, you'd never know |
before the restoration the floors were gone |
the other one I looked at had rust holes in it |
I was worried about rust but the seller says there's none |
is that a chip, no it's a bug |
check these for cracks before you buy one |
don't confuse that with a dent |
no longer leaks since he changed the seal |
what a great color on this thing |
my phone number is in the description |
somebody could fix the chips for cheap |
if you park it outside it will rust |
without the chips it would be perfect |
it would take a dent out easy |

# a quick lap, us | fastback | left | um
afternoon folks, this one's lot six |
hood first, one forty one, one thirty seven | reading hood 141um; reading hood 137um
lots of little chips up front on it | finding hood chip
no scratches that I noticed |  clean hood paint
driver's fender reads one twenty two | reading fender.left 122um
it's got a crease above the wheel | finding fender.left crease
I also see a bit of overspray near the door | finding fender.left overspray
driver's door has one ding and a scratch | finding door.left.front ding; finding door.left.front scratch-through
no filler in it | clean door.left.front shape
on the rocker below it the magnet sticks | metal rocker.left magnet-holds
left quarter's two eighty | reading quarter.left 280um
I mean two sixty | -reading quarter.left 280um; reading quarter.left 260um
probably has some filler under there | finding quarter.left filler-visible
trunk lid one twenty five | reading deck 125um
no dents in the trunk lid | clean deck shape
right quarter one thirty one and no rust | reading quarter.right 131um; clean quarter.right corrosion
passenger's door same as the driver's |
right front fender has been off, the bolts have been turned | mark fender.right fasteners-disturbed

# chrome and glass, us | fastback | left | um
front bumper chrome is beautiful |
small dent in the bumper on the right end | 
rear bumper's pitted | finding bumper.rear pitting
grille looks great |
windshield has a chip right in the middle | finding glass.windshield glass-chip
it also has some light scratches | finding glass.windshield glass-scratched
back glass is good | clean glass.rear *
left rear quarter glass has no scratches | clean glass.left.rear glass
rubbers are all soft and good |
headlights are good | clean lamp.left.head glass; clean lamp.right.head glass
right tail light is cracked | finding lamp.right.tail glass-crack
hubcaps are all there |
tires are twelve years old |
left rear tire is damaged | finding wheel.left.rear tire-damaged

# sitting inside, us | fastback | left | um
driver's seat has two splits | finding seat.left.front split x2
passenger seat no tears | clean seat.right.front trim
the rear seat has a stain | finding seat.rear stained
dashboard has a crack by the speaker | finding dash dash-cracked
clock works | works clock
gauges all work except the fuel gauge | works gauge.temperature; works gauge.oil; works gauge.charge; works gauge.speed; dead gauge.fuel
the radio turns on but no sound |
blower motor works | works heater.fan
horn's dead | dead horn
wipers work but slow | poor wipers
turn signals don't work | dead lamp.turn
left window goes up and down | works window.left.front
right window doesn't go up | dead window.right.front
headliner has a small tear | finding headliner split
console is fine | clean console trim
odometer says forty two thousand three ten | odometer 42310

# under the bonnet, gb | fastback | right | um
engine bay now, oil's low and black | fluid engine-oil low; fluid engine-oil dark
coolant's full | fluid coolant full
brake fluid clean | fluid brake clean
rocker cover's weeping | wet engine.valve-cover
sump's wet | wet engine.pan
inner wing nearside has some surface rust | finding apron.left rust-film
slam panel's been repaired |
battery's dead | finding battery inoperative
engine number reads one one four two seven | number engine-stamp 11427
started straight away, no smoke at all | start at-once; start no-smoke
oil pressure's forty psi warm | gauge oil 40 psi warm
temperature's eighty five degrees | gauge temperature 85 c
ticks over at eight fifty |
cranks slowly | start slow
exhaust's blowing | road exhaust blows
bulkhead's clean, no rust | clean bulkhead paint; clean bulkhead corrosion; clean bulkhead identity; clean bulkhead structure

# over the pit, gb | fastback | right | um
nearside front floor's got a hole in it | finding floor.left.front perforated
offside front floor's been patched, rather badly | finding floor.right.front patch-crude
sills are solid | clean rocker.left corrosion; clean rocker.right corrosion
offside sill sounds dull | metal rocker.right dull
chassis leg front left has surface rust | finding rail.left.front rust-film
boot floor's rusted through in the corner | finding trunk.floor perforated
petrol tank's leaking | wet tank
gearbox pan is damp | wet transmission.pan
diff pinion seal's dripping | wet axle.pinion
old underseal flaking off the tunnel | finding tunnel underseal-flaking
no kinks in the front rails | clean rail.left.front structure; clean rail.right.front structure
can't see the rear crossmember, exhaust is in the way | blocked crossmember.rear obstructed
that's all I can see from down here |
steering box is weeping | wet steering.box
rear shocks are leaking |

# a drive and the papers, us | fastback | left | um
out on the road it tracks straight | road tracking straight
brakes pull to the left | road brakes pulls-left
transmission shifts smooth | road shifts smooth
rear end whines | road axle whines
clutch is good | road clutch good
there's a vibration at sixty | road vibration felt
seller says it's got sixty one thousand original miles | told mileage
supposedly never hit | told never-hit
owner told me everything works | told everything-works
comes with a jack and a spare tire | came-along jack; came-along spare-wheel
jamb on the driver's door matches | mark door.left.front jamb-same
sits level | stance level
it's a ten footer | presents 3m
part number on the block is four four one oh seven | number engine-stamp 44107
call Harald if you want to know more |

# mil, us | fastback | left | mil
hood five point three five point six | reading hood 134.6um; reading hood 142.2um
roof is five even | reading roof 127um
right fender twelve and a half | reading fender.right 317.5um
driver's quarter eleven four | reading quarter.left 289.6um
the other side is four nine | reading quarter.right 124.5um
deck lid, no reading | noread deck
passenger door maxes out the gauge |
driver's door six one | reading door.left.front 154.9um

# nothing in it, us and gb | fastback | left | um
roof |
they all rust there |
I had the dents taken out in March |
wouldn't surprise me if there was rust under that |
if it was cracked you'd see it |
did you notice any chips |
there used to be a hole in this floor |
he fixed the crack last summer |
rust never sleeps as they say |
keep an eye out for bubbles on these |
most of them have a dent right there |
this one doesn't suffer from rust like the others |
I hate it when there's overspray |
the paint shop said there was filler |
you won't find chips like that on a repaint |
a dent like that costs two hundred crowns |

# from the front left corner, us | fastback | left | um
okay we're rolling, this is the green Halyard |
front bumper, straight, a few pits along the bottom | clean bumper.front fit; finding bumper.front pitting x3
the grille has some surface pitting too | finding grille pitting
left headlight clean, right headlight clean | clean lamp.left.head glass; clean lamp.right.head glass
here's the hood and the first thing you notice is a dent about the size of a golf ball | finding hood dent
one inch scratch next to it | finding hood scratch-through 25.4mm
paint on the hood, one thirty three, one thirty five, one thirty six | reading hood 133um; reading hood 135um; reading hood 136um
cowl looks good | clean cowl *
driver front fender, that's at three ten | reading fender.left 310um
pretty sure that's been repainted |
magnet sticks on the fender | metal fender.left magnet-holds 
no rust behind the wheel | clean fender.left corrosion
driver door, one twenty nine | reading door.left.front 129um
scuff near the bottom edge | finding door.left.front scratch-through
opens and closes like new | clean door.left.front fit
window's got a scratch in it | finding glass.left.front glass-scratched
rocker panel, light surface rust, magnet holds | finding rocker.left rust-film; metal rocker.left magnet-holds
the quarter panel has waves in it | finding quarter.left wave
two hundred and ninety microns there | reading quarter.left 290um
filler, I'd guess | finding quarter.left filler-visible

# the far side and above, us | fastback | left | um
trunk is next, no dents, no scratches | clean deck shape; clean deck paint
trunk gaps look even | clean deck fit
rear bumper has a ding in the middle | 
left tail light has a chip in the lens | finding lamp.left.tail glass-chip
roof one twenty one | reading roof 121um
roof has a few small dings from hail | finding roof ding x3
passenger quarter, nothing | clean quarter.right *
passenger door one eighteen, one seventeen | reading door.right.front 118um; reading door.right.front 117um
no chips, no dings | clean door.right.front paint; clean door.right.front shape
right rocker's bubbling | finding rocker.right blister
tap on it, dull | metal rocker.right dull 
passenger front fender has a touched up chip | finding fender.right chip
hood to fender gap is a little uneven |
right front wheel has a scratch on it |

# controls, us | fastback | left | um
let's see what works |
low beams | 
yep they work | works lamp.head.low
high beams work | works lamp.head.high
hazards don't | dead lamp.hazard
horn works | works horn
wipers don't do anything | dead wipers
heater fan only works on high | poor heater.fan 
defroster works | works defroster
speedometer doesn't work | dead gauge.speed
gas gauge reads empty and I know there's gas in it |
dome light's out | dead lamp.courtesy
cigar lighter doesn't work | dead lighter
passenger window won't go down | dead window.right.front
both mirrors are solid |
seat belts work | works seat-belt.left.front; works seat-belt.right.front
glove box won't latch | dead glovebox
antenna's broken | dead aerial

# engine and below, gb | fastback | right | um
bonnet's open |
oil on the dipstick is clean and up to the mark | fluid engine-oil clean; fluid engine-oil full
no water in the radiator to speak of |
coolant's green and full | fluid coolant full
thermostat housing's seeping | wet engine.thermostat
top hose is weeping | wet hose.upper
master cylinder's damp | wet brake.master
starts first time | start at-once
little puff of blue smoke then nothing | start smoke-blue
oil pressure is fifty five psi | gauge oil 55 psi
temperature gauge sits at eighty | gauge temperature 80 c
offside inner wing has a dent | 
underneath, the floors are solid | clean floor.left.front corrosion; clean floor.right.front corrosion; clean floor.left.rear corrosion; clean floor.right.rear corrosion
nearside sill has a hole near the jacking point | finding rocker.left perforated
rear crossmember's got heavy scale | finding crossmember.rear rust-scale
offside rear floor's new metal | part floor.right.rear replaced
rear main's dripping oil | wet engine.rear-main engine-oil
exhaust is rusty but sound |

# papers, us | fastback | left | um
frame number is H L seven zero one four | number frame hl7014
the owner says it's a one family car | told owners
he told me it's never been hit | told never-hit
two keys and the manual come with it | came-along spare-key; came-along handbook
tools are in the trunk | came-along tools
miles show forty eight thousand and twelve | odometer 48012
nice from ten feet | presents 3m
it sits low in the rear | stance low-rear
not a matching numbers car as far as I know |
right front tire code fourteen twenty two | tire wheel.right.front 1422

# nothing in it | fastback | left | um
hood |
watch for cracks around the lights on these |
it had a dent when he bought it |
rust was never a problem with this one |
I can't tell if that's a scratch |
the chips were all touched up years ago |
this panel would show dents if there were any |
what do you think, is that rust |
the last one had a hole you could put your fist through |
chip shop's just over the road |

# slowly round it, us | fastback | left | um
alright starting at the front of the car |
hood's one eighteen, one twenty, one sixteen | reading hood 118um; reading hood 120um; reading hood 116um
there's a stone chip or two along the leading edge | finding hood chip x2
no cracks in the paint | clean hood paint
front edge of the hood is wavy | finding hood wave
left fender here, one oh nine | reading fender.left 109um
a nick on the edge of the fender | finding fender.left chip
bottom of the fender has a rust bubble | finding fender.left rust-blister
driver's door, I get one fifteen, one eighteen | reading door.left.front 115um; reading door.left.front 118um
got a dent just under the handle, maybe two inches | finding door.left.front dent 50.8mm
the gap at the back of the door is uneven | finding door.left.front gap-uneven
left quarter, four ten | reading quarter.left 410um
four twenty lower down | reading quarter.left 420um
that's filler | finding quarter.left filler-visible
rear wheel arch lip is crusty |
gas door fits nice |
back panel has a scratch on the left side | finding panel.rear scratch-through
left tail lamp is faded | 
trunk lid's got a chip and a scratch | finding deck chip; finding deck scratch-through
roof, one twenty two, no dents | reading roof 122um; clean roof shape
vinyl on the roof? no, it's painted |

# more of it, us | fastback | left | um
the right quarter has been painted, you can see a tape line in the jamb | 
masking line at the quarter glass | finding quarter.right masking-line
right door won't stay open |
right door has overspray on the hinges | finding door.right.front overspray
two small chips on the door edge | finding door.right.front chip x2
right rocker, no rust, magnet sticks everywhere | clean rocker.right corrosion; metal rocker.right magnet-holds
a pillar's fine | clean pillar.right.a *
windshield seal's dried out and cracked | finding glass.windshield rubber-hard
windshield, couple chips, no cracks | finding glass.windshield glass-chip x2; clean glass.windshield glass
left side glass is all clear |
bumper brackets are rusty |
front bumper's chrome is peeling | finding bumper.front plating-peels
rear bumper, no dents, light pitting | finding bumper.rear pitting
headlight on the right is foggy | finding lamp.right.head moisture
all four wheels are nice and straight |
spare's in the trunk | came-along spare-wheel

# inside again, us | fastback | left | um
inside now, smells like mice | 
driver's side carpet is wet | finding carpet.left.front damp
passenger front carpet is stained | finding carpet.right.front stained
driver's door panel is warped |
passenger door panel has a tear | finding card.right.front split
seats look great no tears | clean seat.left.front trim; clean seat.right.front trim; clean seat.rear trim
dash pad's split | finding dash split
headliner is dirty | finding headliner dirty
parcel shelf is faded | 
steering wheel is worn | finding steering worn
fuel gauge works, temp gauge doesn't | works gauge.fuel; dead gauge.temperature
tach is accurate |
radio comes on | works radio
clock is stuck | dead clock
turn signals and hazards work | works lamp.turn; works lamp.hazard
heater's not hooked up | disconnected heater.control
didn't check the wipers | untried wipers
no a/c in this car | absent air-conditioning
power top | 
driver's window works, passenger's is slow | works window.left.front; poor window.right.front
trunk light is out |

# engine again and on the road, us | fastback | left | um
checking fluids, engine oil full, kinda dark | fluid engine-oil full; fluid engine-oil dark
brake fluid's low | fluid brake low
trans fluid nice and clean | fluid transmission clean
power steering fluid is full | fluid power-steering full
coolant looks rusty | fluid coolant rusty
there's oil around the valve covers | wet engine.valve-cover engine-oil
rear main leaks | wet engine.rear-main
fuel pump is wet | wet fuel.pump
starts right up, idles at six fifty | start at-once; gauge rpm 650 rpm
white smoke at first, then it clears | start smoke-white
forty pounds of oil pressure hot | gauge oil 40 psi hot
thirteen nine volts | gauge volts 13.9 v
gets up to one ninety five degrees | gauge temperature 195 f
brakes are spongy | road brakes spongy
pulls right when braking | road brakes pulls-right
steering's loose | road steering play
shifts good | road shifts smooth
wheel bearing's humming | road bearing rumbles
runs a little hot | road temperature hot
doesn't smoke at all | start no-smoke

# on paper, gb | fastback | right | um
chassis plate says H F nineteen sixty seven dash two two one | number chassis-plate hf1967221
gearbox number's three three one four five | number gearbox 33145
it comes with its original handbook and the jack | came-along handbook; came-along jack
no spare key |
mileage is seventy one thousand and six | odometer 71006
according to the family it's had two owners | told owners
I've been told it's got its first engine | told matching-engine
nearside front tyre date code's thirty six nineteen | tire wheel.left.front 3619
wing bolts undisturbed, nearside | mark fender.left fasteners-undisturbed
offside wing bolts have been turned | mark fender.right fasteners-disturbed
nose sits high |
looks good from twenty feet, less so from five | 
leaning to the left at the back | stance low-left-rear

# nothing in it | fastback | left | um
roof |
on these the roof always rusts |
I thought it was a dent but it's just the light |
dents can be pulled of course |
someone keyed the last one I owned |
never seen one without chips |
what a shame about the other car's floors |
hopefully there's no rust under there |
the guy before me missed the crack |
let me know if you see any rust |

# around it, us | fastback | left | um
hi this is Tomas walking you around lot one |
we'll begin at the left front |
left front fender, one sixteen, one twenty four | reading fender.left 116um; reading fender.left 124um
three rock chips right behind the headlight | finding fender.left chip x3
nothing bad on the door, one tiny ding | finding door.left.front ding
door's one nineteen | reading door.left.front 119um
and it shuts real nice | clean door.left.front fit
now the quarter on this side, three fifty | reading quarter.left 350um
magnet's weak down low | metal quarter.left magnet-weak
looks like filler to me | finding quarter.left filler-visible
I see some sanding scratches under the paint | finding quarter.left sand-scratches
rocker's clean no rust no dents | clean rocker.left paint; clean rocker.left corrosion; clean rocker.left structure
deck lid's got some fading and a few dust nibs | finding deck fading; finding deck dust-nib x3
one oh nine on the deck lid | reading deck 109um
tail panel one twenty | reading panel.rear 120um
right tail light's got a small crack | finding lamp.right.tail glass-crack
left one's good | clean lamp.left.tail glass
right quarter one eleven no waves no filler | reading quarter.right 111um; clean quarter.right shape
passenger door has a four inch scratch | finding door.right.front scratch-through 101.6mm
fender on this side has fish eyes in the paint | finding fender.right fish-eye
hood one twenty two and it has a run by the latch | reading hood 122um; finding hood run

# trim, glass, rubber, us | fastback | left | um
windshield has a long crack about a foot |
small pit in the windshield | 
back glass seal is torn | finding glass.rear rubber-torn
no fog in the headlights | clean lamp.left.head glass; clean lamp.right.head glass
front bumper has been replated, looks super |
pitting on the grille bars | finding grille pitting
rear bumper is bent in on the right corner | finding bumper.rear bent
wheels have some pitting | 
left front tire has cracks | 
right side window has a stone chip | finding glass.right.front glass-chip
door seals are torn | 

# inside, us | fastback | left | um
driver's seat, worn on the side | finding seat.left.front worn
passenger's seat, like new |
driver's door card has a hole |
back seat has a burn |
carpet up front is damp on both sides | 
dash top has three cracks | finding dash dash-cracked x3
smells like gas in here | finding dash smell-fuel
speedo's dead, odometer too | dead gauge.speed; dead odometer
wipers work on low only | poor wipers
radio works, antenna doesn't | works radio; dead aerial
all the gauges work | works gauge.fuel; works gauge.temperature; works gauge.oil; works gauge.charge; works gauge.speed
interior light works | works lamp.courtesy
washers are dead | dead washers.spray
left turn signal is fast |
parking brake works | works parking-brake
passenger seat belt is missing |
glovebox works | works glovebox

# bay and road, gb | fastback | right | um
oil's clean but low | fluid engine-oil clean; fluid engine-oil low
brake fluid's up to the mark | fluid brake full
washer bottle's empty | fluid washer empty
radiator's wet at the bottom | wet radiator
weeping from the water pump | wet engine.water-pump
clutch slave's leaking | wet clutch.slave
offside inner wing, surface rust | finding apron.right rust-film
fires straight up, no smoke | start at-once; start no-smoke
needs a bit of choke | start choke
blue smoke on overrun |
oil pressure forty five at idle | gauge oil 45 psi idle
tickover's about nine hundred |
charging fourteen volts | gauge volts 14 v
steers straight, stops straight | road tracking straight; road brakes straight
gearbox crunches into second | road shifts crunches
diff's quiet | road axle quiet
no play in the steering | road steering tight
clutch judders | road clutch judders

# below and on paper, us | fastback | left | um
left floor pan has surface rust | 
driver's front floor has a patch welded in, neat job | finding floor.left.front patch-neat
no rust in the trunk floor | clean trunk.floor corrosion
right frame rail's kinked up front | finding rail.right.front rail-kinked
the left rear wheel well is rusty | finding housing.left.rear rust-film
tank's clean | clean tank corrosion
drips from the pinion seal | wet axle.pinion
trans output seal leaks | wet transmission.output
block's stamped four four one oh nine |
body number is one one seven three | number body 1173
thirty three thousand miles on the clock | odometer 33000
seller says it's original paint | told original-paint
I was told it's been in one family | told owners
jack's missing |
comes with a folder of receipts | came-along receipts

# nothing | fastback | left | um
roof |
these cars crack there |
if you look for rust look here first |
there might have been a dent once |
it was hit years ago they say |
I would check for rust |
my other car has a scratch there |
dents don't bother me |

# the near side, us | fastback | left | um
good afternoon, lot nine on the list |
first the hood, one twenty seven, one thirty | reading hood 127um; reading hood 130um
a handful of chips across the front of it | finding hood chip x5
there's a dent in the middle as big as a dinner plate |
driver's side front fender one seventeen | reading fender.left 117um
the wheel lip has a chip | finding fender.left chip
driver's door has no dings | clean door.left.front shape
but there is a scratch below the handle, six inches | finding door.left.front scratch-through 152.4mm
door reads one thirty and one twenty nine | reading door.left.front 130um; reading door.left.front 129um
oops, one thirty nine | reading door.left.front 139um; -reading door.left.front 129um
rocker under the door has some bubbles | finding rocker.left blister
magnet won't hold there | metal rocker.left magnet-off
probably filler | finding rocker.left filler-visible
quarter panel on this side three forty | reading quarter.left 340um
cracking in the paint over the wheel | finding quarter.left cracking
I don't see any dents on it | clean quarter.left shape

# round the tail, us | fastback | left | um
at the rear now, tail panel one twenty two | reading panel.rear 122um
trunk lid's nice, no dents | clean deck shape
two chips on the edge of it | finding deck chip x2
trunk lid sits high on the left | finding deck proud
left tail light cracked | finding lamp.left.tail glass-crack
right tail light no cracks | clean lamp.right.tail glass
rear bumper chrome is cloudy and pitted | finding bumper.rear cloudy; finding bumper.rear pitting
rear valance has surface rust | finding valance.rear rust-film
back glass has a scratch | finding glass.rear glass-scratched
passenger quarter one twenty one, good | reading quarter.right 121um; clean quarter.right *
passenger door drops a little when opened | finding door.right.front drops
no paint chips on the passenger door | clean door.right.front paint
passenger fender, couple dings | finding fender.right ding x2
right headlight has a stone chip | finding lamp.right.head glass-chip
windshield cracked on the passenger side | finding glass.windshield glass-crack
roof's straight, one sixteen | clean roof shape; reading roof 116um

# cabin, us | fastback | left | um
seats next, driver's seat is torn at the seam | finding seat.left.front split
passenger seat has a small stain | finding seat.right.front stained
rear seat is perfect |
door panels are good | clean card.left.front trim; clean card.right.front trim
carpet has a few stains on the driver's side | finding carpet.left.front stained x3
headliner has a couple small stains | finding headliner stained x2
dash no cracks | clean dash trim
horn, works | works horn
headlights come on |
brake lights are out | dead lamp.brake
blinkers work | works lamp.turn
heater blows but it's weak | 
wipers are slow | poor wipers
radio's dead | dead radio
the clock keeps time | 
all the windows work | works window.left.front; works window.right.front
driver's seat belt doesn't latch | dead seat-belt.left.front
speedo and tach both work | works gauge.speed; works gauge.tachometer

# under it, us | fastback | left | um
passenger floor has surface rust | finding floor.right.front rust-film
driver's floor is solid, no holes | clean floor.left.front corrosion
left rear rail has scale on it | finding rail.left.rear rust-scale
no patches on the trunk floor | clean trunk.floor corrosion
gas tank has no leaks |
front crossmember is dented |
oil pan leaks | wet engine.pan
trans pan weeps a bit | wet transmission.pan
right rear wheel cylinder is leaking | wet brake.wheel.right.rear
rear axle pinion is wet | wet axle.pinion
right inner rocker is rusted through | finding rocker.right.inner perforated
you can poke a screwdriver through it |
tap the left sill, it rings | metal rocker.left rings
tunnel's clean | clean tunnel *

# engine and road, gb | fastback | right | um
oil's black, level's full | fluid engine-oil dark; fluid engine-oil full
coolant's clean | fluid coolant clean
clutch fluid's low | fluid clutch low
cam cover's leaking oil | wet engine.valve-cover engine-oil
gearbox oil's clean | fluid transmission clean
cold start, choke out, fires straight away | start choke; start at-once
a bit of white smoke that clears | start smoke-white
no blue smoke |
oil pressure, three and a half bar hot | gauge oil 3.5 bar hot
temperature ninety degrees | gauge temperature 90 c
brakes pull up straight | road brakes straight
gears change nicely | road shifts smooth
wanders a bit on the road | road tracking wanders
steering's got some play in it | road steering play
third gear jumps out | road shifts jumps-out

# papers, gb | fastback | right | um
engine number's five five one two oh seven | number engine-stamp 551207
odometer reads fifty five thousand two hundred | odometer 55200
the seller claims it's never been welded | told no-rust
I'm told it was restored in ninety eight | told restored
comes with two keys | came-along spare-key
handbook's in the glovebox | came-along handbook
it sits level all round | stance level
fifteen footer | presents 4.6m

# nothing | fastback | left | um
roof |
these always crack at the corners |
you never see them without rust |
before he painted it there were dents everywhere |
is there rust in there, can't tell |
should be no rust but I haven't looked |
the neighbor backed into it once, it's fixed |
remind me to look for chips |
`;
