/** Stands in for a part of the schema library that nothing here asks: schemas read from JSON Schema. */
export function fromJSONSchema() {
  throw new Error(
    "schemas from JSON Schema are left out of the build; take zod-from-json.js out of metro.config.js to have them",
  );
}
