const fc = require("fast-check");

// The same cases at every run, so that a red run can be gone after; `PROPERTY_SEED=random` looks for new ones.
if (process.env.PROPERTY_SEED !== "random")
  fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 20261017) });
