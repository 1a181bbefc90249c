/** The path under which the application is served: "" at the root, else "/perch"; written into the build by BASE_PATH. */
export const SERVED_UNDER = process.env.EXPO_BASE_URL ?? "";

/** The address of what the server has at a path that begins with a stroke. */
export const served = (path: `/${string}`): string => `${SERVED_UNDER}${path}`;
