import { BookOpenCheck, ClipboardList, Footprints, Layers, Scale } from 'lucide-react';
import { Grade } from './grade/lazy';
import { Intake } from './intake/lazy';
import { Listing } from './listing/lazy';
import { Order } from './order/lazy';
import type { Place } from './place';
import { ReportPlace } from './report/lazy';
import { Walk } from './walk/lazy';
import { Work } from './work/lazy';

/** The five places of a lot, never more: the bar fits a phone and a thumb. What there is to tell goes into chapters. */
export const PLACES: readonly Place[] = [
  {
    slug: 'intake',
    name: 'Intake',
    Icon: ClipboardList,
    Screen: Intake,
    loads: 'standing',
    first: 'Car and visits',
    tabs: [{ slug: 'order', name: 'Order of the visit', Screen: Order }],
  },
  { slug: 'walk', name: 'Walk', Icon: Footprints, Screen: Walk },
  // Its summary and its chapters (chapters.ts) are framed by lot-place.tsx.
  { slug: 'evidence', name: 'Evidence', Icon: Layers, Screen: () => null },
  {
    slug: 'grade',
    name: 'Grade',
    Icon: Scale,
    Screen: Grade,
    first: 'As it stands',
    tabs: [{ slug: 'work', name: 'Work', Screen: Work }],
  },
  {
    slug: 'report',
    name: 'Report',
    Icon: BookOpenCheck,
    Screen: ReportPlace,
    loads: 'release',
    first: 'Report',
    tabs: [{ slug: 'listing', name: 'Listing', Screen: Listing }],
  },
];
