import { lazy, type ComponentType, type LazyExoticComponent } from "react";
import list from "../../rooms.json";
import PlanRoom from "../rooms/plan/PlanRoom";

/** A main view of the product, in the order of the work; the server reads the same list. */
export type Room = { id: string; name: string; when: string; letter: string };

export const rooms: Room[] = list;

/** The rooms by when they happen. */
export const groups: { when: string; rooms: Room[] }[] = [...new Set(rooms.map((room) => room.when))].map((when) => ({
  when,
  rooms: rooms.filter((room) => room.when === when),
}));

/** The room an address leads to; null for what is none. */
export const roomAt = (path: string): Room | null => rooms.find((room) => room.id === path.split("/")[1]) ?? null;

/** The room that comes next in the work; after the last, the first. */
export const nextAfter = (room: Room): Room => rooms[(rooms.indexOf(room) + 1) % rooms.length]!;

type View = ComponentType | LazyExoticComponent<ComponentType>;

/** What each room is drawn by. Plan is where most visits begin, so it comes with the page. */
export const views: Record<string, View> = {
  plan: PlanRoom,
  kit: lazy(() => import("../rooms/kit/KitRoom")),
  rehearse: lazy(() => import("../rooms/rehearse/RehearseRoom")),
  outing: lazy(() => import("../rooms/outing/OutingRoom")),
  controls: lazy(() => import("../rooms/controls/ControlsRoom")),
  card: lazy(() => import("../rooms/card/CardRoom")),
  log: lazy(() => import("../rooms/log/LogRoom")),
};
