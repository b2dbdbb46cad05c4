import type { ExposureTable, Storage } from '@/core/metal/exposure-table';
import { type CarForecast, forecast, type WastingSpot } from '@/core/metal/forecast';

export interface ForecastAsked {
  readonly id: number;
  readonly spots: readonly WastingSpot[];
  readonly table: ExposureTable;
  readonly storages: readonly Storage[];
}
export interface ForecastAnswer {
  readonly id: number;
  readonly forecasts: readonly CarForecast[];
}

/** Draws the same numbers every time, so that the same car says the same. */
const SEED = 1;
const TOLD_EVERY = 0.1;

/** Foretells when places will be through, off the page's thread. */
self.onmessage = ({ data: { id, spots, table, storages } }: MessageEvent<ForecastAsked>) => {
  let told = 0;
  const forecasts = forecast(spots, table, {
    storages,
    seed: SEED,
    draws: table.draws,
    onProgress: (share) => {
      if (share >= told + TOLD_EVERY) {
        told = share;
        self.postMessage({ id, stage: `${Math.round(100 * share)} %` });
      }
      return true;
    },
  });
  self.postMessage({ id, forecasts: forecasts ?? [] } satisfies ForecastAnswer);
};
