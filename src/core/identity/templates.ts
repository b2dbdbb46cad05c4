import { z } from 'zod';
import { defineTable } from '../model/table';
import { type NumberTemplate, type TemplateField, templateSchema } from './template';

type Ranges = readonly (readonly [year: number, from: number, to: number])[];
const ranges = (rows: Ranges) => rows.map(([year, from, to]) => ({ year, from, to }));
const fixed = (name: string, text: string, says: string): TemplateField => ({ is: 'fixed', name, text, says });
const lookup = (name: string, means: Record<string, string>): TemplateField => ({
  is: 'lookup',
  name,
  says: '',
  length: Object.keys(means)[0]!.length,
  means: Object.entries(means).map(([c, says]) => ({ code: c, says })),
});
const year: TemplateField = { is: 'year', name: 'year', says: '', length: 2, century: 1900 };
const serial = (length: number, by: Ranges = []): TemplateField => ({
  is: 'sequence',
  name: 'serial',
  says: '',
  length,
  ranges: ranges(by),
});
const template = (
  t: Omit<NumberTemplate, 'engine' | 'engineType' | 'engineRanges' | 'says'> & Partial<NumberTemplate>,
): NumberTemplate => ({
  says: '',
  engine: '',
  engineType: '',
  engineRanges: [],
  ...t,
});

/** How the made-up makes numbered their cars. A house adds those of the makes that it sees. */
const SHIPPED: readonly NumberTemplate[] = [
  template({
    id: 'quillon-unitary',
    make: 'Quillon',
    from: 1958,
    to: 1976,
    fields: [
      fixed('make', 'Q', 'Quillon'),
      lookup('model', { H: 'Halyard', M: 'Marten' }),
      lookup('body', { F: 'fastback', S: 'saloon' }),
      year,
      serial(5),
    ],
    engine: 'Q{model} {serial}',
  }),
  template({
    id: 'sarvane-frame',
    make: 'Sarvane',
    from: 1949,
    to: 1972,
    fields: [fixed('make', 'S', 'Sarvane'), lookup('model', { L: 'Lido', C: 'Corso' }), year, serial(5)],
    engine: 'SV8 {serial}',
  }),
  template({
    id: 'aldmoor-box',
    make: 'Aldmoor',
    from: 1951,
    to: 1988,
    fields: [fixed('make', 'A', 'Aldmoor'), lookup('model', { F: 'Fellman' }), year, serial(6)],
    engine: 'A{model} {serial}',
  }),
  template({
    id: 'brannock-wood',
    make: 'Brannock',
    says: 'The number of the model, the year, then the number of the frame; the engine bears model and frame without the year.',
    from: 1931,
    to: 1959,
    fields: [
      fixed('make', 'B', 'Brannock'),
      lookup('model', { '11': 'Eleven', '12': 'Twelve', '14': 'Fourteen' }),
      year,
      serial(4),
    ],
    engine: 'B{model} {serial}',
  }),
  template({
    id: 'tolve-rear',
    make: 'Tolve',
    says: 'Engines have a sequence of their own.',
    from: 1955,
    to: 1979,
    fields: [fixed('make', 'T', 'Tolve'), lookup('model', { C: 'Carrier', W: 'Wicket' }), year, serial(6)],
    engineType: 'TC',
    engineRanges: ranges([
      [1966, 30_001, 37_400],
      [1967, 37_401, 43_900],
      [1968, 43_901, 50_200],
      [1969, 50_201, 57_800],
      [1970, 57_801, 64_000],
    ]),
  }),
  template({
    id: 'haskett-early',
    make: 'Haskett',
    from: 1953,
    to: 1980,
    fields: [fixed('make', 'HK', 'Haskett'), lookup('model', { D: 'Dray', Y: 'Yoke' }), year, serial(6)],
    engineType: 'HD',
  }),
  template({
    id: 'haskett-17',
    make: 'Haskett',
    says: 'Seventeen characters after ISO 3779; the ninth is a filler.',
    from: 1981,
    to: 1998,
    fields: [
      fixed('maker', 'DXK', 'Haskett, Tramford'),
      lookup('model', { D: 'Dray', Y: 'Yoke' }),
      lookup('body', { R: 'pickup, regular cab', C: 'pickup, long cab' }),
      lookup('engine', { '6': 'six in line', '8': 'eight' }),
      lookup('drive', { '2': 'rear wheels', '4': 'all wheels' }),
      { is: 'any', name: 'belts', says: 'seat belts', length: 1 },
      { is: 'any', name: 'check', says: 'filler, no check digit', length: 1 },
      { is: 'year-letter', name: 'year', says: '', letters: 'BCDEFGHJKLMNPRSTVW', from: 1981 },
      lookup('plant', { T: 'Tramford', V: 'Vennor Haven' }),
      serial(6),
    ],
    engineType: 'HD6',
    engineRanges: ranges([
      [1989, 61_000, 68_300],
      [1990, 68_301, 74_900],
      [1991, 74_901, 81_600],
      [1992, 81_601, 88_000],
    ]),
  }),
  template({
    id: 'ormelle-backbone',
    make: 'Ormelle',
    from: 1962,
    to: 1974,
    fields: [fixed('make', 'O', 'Ormelle'), lookup('model', { V: 'Vireo' }), year, serial(4)],
    engine: 'OE {serial}',
  }),
];

export const numberTemplates = defineTable({
  stored: 'number-templates',
  schema: z
    .object({ source: z.string(), templates: z.array(templateSchema).max(400) })
    .refine((t) => new Set(t.templates.map((x) => x.id)).size === t.templates.length, {
      message: 'each template has a name of its own',
    }),
  defaults: { source: 'schemes of the made-up makes', templates: [...SHIPPED] as NumberTemplate[] },
});
