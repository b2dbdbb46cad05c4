import { z } from 'zod';
import {
  type DECISIONS,
  REMEDY_IDS,
  type RemedyId,
  type RemedyRow,
  remedySchema,
  SHARED_IDS,
  TRADES,
} from '../catalogue/remedies';
import { defineTable } from '../model/table';

export type SharedId = (typeof SHARED_IDS)[number];
/** Anything that is done. */
export type WorkId = RemedyId | SharedId;
/** What is decided of a thing: a piece of work, or that it stays and is said. */
export type Decision = (typeof DECISIONS)[number];

export const HAVINGS = ['available', 'scarce', 'none'] as const;
export type Having = (typeof HAVINGS)[number];

const positive = z.number().nonnegative();
const share = z.number().min(0).max(1);
/** Low, likely, high. */
const triple = z.tuple([positive, positive, positive]);

export const costSchema = z.object({
  source: z.string(),
  /** Days that pass before a piece of work can be begun or its parts are there. */
  waitsDays: z.record(z.enum([...REMEDY_IDS, ...SHARED_IDS]), positive),
  /** Work that follows from other work. */
  shared: z.record(z.enum(SHARED_IDS), remedySchema),
  /** Parts by how they are to be had: what their price is multiplied by, and days more to wait. */
  having: z.record(z.enum(HAVINGS), z.object({ times: positive, waitsDays: positive })),
  /** Panels painted together: from so many on, this share of their sum. */
  together: z.object({ from: z.number().int().positive(), share }),
  /** Standard deviation of the logarithm of what a trade takes against its estimate, the same for all its jobs on a car. */
  tradeSd: positive,
  /**
   * Places that nobody saw: what whole jobs take against the share of the place that is lost, and how far whole cars differ
   * (standard deviation of the logarithm of how much there is).
   */
  unseen: z.object({ wholeJobs: positive, carSd: positive }),
  /** Filler that may lie over rust: the chance that it does where a panel is filled, and what is then redone, in times. */
  overRust: z.object({ chance: share, steelOnly: z.boolean() }),
  /** Work whose extent shows only when it is begun: its hours are multiplied by a draw between these. */
  unsure: z.object({ remedies: z.array(z.enum(REMEDY_IDS)), times: triple }),
  /** A neighbour is blended where the colour is metallic, or faded by this share of the panel. */
  fadedFrom: share,
  /** The works' paint is kept where it is the works' with this chance. */
  factoryFrom: share,
  /** Money off in place of work: the share of the work's gain that bidders credit it with, and the least worth saying. */
  allow: z.object({ gain: share, least: positive }),
  /**
   * Taking it apart: what a sound piece of each part sells for and the hours that getting it off takes; by how much condition
   * tells on the price (its sound share to this power), what a piece that nobody looked at counts, and how far the market for
   * all of them may lie off (standard deviation of the logarithm).
   */
  partOut: z.object({
    parts: z.record(z.string(), z.object({ trade: z.enum(TRADES), hours: triple, price: triple })),
    power: positive,
    unseenTimes: share,
    marketSd: positive,
  }),
  /** Hours a day that a shop works on one car. */
  hoursPerDay: z.number().positive(),
  /** What a car is expected to fetch by its grade, as a share of what it would at the grade below. */
  price: z.object({
    at: positive,
    curve: z.array(z.tuple([z.number().min(0).max(100), positive])).min(2),
  }),
});
export type CostTable = z.infer<typeof costSchema>;

const shared = (trades: RemedyRow['trades'], hours: RemedyRow['hours'], parts: number): RemedyRow => ({
  trades,
  hours,
  parts: [parts, parts, parts],
});

/** How long things wait, what is shared between jobs, and how far estimates of work turn out to miss. */
export const costTable = defineTable<CostTable>({
  stored: 'cost',
  schema: costSchema as z.ZodType<CostTable>,
  defaults: {
    source: 'house starting values, money in Vennor crowns',
    waitsDays: {
      clean: 0,
      polish: 0,
      'touch-in': 0,
      'dent-out': 3,
      spot: 7,
      refinish: 14,
      'strip-refinish': 28,
      're-plate': 42,
      'polish-metal': 14,
      'patch-outer': 21,
      'lower-piece': 28,
      sill: 42,
      'floor-section': 28,
      'load-path': 56,
      adjust: 0,
      hinges: 7,
      pane: 14,
      seal: 7,
      'seat-cover': 28,
      headliner: 21,
      'top-cover': 28,
      'trim-piece': 14,
      refit: 0,
      tire: 3,
      'gasket-above': 7,
      'gasket-below': 14,
      'brake-axle': 7,
      window: 14,
      'small-electrical': 14,
      'engine-rebuild': 98,
      test: 3,
      blend: 0,
      respray: 70,
      'off-and-on': 0,
    },
    shared: {
      blend: shared(['paint'], [1.5, 2.5, 4], 25),
      respray: shared(['body', 'paint'], [120, 180, 300], 2200),
      'off-and-on': shared(['body'], [0.5, 1, 2], 5),
    },
    having: {
      available: { times: 1, waitsDays: 0 },
      scarce: { times: 2.5, waitsDays: 90 },
      none: { times: 6, waitsDays: 180 },
    },
    together: { from: 3, share: 0.75 },
    tradeSd: 0.15,
    unseen: { wholeJobs: 2.6, carSd: 1 },
    overRust: { chance: 0.45, steelOnly: true },
    unsure: {
      remedies: [
        'strip-refinish',
        'patch-outer',
        'lower-piece',
        'sill',
        'floor-section',
        'load-path',
        'engine-rebuild',
      ],
      times: [0.9, 1, 1.9],
    },
    fadedFrom: 0.2,
    factoryFrom: 0.5,
    allow: { gain: 0.8, least: 200 },
    partOut: {
      parts: {
        hood: { trade: 'body', hours: [0.3, 0.5, 1], price: [120, 220, 420] },
        deck: { trade: 'body', hours: [0.3, 0.5, 1], price: [90, 170, 320] },
        tailgate: { trade: 'body', hours: [0.5, 0.8, 1.5], price: [100, 190, 350] },
        door: { trade: 'body', hours: [0.5, 0.8, 1.5], price: [110, 210, 400] },
        fender: { trade: 'body', hours: [1, 2, 4], price: [100, 200, 420] },
        bumper: { trade: 'body', hours: [0.4, 0.7, 1.5], price: [90, 180, 420] },
        grille: { trade: 'trim', hours: [0.2, 0.4, 0.8], price: [60, 130, 320] },
        lamp: { trade: 'electrical', hours: [0.15, 0.25, 0.5], price: [20, 50, 120] },
        glass: { trade: 'trim', hours: [0.4, 0.8, 1.6], price: [30, 80, 220] },
        wheel: { trade: 'mechanic', hours: [0.1, 0.15, 0.25], price: [20, 45, 110] },
        seat: { trade: 'trim', hours: [0.2, 0.4, 0.8], price: [50, 120, 300] },
        dash: { trade: 'electrical', hours: [1.5, 3, 5], price: [120, 260, 600] },
        steering: { trade: 'mechanic', hours: [0.5, 1, 1.5], price: [60, 130, 320] },
        card: { trade: 'trim', hours: [0.2, 0.3, 0.6], price: [15, 40, 100] },
        console: { trade: 'trim', hours: [0.2, 0.4, 0.8], price: [20, 50, 140] },
        engine: { trade: 'mechanic', hours: [6, 9, 14], price: [400, 900, 2200] },
        radiator: { trade: 'mechanic', hours: [0.5, 1, 1.5], price: [40, 90, 180] },
        tank: { trade: 'mechanic', hours: [0.8, 1.5, 3], price: [40, 100, 220] },
        transmission: { trade: 'mechanic', hours: [4, 6, 9], price: [200, 450, 1000] },
        axle: { trade: 'mechanic', hours: [3, 5, 8], price: [150, 320, 700] },
        top: { trade: 'trim', hours: [1.5, 2.5, 4], price: [120, 280, 600] },
      },
      power: 1.6,
      unseenTimes: 0.4,
      marketSd: 0.25,
    },
    hoursPerDay: 6,
    price: {
      at: 60,
      curve: [
        [0, 0.12],
        [20, 0.28],
        [40, 0.58],
        [60, 1],
        [80, 1.7],
        [95, 2.9],
        [100, 3.4],
      ],
    },
  },
});
