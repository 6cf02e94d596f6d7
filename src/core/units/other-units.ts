/* What units of a trade that reads inches are in those of one that reads millimetres, exactly or as far as anybody reads them. */

/** A mile an hour, exactly. */
export const METRES_A_SECOND_PER_MPH = 0.44704;
export const KPA_PER_PSF = 0.047880259;
/** Exactly. */
export const SQUARE_METRES_PER_SQUARE_FOOT = 0.09290304;
export const TONNES_A_CUBIC_METRE_PER_LB_A_CUBIC_FOOT = 0.016018463;
