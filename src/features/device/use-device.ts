import { createContext, useContext } from "react";
import { browserDevice, type Device } from "./port";

/** The phone that the page runs on; a test puts another one in its place. */
export const DeviceContext = createContext<Device>(browserDevice);
export const useDevice = (): Device => useContext(DeviceContext);
