import type { Caution } from '@/core/judge/models';

/** Cautions in words. They remind and defer to local rules and licensed people; they replace neither. */
export const CAUTION_WORDS: Readonly<Record<Caution, string>> = {
  'structural-loss-belts-steering':
    'Structural loss was found in a part that carries steering, springs, brakes or seat belts. The car is not to be driven; a qualified repairer must see it first.',
  'structure-do-not-lift':
    'Do not lift the car by the weakened structure. Old jacking points may be rotten: look first.',
  'tire-over-age':
    'At least one tyre is past the age to rely on, whatever its tread. No road use above yard speed before it is replaced.',
  'tires-not-to-be-relied-on':
    'At least one tyre is too old, worn down to the legal least or damaged. No road use above yard speed before it is replaced; local rules decide what is legal.',
  'safety-function-dead':
    'Something that driving depends on does not work or is disconnected. No road use before it is put right; local rules decide.',
  'fuel-seen-leaking': 'Fuel was seen leaking. Do not start the engine; keep sparks and flames away.',
  'exhaust-gas-leaks':
    'Exhaust gas leaks. Run the engine outdoors or with extraction only: carbon monoxide cannot be smelt.',
  'fluid-stop':
    'A fluid was found as it must not be. The engine is not to be started, or the car not to be driven, before that is looked at.',
  'battery-tired':
    'It cranked slowly twice: battery or charging want a proper test. Acid and gas: jewellery off; positive-earth cars exist.',
  'engine-grave-noise':
    'The engine knocks or rattles from inside. It is not to be run further before somebody qualified has heard it.',
  'running-gear-unsafe':
    'Something of steering, suspension, brakes or fuel has play or is broken. The car is not to be driven before a qualified repairer has seen it.',
  'old-paint-lead': 'Old paint and body solder may hold lead: no dry sanding. Local rules decide how it is handled.',
  'brake-dust-asbestos': 'Dust of brakes, clutch, gaskets and old underseal may hold asbestos: do not blow or sand.',
  'fuel-leak': 'Fuel leaks. Do not start the engine; keep sparks and flames away.',
  'fuel-smelt':
    'It smells of fuel. Find where from before the engine is started; keep sparks and flames away, open the doors.',
  'numbers-differ':
    'Numbers on the car or its papers differ. Title and registration are matters of local law: ask the authority before the car is bought or moved.',
  'local-law':
    'Roadworthiness, title, emissions and waste are matters of local law. Ask the authority of the place where the car will be kept.',
  'not-driven': 'The car was not driven at this inspection.',
  'gauge-cannot-read': 'A coating-thickness gauge cannot read on this body. Film thickness is not known.',
};

/** Reminders for the person at the car, before the step they belong to. */
export const STEP_CAUTIONS: readonly { readonly step: string; readonly says: string }[] = [
  {
    step: 'Under the car',
    says: 'Level hard ground, rated stands or a lift by a trained user, wheels chocked, never on a jack alone.',
  },
  {
    step: 'First start',
    says: 'Fan and belts, loose clothes, exhaust led outdoors, extinguisher at hand. Fuel leaks first: stop.',
  },
  { step: 'Coolant', says: 'Never open hot.' },
  { step: 'Glass and rusted edges', says: 'Gloves and eye protection.' },
  {
    step: 'Other people’s property',
    says: 'Owner’s leave before pressing, lifting carpet, removing plugs or moving brittle parts.',
  },
  {
    step: 'Road',
    says: 'Only when brakes, fluids, steering, tyres, lamps, insurance, leave and weather all pass. Any no: not driven, and the report says why.',
  },
];
