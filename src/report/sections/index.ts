import type { z } from 'zod';
import type { Block } from '../block';
import type { SectionDefinition, SectionView, Shape } from '../section';
import { bright } from './bright';
import { cautions } from './cautions';
import { claims } from './claims';
import { conditions } from './conditions';
import { film } from './film';
import { findings } from './findings';
import { fit } from './fit';
import { matters } from './matters';
import { metal } from './metal';
import { notSeen } from './not-seen';
import { paint } from './paint';
import { papers } from './papers';
import { pictures } from './pictures';
import { plans } from './plans';
import { promised } from './promised';
import { proof } from './proof';
import { running } from './running';
import { summary } from './summary';
import { work } from './work';

/** The sections of a report in the order in which they are read. A new one is a file beside this and a word here. */
export const SECTIONS = {
  summary,
  matters,
  plans,
  film,
  findings,
  paint,
  fit,
  metal,
  bright,
  running,
  work,
  promised,
  claims,
  papers,
  notSeen,
  conditions,
  pictures,
  cautions,
  proof,
} as const;
export type SectionName = keyof typeof SECTIONS;

type UnionToIntersection<U> = (U extends unknown ? (u: U) => void : never) extends (i: infer I) => void ? I : never;
/** The parts of a sealed report, each with its schema. */
export type SealedShape = UnionToIntersection<(typeof SECTIONS)[SectionName]['sealed']>;

interface AnySection extends Omit<SectionDefinition<Shape, Shape>, 'blocks' | 'seal' | 'needs'> {
  readonly needs?: readonly string[];
  seal(from: Parameters<SectionDefinition<Shape, Shape>['seal']>[0]): Readonly<Record<string, unknown>>;
  blocks(view: SectionView<Readonly<Record<string, unknown>>>): readonly Block[];
}
export const SECTION_LIST = Object.entries(SECTIONS) as unknown as readonly (readonly [SectionName, AnySection])[];

const merged = <T>(of: (s: AnySection) => object) => Object.assign({}, ...SECTION_LIST.map(([, s]) => of(s))) as T;

export const SEALED_SHAPE = merged<SealedShape>((s) => s.sealed);
type Blank = { readonly [K in keyof SealedShape]: SealedShape[K] extends z.ZodType<infer T> ? T : never };
/** What stands in the place of parts that cannot be read; whoever shows them says so instead. */
export const BLANK = merged<Blank>((s) => s.blank);

/** A section as it is shown. */
export interface ShownSection {
  readonly name: SectionName;
  readonly title: string;
  readonly blocks: readonly Block[];
}

/** The sections that have anything to show, of what was sealed; those whose own parts cannot be read are left out. */
export function shownSections(
  view: SectionView<Readonly<Record<string, unknown>>>,
  lost: readonly string[],
): ShownSection[] {
  return SECTION_LIST.flatMap(([name, section]) => {
    if (section.needs?.some((part) => lost.includes(part))) return [];
    const blocks = section.blocks(view);
    return blocks.length === 0 ? [] : [{ name, title: section.title, blocks }];
  });
}
