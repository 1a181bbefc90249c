import { useKept, useKeptChange } from "./kept";

export const useKit = () => useKept("kit");

export const useChangeKit = () => useKeptChange("kit");
