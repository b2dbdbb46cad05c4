import type { DialRefusal } from '@/core/dial/dial';

export const DIAL_REFUSAL_WORDS: Readonly<Record<DialRefusal, string>> = {
  'few-marks': 'Touch two marks of the scale at least, and say what stands there.',
  'marks-together': 'Two marks lie at one place, or say the same: touch others, further apart.',
  'marks-turn-back': 'These marks do not run round the dial in one sense: look at their figures again.',
  'needle-short': 'The tip lies beside the middle: touch the far end of the needle.',
  'third-mark': 'Touch one more mark between the two: alone they do not say which way round the scale runs.',
  'off-scale': 'The needle stands beyond the scale: a peg is no figure.',
};
