import { useState } from "react";
import { Pressable, ScrollView, View } from "react-native";
import { ROLES, type Role } from "@/outing/lists/columns";
import type { Table } from "@/outing/lists/read-table";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { roleWords } from "@/words/lists";

/** Rows of a table that are shown under what its columns hold. */
const ROWS = 3;

interface Props {
  readonly table: Table;
  readonly onRoles: (roles: readonly Role[]) => void;
}

/** The first rows of a table, over each column what it is taken to hold; a press on a column says otherwise. */
export function TableColumns({ table: { heads, rows, roles }, onRoles }: Props) {
  const [asked, setAsked] = useState<number>();
  const shown = [...(heads ? [heads] : []), ...rows.slice(0, ROWS)];
  return (
    <View role="group" aria-label="Columns of the table" className="gap-2">
      <ScrollView horizontal>
        {roles.map((role, column) => {
          const cells = shown.map((row) => row.cells[column] ?? "");
          return (
            <Pressable
              key={column}
              role="button"
              aria-label={`Column ${column + 1}, ${cells[0] || "without a head"}: ${roleWords(role)}. Change`}
              aria-expanded={asked === column}
              onPress={() => setAsked(asked === column ? undefined : column)}
              className="min-h-12 max-w-[180px] gap-1 border-r border-line px-2 py-1 active:opacity-70"
            >
              <Txt size={14} weight={700} tone={role === "skip" ? "ink2" : "water"} numberOfLines={1}>
                {roleWords(role)}
              </Txt>
              {cells.map((cell, i) => (
                <Txt key={i} size={14} tone="ink2" numberOfLines={1}>
                  {cell || " "}
                </Txt>
              ))}
            </Pressable>
          );
        })}
      </ScrollView>
      {asked !== undefined && (
        <Picker
          key={asked}
          opens
          label={`What column ${asked + 1} holds`}
          items={ROLES.map((role) => ({ key: role, title: roleWords(role) }))}
          chosen={roles[asked]!}
          onChoose={(key) => {
            onRoles(roles.map((role, i) => (i === asked ? (key as Role) : role)));
            setAsked(undefined);
          }}
        />
      )}
    </View>
  );
}
