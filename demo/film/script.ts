import type { Subject } from '../pictures';

/** One place of the lap: what the film shows there and what is said, a breath each. */
export interface Scene {
  readonly shows: Subject;
  readonly says: readonly string[];
  /** Figure on the gauge's face. */
  readonly figure?: string;
}

/** The car's colour in the film and in its pictures. */
export const COLOUR = '#7c8b74';

/** A narrated lap round lot 18, a Brannock Twelve estate, as somebody talks who walks round with a telephone. */
export const LAP: readonly Scene[] = [
  { shows: 'panel', says: ['okay good morning', 'this is lot eighteen from the tramshed', 'let me walk you round it'] },
  {
    shows: 'gauge',
    figure: '112',
    says: ["starting on the hood we've got one twelve and one oh eight", 'no dents no rust'],
  },
  { shows: 'chips', says: ['couple of rock chips on the front edge', 'nothing crazy'] },
  { shows: 'chrome', says: ['front bumper is pitted', 'the grille is all straight'] },
  { shows: 'panel', says: ['left front fender reads one fifteen one eleven', 'no dents'] },
  {
    shows: 'scratch',
    says: ["driver's door has a scratch about two inches", 'it closes nicely', 'no rust along the bottom'],
  },
  { shows: 'gauge', figure: '240', says: ['left rear door two forty two thirty five', "so that one's been painted"] },
  { shows: 'blisters', says: ['left rocker has blisters along the bottom', 'magnet holds'] },
  { shows: 'rust', says: ['left quarter there is surface rust', 'maybe filler'] },
  { shows: 'panel', says: ['round the back the tailgate is clean', 'no dents no chips'] },
  { shows: 'chrome', says: ['rear bumper has a dent', 'and the chrome is pitted'] },
  { shows: 'panel', says: ['roof one oh nine one fourteen', 'no dents no rust up there'] },
  { shows: 'gauge', figure: '118', says: ['right quarter one eighteen one twenty one', 'no rust'] },
  { shows: 'panel', says: ['right rear door is straight', 'no dents no scratches'] },
  { shows: 'seam', says: ['right front door sags a bit', 'couple of chips on the edge'] },
  { shows: 'panel', says: ['right front fender has a dent about an inch', 'one sixteen one nineteen'] },
  { shows: 'cracks', says: ['windshield has a stone chip', 'wipers work', 'no cracks'] },
  { shows: 'cabin', says: ["inside the driver's seat is torn", 'headliner is stained'] },
  {
    shows: 'dash',
    says: ["the clock doesn't work", 'the horn works', 'and the radio is missing'],
  },
  {
    shows: 'plate',
    says: [
      'now what I was told',
      'owner says it was repainted in the eighties',
      "I couldn't get underneath there is no lift",
    ],
  },
  { shows: 'panel', says: ["that's about it", 'thanks for watching'] },
];
