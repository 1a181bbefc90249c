import { tellWritten } from "../../../store/written";

/** The key under which the tags of an outing are told of to other tabs. */
export const tagsKey = (outingId: string): string => `bp/tags/${outingId}`;

export const tellTags = (outingId: string): void => tellWritten([tagsKey(outingId)]);
