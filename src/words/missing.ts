import type { View } from '@/core/body/zone';
import type { Missing } from '@/core/judge/judge';
import { viewNamed } from './standard-views';
import { term, VIEW_WORDS } from './terms';
import { PLAIN_WORDING, respelt, type Vocabulary } from './vocabulary';
import { zoneWords } from './zones';

/** What is missing, as a sentence. */
export function missingText(m: Missing, words: Vocabulary): string {
  const many = (one: string, more: string) => (m.count === 1 ? one : more);
  const zone = m.detail ? zoneWords(m.detail, { ...PLAIN_WORDING, words }) : '';
  switch (m.kind) {
    case 'no-car':
      return 'The car is not stated: make, model and body style.';
    case 'no-visit':
      return 'No visit is stated: light, weather, instruments.';
    case 'no-chassis-number':
      return 'The chassis number is not read.';
    case 'no-temperature':
      return 'The temperature is not stated; gauges misread in the cold.';
    case 'gauge-not-checked':
      return 'The thickness gauge was not checked on a foil.';
    case 'gauge-drifted':
      return 'The thickness gauge drifted between its checks; the readings are less sure than they look.';
    case 'practice-readings':
      return `${m.count} ${many('reading is', 'readings are')} of the stand-in gauge on a made-up car: take ${many('it', 'them')} out.`;
    case 'gauge-not-stated':
      return `No gauge is stated for ${m.count} ${many('reading', 'readings')}: state it with its ceiling at the visit.`;
    case 'view-unseen':
      return `Nothing was seen of the ${term(VIEW_WORDS, m.detail as View, words)}.`;
    case 'panels-thin':
      return `${m.count} ${many('panel has', 'panels have')} too few readings, the first: ${zone}.`;
    case 'finding-without-photo':
      return `${m.count} ${many('finding has', 'findings have')} no picture, the first: ${zone}.`;
    case 'finding-without-overview':
      return `${m.count} ${many('finding has', 'findings have')} close-ups but no picture from afar, the first: ${zone}.`;
    case 'standard-views': {
      const first = viewNamed(m.detail, { ...PLAIN_WORDING, words });
      return `${m.count} ${many('standard picture is', 'standard pictures are')} missing, the first: ${first}.`;
    }
    case 'no-photos':
      return 'There is no picture at all.';
    case 'number-look-again':
      return `${m.count} ${many('number differs', 'numbers differ')} by a character that is easily misread: look again.`;
    case 'chassis-not-by-scheme':
      return 'The chassis number does not read by the scheme of its make: read it again, or say what is odd.';
    case 'date-not-understood':
      return `${m.count} ${many('date code is', 'date codes are')} not understood, the first: ${m.detail}.`;
    case 'claims-untested':
      return `For ${m.count} ${many('claim', 'claims')} of the seller nothing was looked for, the first: “${m.detail}”.`;
    case 'proof-not-understood':
      return `${m.count} ${many('mark is', 'marks are')} not in the table and not understood, the first: ${m.detail}.`;
    case 'weak-spots-unseen':
      return `Nobody went to ${m.count} ${many('weak spot', 'weak spots')} of this car, the first: ${zone}.`;
    case 'water-path-unseen':
      return `${m.count} ${many('place shares', 'places share')} the water of one that was found, and nobody looked there; the first: ${zone}.`;
    case 'weak-without-finding':
      return `Rust was ticked at ${m.count} ${many('weak spot', 'weak spots')} and no finding says what it is, the first: ${zone}.`;
    case 'pieces-unsaid':
      return `Of ${m.count} ${many('piece', 'pieces')} of the ledger nobody said whether ${many('it is', 'they are')} there${zone ? `, the first: ${zone}` : ''}.`;
    case 'tires-unread':
      return respelt(
        `The date code of ${m.count} ${many('tire is', 'tires are')} not read, the first: ${zone}.`,
        words,
      );
    case 'tire-code-odd':
      return respelt(
        `The date code of ${m.count} ${many('tire', 'tires')} cannot be one, the first: ${zone || 'the spare'}. Read it again.`,
        words,
      );
    case 'functions-untried':
      return `${m.count} ${many('function was', 'functions were')} not tried, and nobody said why.`;
    case 'function-found-otherwise':
      return `${m.count} ${many('function was', 'functions were')} said to work, and a finding says otherwise; the first: ${m.detail}.`;
    case 'leak-source-open':
      return `Where it leaks is open; one look would tell: ${(m.detail ?? '').replaceAll('.', ' ').replaceAll('-', ' ')}.`;
    case 'cold-start-missed':
      return `Of the cold start ${m.count} ${many('thing was', 'things were')} not noted; it cannot be had again that day.`;
    case 'practice-log':
      return `${m.count} ${many('part', 'parts')} of the log ${many('is', 'are')} of the stand-in instrument on a made-up engine: take ${many('it', 'them')} out.`;
    case 'running-gear-unseen':
      return `${m.count} ${many('part', 'parts')} of the running gear ${many('was', 'were')} not looked at.`;
    case 'gate-open':
      return 'Before a road test every question of the gate is answered; some are open.';
    case 'build-not-known':
      return 'How the car is built is not stated (frame or unitary): its weak spots are asked for in general only.';
    case 'spot-contradicts':
      return `The tests at ${m.count} ${many('spot', 'spots')} contradict each other, the first: ${zone}.`;
    case 'no-leave':
      return 'The owner’s leave is not asked for everything.';
  }
}
