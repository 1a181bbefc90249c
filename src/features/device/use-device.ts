import { browserDevice, type Device } from "./port";

/** The phone that the page runs on: what is asked of it goes through this one door. */
export const useDevice = (): Device => browserDevice;
