"use client";

import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useDndMonitor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { type ReactNode, type RefObject, useEffect, useRef, useState } from "react";
import { useWords } from "@/ui/words/use-words";

/** A way on the screen, or a place in a box as shares of its width and height. */
export interface Way {
  readonly x: number;
  readonly y: number;
}

/** What a thing brings along: a crop to be let go over something, or itself, moved some pixels. */
type Load = { readonly goalId: string } | { readonly onLetGo: (px: Way) => void };
interface Ground {
  readonly onCrop: (goalId: string, at: Way) => void;
  readonly node: RefObject<HTMLElement | null>;
}

/** Where a mouse or a finger is on the screen. */
function pointOf(event: Event): Way {
  const { clientX, clientY } =
    ("touches" in event ? (event as TouchEvent).touches[0] : undefined) ?? (event as MouseEvent);
  return { x: clientX, y: clientY };
}

/** Where the pointer is now. The library counts how far lists were scrolled before as a part of the way, which is no use here. */
const pointer = { x: 0, y: 0 };
const follow = (event: Event) => Object.assign(pointer, pointOf(event));

/** Where the pointer is within a box, as shares of it. */
function placeIn({ node }: Ground): Way | undefined {
  const box = node.current?.getBoundingClientRect();
  return box && { x: (pointer.x - box.left) / box.width, y: (pointer.y - box.top) / box.height };
}

const MOVES = ["mousemove", "touchmove"] as const;

/** Shorter pulls of the mouse are a click; a finger that rests this long drags, and scrolls before. */
const MOUSE = { activationConstraint: { distance: 4 } };
const FINGER = { activationConstraint: { delay: 180, tolerance: 8 } };

/** Within it things can be dragged, by mouse and by finger. What can be dragged says by itself which keys do the same. */
export function Dragging({ children }: { children: ReactNode }) {
  const { crop } = useWords();
  const [carried, setCarried] = useState<string>();
  const sensors = useSensors(useSensor(MouseSensor, MOUSE), useSensor(TouchSensor, FINGER));
  useEffect(() => {
    for (const type of MOVES) window.addEventListener(type, follow, { passive: true });
    return () => MOVES.forEach((type) => window.removeEventListener(type, follow));
  }, []);
  const end = (event: DragEndEvent) => {
    setCarried(undefined);
    const load = event.active.data.current as Load;
    if ("onLetGo" in load) {
      const from = pointOf(event.activatorEvent);
      return load.onLetGo({ x: pointer.x - from.x, y: pointer.y - from.y });
    }
    const ground = event.over?.data.current as Ground | undefined;
    const at = ground && placeIn(ground);
    if (at) ground.onCrop(load.goalId, at);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      autoScroll={false}
      accessibility={{
        screenReaderInstructions: { draggable: "" },
        announcements: {
          onDragStart: () => undefined,
          onDragOver: () => undefined,
          onDragEnd: () => undefined,
          onDragCancel: () => undefined,
        },
      }}
      onDragStart={({ active }) => {
        const load = active.data.current as Load;
        setCarried("goalId" in load ? load.goalId : undefined);
      }}
      onDragCancel={() => setCarried(undefined)}
      onDragEnd={end}
    >
      {children}
      <DragOverlay dropAnimation={null} className="pointer-events-none">
        {carried !== undefined && (
          <span className="border-rule border-ink bg-card px-2 py-1 text-note font-semibold">
            {crop(carried)}
          </span>
        )}
      </DragOverlay>
    </DndContext>
  );
}

/** Lets a thing be moved by hand. @param onLetGo told how far it was moved, px @returns what the thing's element takes, and how far it is on its way, px */
export function useMoved(id: string, onLetGo: (px: Way) => void, disabled = false) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id, disabled, data: { onLetGo } });
  return { setNode: setNodeRef, listeners, way: isDragging ? transform : null };
}

/** Lets a crop be carried to a bag or a season. */
export function useCarried(id: string, goalId: string) {
  const { setNodeRef, listeners } = useDraggable({ id, data: { goalId } });
  return { setNode: setNodeRef, listeners };
}

/** Takes crops that are let go over it. @param onCrop told where, as shares of its box @returns what its element takes, and where a crop is above it now */
export function useLanding(id: string, onCrop: Ground["onCrop"], disabled: boolean) {
  const node = useRef<HTMLElement | null>(null);
  const { setNodeRef } = useDroppable({ id, disabled, data: { onCrop, node } });
  const [above, setAbove] = useState<Way>();
  const leave = () => setAbove(undefined);
  useDndMonitor({
    onDragMove: (event) => {
      const isHere = event.over?.id === id && "goalId" in (event.active.data.current as Load);
      if (isHere || above) setAbove(isHere ? placeIn({ onCrop, node }) : undefined);
    },
    onDragEnd: leave,
    onDragCancel: leave,
  });
  const setNode = (element: HTMLElement | null) => {
    node.current = element;
    setNodeRef(element);
  };
  return { setNode, above };
}
