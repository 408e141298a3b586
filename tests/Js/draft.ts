import type { KitWhole, RushWhole, SubjectKind } from "../../resources/js/api/types";
import { newRush } from "../../resources/js/rooms/plan/newRush";
import type { Telling } from "../../resources/js/sentence/words";
import type { Draft } from "../../resources/js/rush/draft";

const span = (least: number, typical: number, most: number) => ({ least, typical, most, origin: "assumed" });

export const seabird: SubjectKind = {
  id: "seabird",
  words: "a seabird",
  family: "bird",
  detection: "bird",
  gait: "flap",
  length_m: span(0.25, 0.36, 1),
  speed_mps: span(0, 9, 14),
  burst_mps: span(3, 6, 10),
  limb_speed_mps: span(4, 6, 10),
  limbs: "wing tips",
  rooted: false,
};

export const hare: SubjectKind = {
  ...seabird,
  id: "running-mammal",
  words: "a running mammal",
  family: "animal",
  detection: "animal",
  length_m: span(0.35, 0.55, 1.2),
  speed_mps: span(0, 12, 20),
  burst_mps: span(4, 9, 15),
  limb_speed_mps: span(4, 9, 18),
  limbs: "feet",
};

export const draft = (change: (draft: Draft) => Draft = (same) => same): Draft =>
  change({ rush: newRush(seabird, "Terns"), kit_id: "kit-1", focal_mm: null, dials: {} });

export const whole = (own: Partial<RushWhole> = {}): RushWhole => ({
  id: "rush-1",
  revision: 1,
  write_id: "",
  updated_at: "2026-11-23T09:42:00.000Z",
  can_undo: false,
  can_redo: false,
  kit_id: "kit-1",
  focal_mm: null,
  dials: {},
  rush: newRush(seabird, "Terns"),
  plan: null,
  fault: null,
  rehearsed: null,
  ...own,
});

export const zoomKit = {
  id: "kit-1",
  name: "Skerry One, Lagoon 70–200 f/2.8",
  kit: { lens: { zoom: true, focal_mm: 200 }, converter: 1 },
} as unknown as KitWhole;

export const telling = (own: Partial<Telling> = {}): Telling => ({
  draft: draft(),
  kind: seabird,
  kit: zoomKit,
  units: "metric",
  ...own,
});
