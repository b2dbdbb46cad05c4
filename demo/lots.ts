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
  /** The plan of its body. */
  readonly style: string;
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
  keeper: DemoLot['keeper'],
  style: string,
): DemoLot => ({
  number,
  make,
  model,
  year,
  body,
  stage,
  dueInDays,
  keeper,
  style,
});

/** The Tramshed Dispersal. */
export const LOTS: readonly DemoLot[] = [
  lot(1, 'quillon', 'Halyard', 1967, 'fastback', 'full', 2, 'Ilse Brandvik', 'fastback'),
  lot(2, 'sarvane', 'Lido', 1959, 'convertible', 'full', 5, 'Tomas Orrell', 'convertible'),
  lot(3, 'aldmoor', 'Fellman', 1974, 'utility', 'full', 5, 'Tomas Orrell', 'utility'),
  lot(4, 'brannock', 'Eleven', 1938, 'saloon', 'full', 6, 'Ilse Brandvik', 'saloon4'),
  lot(5, 'tolve', 'Carrier', 1969, 'camper', 'full', 6, 'Ilse Brandvik', 'van'),
  lot(6, 'haskett', 'Dray', 1991, 'pickup', 'full', -1, 'Tomas Orrell', 'pickup'),
  lot(7, 'ormelle', 'Vireo', 1968, 'sports', 'full', 7, 'Ilse Brandvik', 'sports'),
  lot(8, 'quillon', 'Halyard', 1972, 'four-door', 'full', 3, 'Ilse Brandvik', 'saloon4'),
  lot(9, 'quillon', 'Halyard', 1964, 'four-door', 'half', -1, 'Tomas Orrell', 'saloon4'),
  lot(10, 'sarvane', 'Corso', 1962, 'hardtop', 'listed', 8, '', 'hardtop'),
  lot(11, 'quillon', 'Marten', 1970, 'four-door', 'begun', 1, 'Ilse Brandvik', 'saloon4'),
  lot(12, 'tolve', 'Wicket', 1976, 'minibus', 'listed', 8, '', 'van'),
  lot(13, 'brannock', 'Fourteen', 1936, 'saloon', 'listed', 9, '', 'saloon4'),
  lot(14, 'aldmoor', 'Fellman', 1962, 'utility', 'listed', 9, '', 'utility'),
  lot(15, 'haskett', 'Dray', 1979, 'pickup', 'half', 4, 'Tomas Orrell', 'pickup'),
  lot(16, 'quillon', 'Halyard', 1971, 'fastback', 'begun', 4, 'Ilse Brandvik', 'fastback'),
  lot(17, 'ormelle', 'Vireo', 1973, 'sports', 'listed', 10, '', 'sports'),
  lot(18, 'brannock', 'Twelve', 1955, 'estate', 'listed', 10, '', 'estate'),
  lot(19, 'haskett', 'Yoke', 1958, 'pickup', 'begun', 5, 'Tomas Orrell', 'pickup'),
  lot(20, 'sarvane', 'Lido', 1966, 'convertible', 'listed', 11, '', 'convertible'),
  lot(21, 'quillon', 'Marten', 1975, 'four-door', 'listed', 11, '', 'saloon4'),
  lot(22, 'aldmoor', 'Tarn', 1986, 'utility', 'listed', 12, '', 'utility'),
  lot(23, 'tolve', 'Carrier', 1961, 'van', 'listed', 12, '', 'van'),
  lot(24, 'quillon', 'Halyard', 1969, 'fastback', 'listed', 12, '', 'fastback'),
];
