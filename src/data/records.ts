import {
  kitSchema,
  preferencesSchema,
  shootSchema,
  type Preferences,
  type Shoot,
  type StoredKit,
} from "./schema";
import type { RecordKind } from "./migrate";

/** The kinds of record, each at its version, with the steps that raise older ones. */
export const SHOOT_RECORD: RecordKind<Shoot> = { schema: shootSchema, version: 1, migrations: {} };
export const KIT_RECORD: RecordKind<StoredKit> = { schema: kitSchema, version: 1, migrations: {} };
export const PREFERENCES_RECORD: RecordKind<Preferences> = {
  schema: preferencesSchema,
  version: 1,
  migrations: {},
};

export const DEFAULT_PREFERENCES: Preferences = {
  version: 1,
  theme: "day",
  order: ["lift", "aperture", "shutter", "iso"],
};
