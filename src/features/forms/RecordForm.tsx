import { zodResolver } from "@hookform/resolvers/zod";
import { useEffect, useMemo, useState, type ReactNode } from "react";
import { Controller, useForm, type Control } from "react-hook-form";
import { View } from "react-native";
import type { z } from "zod";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { forgetDraft, recallDraft, rememberDraft } from "./draft";
import { fieldName, toTyped, typedSchema, unitOf, type FieldSpec, type Typed } from "./field-spec";

interface Props<T> {
  readonly specs: readonly FieldSpec[];
  /** Keys of fields that are not asked for now; what was typed into them is kept. */
  readonly without?: readonly string[];
  /** Where the fields begin, and what keeps its value beside them. */
  readonly record: object;
  readonly schema: z.ZodType<T>;
  readonly save: string;
  /** False, or a promise of it, where it could not be saved: what was typed is kept then. */
  readonly onSave: (value: T) => void | Promise<boolean | void>;
  readonly onCancel: () => void;
  /** Told when a choice is made, so that other fields may follow it. */
  readonly onChosen?: (key: string, chosen: string, hand: FormHand) => void;
  /** Above the fields; may put values into them. */
  readonly before?: (hand: FormHand) => ReactNode;
  /** Stands in place of the whole form for a while; what was typed is kept. */
  readonly instead?: (hand: FormHand) => ReactNode;
  /** Among the buttons. */
  readonly more?: ReactNode;
}

/** A hand on the fields from outside them. */
export interface FormHand {
  /** Puts text into the field of a path, as if it had been typed. */
  readonly set: (key: string, text: string) => void;
  /** What stands in it. */
  readonly typed: (key: string) => string;
}

const NONE: readonly string[] = [];

/** A record as fields. Nothing is saved while one of them would be refused; what is wrong stands beside it. */
export function RecordForm<T>({
  specs,
  without = NONE,
  record,
  schema,
  save,
  onSave,
  onCancel,
  onChosen,
  before,
  instead,
  more,
}: Props<T>) {
  const resolver = useMemo(() => zodResolver(typedSchema(specs, record, schema)), [specs, record, schema]);
  const defaultValues = useMemo(() => toTyped(specs, record), [specs, record]);
  const [left, setLeft] = useState(() => recallDraft(localStorage, specs, defaultValues));
  const { control, handleSubmit, setValue, getValues, reset, subscribe } = useForm<Typed, unknown, T>({
    defaultValues: left ?? defaultValues,
    resolver,
    mode: "onTouched",
  });
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => rememberDraft(localStorage, specs, { from: defaultValues, typed: values }),
      }),
    [subscribe, specs, defaultValues],
  );
  const forget = (): void => forgetDraft(localStorage, specs);
  const startOver = (): void => {
    reset(defaultValues);
    forget();
    setLeft(undefined);
  };
  const onSubmit = handleSubmit(async (value) => {
    if ((await onSave(value)) !== false) forget();
  });
  const hand: FormHand = {
    set: (key, text) => setValue(fieldName(key), text, { shouldValidate: true, shouldDirty: true }),
    typed: (key) => getValues(fieldName(key)) ?? "",
  };
  if (instead) return instead(hand);
  return (
    <View className="gap-4">
      {left && (
        <View className="flex-row flex-wrap items-center justify-between gap-x-3">
          <Txt tone="ink2" className="shrink">
            This is as you left it, not saved yet.
          </Txt>
          <Button label="Start over" kind="plain" onPress={startOver} />
        </View>
      )}
      {before?.(hand)}
      <View className="flex-row flex-wrap gap-x-4 gap-y-4">
        {specs
          .filter(({ key }) => !without.includes(key))
          .map((spec) => (
            <Field
              key={spec.key}
              spec={spec}
              control={control}
              onChosen={(chosen) => onChosen?.(spec.key, chosen, hand)}
              onSpread={(texts) => Object.entries(texts).forEach(([key, text]) => hand.set(key, text))}
            />
          ))}
      </View>
      <View className="gap-2">
        <Button label={save} kind="filled" onPress={() => void onSubmit()} />
        {more}
        <Button
          label="Cancel"
          kind="plain"
          onPress={() => {
            forget();
            onCancel();
          }}
        />
      </View>
    </View>
  );
}

interface FieldProps<T> {
  readonly spec: FieldSpec;
  readonly control: Control<Typed, unknown, T>;
  readonly onChosen: (chosen: string) => void;
  readonly onSpread: (texts: Readonly<Record<string, string>>) => void;
}

function Field<T>({ spec, control, onChosen, onSpread }: FieldProps<T>) {
  return (
    <Controller
      name={fieldName(spec.key)}
      control={control}
      render={({ field, fieldState }) => (
        <FieldView
          spec={spec}
          {...field}
          onChange={(value) => {
            const spread = spec.spread?.(value);
            if (spread) return onSpread(spread);
            field.onChange(value);
            if (spec.kind === "choice") onChosen(value);
          }}
          error={fieldState.error?.message}
        />
      )}
    />
  );
}

interface ViewProps {
  readonly spec: FieldSpec;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur: () => void;
  readonly error: string | undefined;
}

const YES_NO = [
  { key: "true", label: "Yes" },
  { key: "false", label: "No" },
];

function FieldView({ spec, value, onChange, onBlur, error }: ViewProps) {
  if (spec.kind === "several") return <Several spec={spec} value={value} onChange={onChange} />;
  if (spec.kind === "choice" || spec.kind === "switch")
    return (
      <View className="w-full gap-1">
        <OneOf spec={spec} value={value} onChange={onChange} />
        {error ? (
          <Txt size={14} tone="bracken" role="alert">
            {error}
          </Txt>
        ) : null}
      </View>
    );
  const wide = spec.kind === "text" ? "min-w-full" : "";
  return (
    <TextField
      label={spec.label}
      unit={unitOf(spec)}
      hint={spec.hint}
      value={value ?? ""}
      onChange={onChange}
      onBlur={onBlur}
      error={error}
      numeric={!spec.spread && ["number", "percent"].includes(spec.kind)}
      lines={spec.kind === "text" ? spec.lines : undefined}
      type={spec.kind === "date" || spec.kind === "time" ? spec.kind : "text"}
      className={wide}
    />
  );
}

/** More choices than this are a list with a search. */
const SEGMENTS = 12;

interface ChoosingProps<Kind> {
  readonly spec: Extract<FieldSpec, { kind: Kind }>;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function OneOf({ spec, value, onChange }: ChoosingProps<"choice" | "switch">) {
  const choices = spec.kind === "choice" ? spec.choices : YES_NO;
  if (choices.length > SEGMENTS) {
    const items = choices.map(({ key, label }) => ({ key, title: label }));
    return <Picker label={spec.label} items={items} chosen={value} onChoose={onChange} />;
  }
  return (
    <>
      <Txt size={14} tone="ink2">
        {spec.label}
      </Txt>
      <Segmented label={spec.label} segments={choices} chosen={value} onChoose={onChange} />
    </>
  );
}

function Several({ spec, value, onChange }: ChoosingProps<"several">) {
  const chosen = value === "" ? [] : value.split(" ");
  return (
    <View role="group" aria-label={spec.label} className="w-full">
      <Txt size={14} tone="ink2">
        {spec.label}
      </Txt>
      {spec.hint && (
        <Txt size={14} tone="ink2">
          {spec.hint}
        </Txt>
      )}
      {spec.choices.map(({ key, label }) => (
        <CheckRow
          key={key}
          title={label}
          checked={chosen.includes(key)}
          onChange={(on) => onChange((on ? [...chosen, key] : chosen.filter((k) => k !== key)).join(" "))}
        />
      ))}
    </View>
  );
}
