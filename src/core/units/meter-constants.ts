/**
 * Meter constants (ISO 2720), the one place that holds them: reflected K, incident C for a flat receptor. They agree
 * at a reflectance of πK/C = 0.157, which is the middle used here.
 */
export const METER_CONSTANTS = Object.freeze({ reflectedK: 12.5, incidentC: 250 });

/** Reflectance that a reflected meter takes for the middle: πK/C (ISO 2720), not 0.18. */
export const MIDDLE_REFLECTANCE = (Math.PI * METER_CONSTANTS.reflectedK) / METER_CONSTANTS.incidentC;
