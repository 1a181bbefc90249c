import { View } from "react-native";
import { detailIn } from "@/answers/plan/drawing";
import { coloursToTell, isLookedThrough, ON_GROUND } from "@/answers/plan/kinds";
import { type BlockKind, type Block, type Look, type Obstacle, type Rod, type Tree } from "@/core/ground";
import type { Thing } from "@/outing/things/sorts";
import { CheckRow } from "@/ui/controls/CheckRow";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { obstacleWords, swatchWords } from "@/words";
import { useDrawingActions } from "../actions";
import type { FieldsProps } from "./Common";

const BLOCK_KINDS = ON_GROUND.blocks;
const BLOCKS = BLOCK_KINDS.map((kind) => ({ key: kind, title: obstacleWords(kind) }));
const RODS = ON_GROUND.rods.map((kind) => ({ key: kind, label: obstacleWords(kind) }));
const SWATCHES = coloursToTell().map(({ name }) => name);
const NO_COLOUR = "none";
const COLOURS = [
  { key: NO_COLOUR, title: "Not said" },
  ...SWATCHES.map((key) => ({ key, title: swatchWords(key) })),
];

type Change = (edit: (thing: Obstacle) => Obstacle) => void;

/** What stands there: its kind, how high, its netting, and how it looks from afar. */
export function ObstacleFields({ at, thing }: FieldsProps<"obstacle">) {
  const { change: changeThing } = useDrawingActions();
  const change: Change = (edit) => changeThing(at, (t) => edit(t) as Thing<"obstacle">);
  return (
    <View className="gap-3">
      {"outline" in thing ? (
        <BlockFields block={thing} change={change} />
      ) : thing.kind === "tree" ? (
        <TreeFields tree={thing} change={change} />
      ) : (
        <RodFields rod={thing} change={change} />
      )}
      <LookFields thing={thing} change={change} />
    </View>
  );
}

function BlockFields({ block, change }: { block: Block; change: Change }) {
  const edit = (part: Partial<Block>): void => change((t) => ({ ...t, ...part }) as Obstacle);
  const { rise } = block;
  const nets = isLookedThrough(block.kind);
  return (
    <View className="gap-3">
      <Picker
        label="Kind"
        items={BLOCKS}
        chosen={block.kind}
        onChoose={(key) => edit({ kind: key as BlockKind })}
      />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Height"
          value={block.height}
          min={Math.max(0.01, (block.base ?? 0) + 0.01, (rise?.from ?? 0) + 0.01)}
          max={200}
          onChange={(height) => edit({ height })}
        />
        <LengthField
          label="Underside"
          value={block.base ?? 0}
          min={0}
          max={Math.max(0, block.height - 0.01)}
          onChange={(base) => edit({ base: base === 0 ? undefined : base })}
        />
      </View>
      <CheckRow
        title="Its top rises"
        detail="a slope, a bank, the rows of a stand"
        checked={rise !== undefined}
        onChange={(on) => edit({ rise: on ? { toward: 0, from: 0 } : undefined })}
      />
      {rise && (
        <View className="flex-row flex-wrap gap-3">
          <LengthField
            label="Low side"
            value={rise.from}
            min={0}
            max={Math.max(0, block.height - 0.01)}
            onChange={(from) => edit({ rise: { ...rise, from } })}
          />
          <NumberField
            label="High side to"
            unit="°"
            value={rise.toward}
            min={0}
            max={359.9}
            onChange={(toward) => edit({ rise: { ...rise, toward } })}
          />
        </View>
      )}
      {nets && <NettingFields block={block} edit={edit} />}
    </View>
  );
}

/** Mesh and posts of what is looked through. */
const NettingFields = ({
  block: { mesh, posts },
  edit,
}: {
  block: Block;
  edit: (part: Partial<Block>) => void;
}) => (
  <View className="flex-row flex-wrap gap-3">
    <NumberField
      label="Mesh, wire to wire"
      unit="mm"
      value={1000 * (mesh?.pitch ?? 0.05)}
      min={2}
      max={2000}
      onChange={(value) => edit({ mesh: { wire: mesh?.wire ?? 0.003, pitch: value / 1000 } })}
    />
    <NumberField
      label="Wire"
      unit="mm"
      value={1000 * (mesh?.wire ?? 0.003)}
      min={0.1}
      max={100}
      onChange={(value) => edit({ mesh: { pitch: mesh?.pitch ?? 0.05, wire: value / 1000 } })}
    />
    <LengthField
      label="Post to post"
      value={posts?.spacing ?? 3}
      min={0.2}
      max={100}
      onChange={(spacing) => edit({ posts: { thickness: posts?.thickness ?? 0.06, spacing } })}
    />
    <NumberField
      label="Post"
      unit="mm"
      decimals={0}
      value={1000 * (posts?.thickness ?? 0.06)}
      min={1}
      max={20_000}
      onChange={(value) => edit({ posts: { spacing: posts?.spacing ?? 3, thickness: value / 1000 } })}
    />
  </View>
);

function TreeFields({ tree, change }: { tree: Tree; change: Change }) {
  const edit = (part: Partial<Tree>): void => change((t) => ({ ...t, ...part }) as Obstacle);
  return (
    <View className="flex-row flex-wrap gap-3">
      <LengthField
        label="Height"
        value={tree.height}
        min={tree.crownFrom + 0.01}
        max={200}
        onChange={(height) => edit({ height })}
      />
      <LengthField
        label="Crown begins at"
        value={tree.crownFrom}
        min={0}
        max={tree.height - 0.01}
        onChange={(crownFrom) => edit({ crownFrom })}
      />
      <LengthField
        label="Crown, half its width"
        value={tree.crownRadius}
        min={0.1}
        max={40}
        onChange={(crownRadius) => edit({ crownRadius })}
      />
      <LengthField
        label="Trunk, half its width"
        value={tree.trunkRadius}
        min={0.001}
        max={20}
        decimals={2}
        onChange={(trunkRadius) => edit({ trunkRadius })}
      />
    </View>
  );
}

function RodFields({ rod, change }: { rod: Rod; change: Change }) {
  const edit = (part: Partial<Rod>): void => change((t) => ({ ...t, ...part }) as Obstacle);
  return (
    <View className="gap-3">
      <Segmented label="Kind" segments={RODS} chosen={rod.kind} onChoose={(kind) => edit({ kind })} />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="First end, height"
          value={rod.from.z}
          min={-200}
          max={200}
          decimals={2}
          onChange={(z) => edit({ from: { ...rod.from, z } })}
        />
        <LengthField
          label="Other end, height"
          value={rod.to.z}
          min={-200}
          max={200}
          decimals={2}
          onChange={(z) => edit({ to: { ...rod.to, z } })}
        />
        <NumberField
          label="Thickness"
          unit="mm"
          decimals={0}
          value={1000 * rod.thickness}
          min={1}
          max={20_000}
          onChange={(value) => edit({ thickness: value / 1000 })}
        />
      </View>
    </View>
  );
}

/** Its colour, and what one would make out of it: what a subject is seen against. */
function LookFields({ thing, change }: { thing: Obstacle; change: Change }) {
  const look = thing.look ?? {};
  const edit = (part: Partial<Look>): void => change((t) => ({ ...t, look: { ...look, ...part } }));
  const detail = detailIn(thing);
  return (
    <View className="gap-3">
      <Picker
        label="Colour from afar"
        items={COLOURS}
        chosen={look.colour ?? NO_COLOUR}
        onChoose={(key) => edit({ colour: SWATCHES.find((name) => name === key) })}
      />
      <View className="flex-row">
        <NumberField
          label="Detail that shows in it (0 for none)"
          unit="cm"
          value={100 * detail}
          min={0}
          max={1000}
          onChange={(value) => edit({ detail: value / 100 })}
        />
      </View>
    </View>
  );
}
