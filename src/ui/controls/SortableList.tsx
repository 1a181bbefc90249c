import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  type Modifier,
  type UniqueIdentifier,
} from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, useSortable } from "@dnd-kit/sortable";
import GripIcon from "lucide-react-native/icons/grip-vertical";
import type { ReactNode, Ref } from "react";
import { View, type ViewProps } from "react-native";
import { useTokens } from "../theme/theme";

export interface SortableItem {
  readonly id: string;
  /** What the grip is called after: "Move Drag flick". */
  readonly name: string;
}

interface Props<Item extends SortableItem> {
  readonly label: string;
  readonly items: readonly Item[];
  readonly onMove: (from: number, to: number) => void;
  readonly children: (item: Item, index: number) => ReactNode;
}

const INSTRUCTIONS =
  "Press Space or Enter to pick it up, the arrow keys to move it, Space or Enter to put it down, Escape to leave it where it was.";

/** A list whose rows are put in another order by their grips: dragged, or picked up and moved by keys. */
export function SortableList<Item extends SortableItem>({ label, items, onMove, children }: Props<Item>) {
  const sensors = useSensors(
    useSensor(PointerSensor),
    useSensor(KeyboardSensor, {
      coordinateGetter: stepAside,
      scrollBehavior: "auto",
    }),
  );
  const indexOf = (id: UniqueIdentifier): number => items.findIndex((item) => item.id === id);
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over && over.id !== active.id) onMove(indexOf(active.id), indexOf(over.id));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[upAndDown]}
      onDragEnd={drop}
      accessibility={{
        announcements: announcementsFor(items, indexOf),
        screenReaderInstructions: { draggable: INSTRUCTIONS },
      }}
    >
      <SortableContext items={[...items]}>
        <View role="list" aria-label={label}>
          {items.map((item, index) => (
            <SortableRow key={item.id} item={item}>
              {children(item, index)}
            </SortableRow>
          ))}
        </View>
      </SortableContext>
    </DndContext>
  );
}

/**
 * For a step straight down the sensor calls the scroller's `scrollTo`, which React Native has in another form and which then
 * does nothing; for one that is a pixel aside it scrolls by `scrollBy`. `upAndDown` takes the pixel away again.
 */
const stepAside: KeyboardCoordinateGetter = (event, args) => {
  const to = sortableKeyboardCoordinates(event, args);
  return to && { x: to.x + 1, y: to.y };
};

const upAndDown: Modifier = ({ transform }) => ({ ...transform, x: 0 });

function announcementsFor(
  items: readonly SortableItem[],
  indexOf: (id: UniqueIdentifier) => number,
): Announcements {
  const named = (id: UniqueIdentifier): string => items[indexOf(id)]?.name ?? "It";
  const place = (id: UniqueIdentifier): string => `place ${indexOf(id) + 1} of ${items.length}`;
  return {
    onDragStart: ({ active }) => `${named(active.id)} is picked up.`,
    onDragOver: ({ active, over }) => (over ? `${named(active.id)} is at ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) =>
      `${named(active.id)} is put down${over ? `, at ${place(over.id)}` : ""}.`,
    onDragCancel: ({ active }) => `${named(active.id)} stays where it was.`,
  };
}

const GRIP = { touchAction: "none", cursor: "grab" } as unknown as ViewProps["style"];

function SortableRow({ item, children }: { item: SortableItem; children: ReactNode }) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: item.id });
  const { ink2, water } = useTokens();
  const style = {
    transform: [{ translateY: transform?.y ?? 0 }],
    transition,
    ...(isDragging ? { zIndex: 1, boxShadow: `inset 0 0 0 2px ${water}` } : {}),
  } as ViewProps["style"];
  return (
    <View
      ref={setNodeRef as unknown as Ref<View>}
      role="listitem"
      style={style}
      className="flex-row items-center bg-paper"
    >
      <View
        {...(attributes as unknown as ViewProps)}
        {...(listeners as unknown as ViewProps)}
        ref={setActivatorNodeRef as unknown as Ref<View>}
        aria-label={`Move ${item.name}`}
        style={GRIP}
        className="-ml-3 h-14 w-11 items-center justify-center"
      >
        <GripIcon size={22} color={ink2} />
      </View>
      <View className="min-w-0 flex-1">{children}</View>
    </View>
  );
}
