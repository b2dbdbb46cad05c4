import { z } from 'zod';
import { DECISIONS } from '../catalogue/remedies';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

const decisionSchema = z.enum(DECISIONS);

/** What a person decided of something that could be put right, where it is not what the rule says. */
export const remedySchema = z.object({
  /** A finding's id, or the name of what it is decided of: `works:clock`, `leak:engine.pan`. */
  of: text(120).min(1),
  remedy: decisionSchema,
  /** What the rule said then. */
  rule: decisionSchema,
  note: text(500).default(''),
  at: instantSchema,
});
export type RemedyBody = z.infer<typeof remedySchema>;

export const remedy = defineKind({ schema: remedySchema, on: [], known: 'told', since: 5 });
