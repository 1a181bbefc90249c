/** Some browsers have no database for pages, and some refuse to be asked for it. */
export function hasDatabase(): boolean {
  try {
    return typeof indexedDB !== "undefined";
  } catch {
    return false;
  }
}
