import { AudioWaveform, Eye, EyeOff, Gauge, Hammer, Hash, type LucideIcon, Palette, Sparkles } from 'lucide-react';
import type { ComponentType } from 'react';
import type { StoredRecord } from '@/core/kinds';
import { BlurSheet } from './blur-sheet';
import { ColourSheet } from './colour-sheet';
import { DialSheet } from './dial-sheet';
import { LookSheet } from './look-sheet';
import { PlateSheet } from './plate-sheet';
import { PlatingSheet, RustSheet } from './share-sheet';
import { WavesSheet } from './waves-sheet';

/** Something done on chosen pictures: what its button says, when it is offered, and its sheet. */
export interface PictureMeasure {
  readonly name: string;
  readonly says: (count: number) => string;
  readonly Icon: LucideIcon;
  /** Most pictures that it takes at once. */
  readonly most: number;
  /** Whether it only looks: for whoever may not enter anything too. */
  readonly looks?: true;
  /** Whether it needs the car's plan. */
  readonly onPlan?: true;
  readonly Sheet: ComponentType<{ photos: readonly StoredRecord<'photo'>[]; onClose: () => void }>;
}

/** What can be done on pictures, in the order of the buttons. A new measure is a sheet beside this and an entry here. */
export const MEASURES: readonly PictureMeasure[] = [
  {
    name: 'look',
    says: (count) => (count === 2 ? 'Side by side' : 'Look'),
    Icon: Eye,
    most: 2,
    looks: true,
    Sheet: LookSheet,
  },
  { name: 'colour', says: () => 'Compare colour', Icon: Palette, most: 3, onPlan: true, Sheet: ColourSheet },
  { name: 'waves', says: () => 'Waves', Icon: AudioWaveform, most: 1, onPlan: true, Sheet: WavesSheet },
  { name: 'rust', says: () => 'Rust', Icon: Hammer, most: 1, onPlan: true, Sheet: RustSheet },
  { name: 'plating', says: () => 'Plating', Icon: Sparkles, most: 2, onPlan: true, Sheet: PlatingSheet },
  { name: 'dial', says: () => 'Gauge', Icon: Gauge, most: 40, Sheet: DialSheet },
  { name: 'blur', says: () => 'Blur', Icon: EyeOff, most: 1, Sheet: BlurSheet },
  { name: 'plate', says: () => 'Number', Icon: Hash, most: 1, onPlan: true, Sheet: PlateSheet },
];
