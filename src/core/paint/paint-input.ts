import type { Plan } from '../body/plan';
import type { FilmReading } from './film-reading';
import type { SeenMark } from './marks';
import type { PaintProfile } from './profiles';

/** What the paint is judged by. */
export interface PaintInput {
  readonly readings: readonly FilmReading[];
  readonly profiles: readonly PaintProfile[];
  /** Plan of the car: gives areas, twins and base metals. Null when the style is not known. */
  readonly plan: Plan | null;
  /** Under what the readings were taken, for explaining points that showed nothing. */
  readonly temperatureC?: number | null;
  readonly gauge?: 'magnetic' | 'eddy' | 'combined' | null;
  /** What was seen beside the film, for or against the works' paint. */
  readonly marks?: readonly SeenMark[];
}
