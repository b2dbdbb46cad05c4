import { z } from 'zod';
import { instantSchema, shaSchema, text, uuidSchema } from './common';
import { defineKind } from './kind';

export const FILM_TYPES = ['video/mp4', 'video/webm', 'video/quicktime'] as const;
export type FilmType = (typeof FILM_TYPES)[number];

/** A film of the car: kept in the house's store under its hash, or where else the house keeps it, by a link. */
export const filmSchema = z
  .object({
    name: text(200).min(1),
    type: z.enum(FILM_TYPES).nullable().default(null),
    /** Of the file as kept; null: it is not kept here. */
    sha256: shaSchema.nullable().default(null),
    bytes: z.number().int().positive().nullable().default(null),
    lengthS: z.number().positive().max(86_400).nullable().default(null),
    link: z
      .url({ protocol: /^https?$/ })
      .max(1000)
      .nullable()
      .default(null),
    /** The picture that stands for it until it plays. */
    poster: uuidSchema.nullable().default(null),
    /** True for films drawn by the program, which show no real car. */
    drawn: z.boolean().default(false),
    at: instantSchema,
  })
  .refine((f) => f.sha256 !== null || f.link !== null, {
    path: ['link'],
    message: 'A film is kept here or has a link.',
  })
  .refine((f) => f.sha256 === null || (f.type !== null && f.bytes !== null), {
    path: ['sha256'],
    message: 'A kept film says its type and its size.',
  });
export type Film = z.infer<typeof filmSchema>;

export const film = defineKind({
  schema: filmSchema,
  on: [],
  pictures: (f) => (f.poster ? [f.poster] : []),
  since: 5,
});
