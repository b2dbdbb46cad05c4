import type { MakeId } from './makes';

/** How far the demo's inspectors have come with a lot. */
export type Stage = 'full' | 'half' | 'begun' | 'listed';

export interface DemoLot {
  readonly number: number;
  readonly make: MakeId;
  readonly model: string;
  readonly year: number;
  readonly body: string;
  readonly stage: Stage;
  /** Plan used, where there is one for the body. */
  readonly style?: 'fastback' | 'saloon4' | 'pickup';
  /** Days from the day of seeding until the report is due. */
  readonly dueInDays: number;
  readonly keeper: '' | 'Ilse Brandvik' | 'Tomas Orrell';
}

const lot = (
  number: number,
  make: MakeId,
  model: string,
  year: number,
  body: string,
  stage: Stage,
  dueInDays: number,
  keeper: DemoLot['keeper'] = '',
  style?: DemoLot['style'],
): DemoLot => ({
  number,
  make,
  model,
  year,
  body,
  stage,
  dueInDays,
  keeper,
  ...(style && { style }),
});

/** The Tramshed Dispersal. */
export const LOTS: readonly DemoLot[] = [
  lot(1, 'quillon', 'Halyard', 1967, 'fastback', 'full', 2, 'Ilse Brandvik', 'fastback'),
  lot(2, 'sarvane', 'Lido', 1959, 'convertible', 'listed', 5, 'Tomas Orrell'),
  lot(3, 'aldmoor', 'Fellman', 1974, 'utility', 'listed', 5, 'Tomas Orrell'),
  lot(4, 'brannock', 'Eleven', 1938, 'saloon', 'listed', 6, 'Ilse Brandvik'),
  lot(5, 'tolve', 'Carrier', 1969, 'camper', 'listed', 6, 'Ilse Brandvik'),
  lot(6, 'haskett', 'Dray', 1991, 'pickup', 'full', -1, 'Tomas Orrell', 'pickup'),
  lot(7, 'ormelle', 'Vireo', 1968, 'sports', 'listed', 7),
  lot(8, 'quillon', 'Halyard', 1972, 'four-door', 'full', 3, 'Ilse Brandvik', 'saloon4'),
  lot(9, 'quillon', 'Halyard', 1964, 'four-door', 'half', -1, 'Tomas Orrell', 'saloon4'),
  lot(10, 'sarvane', 'Corso', 1962, 'hardtop', 'listed', 8),
  lot(11, 'quillon', 'Marten', 1970, 'four-door', 'begun', 1, 'Ilse Brandvik', 'saloon4'),
  lot(12, 'tolve', 'Wicket', 1976, 'minibus', 'listed', 8),
  lot(13, 'brannock', 'Fourteen', 1936, 'saloon', 'listed', 9),
  lot(14, 'aldmoor', 'Fellman', 1962, 'utility', 'listed', 9),
  lot(15, 'haskett', 'Dray', 1979, 'pickup', 'half', 4, 'Tomas Orrell', 'pickup'),
  lot(16, 'quillon', 'Halyard', 1971, 'fastback', 'begun', 4, 'Ilse Brandvik', 'fastback'),
  lot(17, 'ormelle', 'Vireo', 1973, 'sports', 'listed', 10),
  lot(18, 'brannock', 'Twelve', 1955, 'estate', 'listed', 10),
  lot(19, 'haskett', 'Yoke', 1958, 'pickup', 'begun', 5, 'Tomas Orrell', 'pickup'),
  lot(20, 'sarvane', 'Lido', 1966, 'convertible', 'listed', 11),
  lot(21, 'quillon', 'Marten', 1975, 'four-door', 'listed', 11),
  lot(22, 'aldmoor', 'Tarn', 1986, 'utility', 'listed', 12),
  lot(23, 'tolve', 'Carrier', 1961, 'van', 'listed', 12),
  lot(24, 'quillon', 'Halyard', 1969, 'fastback', 'listed', 12),
];
