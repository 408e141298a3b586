import type { Rush, SubjectKind } from "../../api/types";

/** A rush to begin with: the first kind of the catalogue, usual in everything. */
export const newRush = (kind: SubjectKind, name: string): Rush => ({
  format: "rush/1",
  name,
  subject: {
    kind: kind.id,
    length_m: kind.length_m.typical,
    detection: kind.detection,
    detail: "medium",
    limb_speed_mps: kind.limb_speed_mps.typical,
    count: 1,
    depth_spread_m: 0,
  },
  motion: {
    speed_mps: kind.speed_mps.typical,
    bearing_deg: 90,
    pattern: "steady",
    acceleration_mps2: 0,
    route: "unknown",
  },
  distance: { near_m: 12, work_m: 18, far_m: 40 },
  clutter: {
    foreground: "none",
    background: "clean",
    background_gap_m: 200,
    foliage_moving: false,
    crossers: "none",
    separation: "clear",
    obstacle_width_m: 0,
  },
  light: { ev100: 13, direction: "front" },
  intent: { follow: "this-one", limbs: "may-blur", style: "freeze", entry: "any" },
  photographer: { skill: "settled", support: "handheld", panning: true, manual_skill: 0.3, schools: {} },
  standard: "detail",
  iso_ceiling: 6400,
});
