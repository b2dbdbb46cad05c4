/** A gauge's ceiling when no visit has stated one, µm; as common survey gauges have. */
export const USUAL_CEILING_UM = 500;
