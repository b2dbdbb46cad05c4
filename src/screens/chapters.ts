import { bright } from './bright/chapter';
import { cabin } from './cabin/chapter';
import { fit } from './fit/chapter';
import { metal } from './metal/chapter';
import { paint } from './paint/chapter';
import { papers } from './papers/chapter';
import { pictures } from './photos/chapter';
import type { Chapter } from './place';
import { running } from './running/chapter';
import { talk } from './talk/chapter';

/** The chapters of Evidence in the order of their tabs. A new one is a file in its folder and a word here. */
export const CHAPTERS: readonly Chapter[] = [paint, fit, metal, bright, cabin, running, papers, pictures, talk];
