import type { GearType } from "../../api/types";
import type { Quantity } from "../../units/quantity";

export type GearField = { name: string; label: string; quantity: Quantity; note: string };

/** The numbers of a body and a lens that a plan rests on, in the order a person would look them up. */
export const gearFields: Record<GearType, GearField[]> = {
  body: [
    {
      name: "sensor_width_mm",
      label: "Sensor width",
      quantity: "focal",
      note: "36 full frame, 23.5 or 22.3 the size below",
    },
    { name: "sensor_height_mm", label: "Sensor height", quantity: "focal", note: "24 full frame" },
    { name: "pixels_wide", label: "Pixels across", quantity: "count", note: "the longer side of a picture" },
    { name: "fps", label: "Frames a second", quantity: "plain", note: "with focus following" },
    { name: "shortest_shutter_s", label: "Shortest shutter", quantity: "time", note: "1/8000 or so" },
    {
      name: "af_lag_s",
      label: "Focus to exposure",
      quantity: "time",
      note: "assumed 0.06 s unless you have measured it",
    },
  ],
  lens: [
    { name: "focal_min_mm", label: "Shortest focal length", quantity: "focal", note: "" },
    {
      name: "focal_max_mm",
      label: "Longest focal length",
      quantity: "focal",
      note: "the same for a lens that does not zoom",
    },
    { name: "widest_f", label: "Widest aperture", quantity: "fNumber", note: "at the longest focal length" },
    { name: "closest_m", label: "Closest focus", quantity: "length", note: "engraved near the ring" },
    { name: "stabiliser_stops", label: "Stabiliser, stops", quantity: "plain", note: "0 without one" },
  ],
  converter: [{ name: "factor", label: "Factor", quantity: "plain", note: "1.4 or 2" }],
};

export const focusModes: { value: string; words: string }[] = [
  { value: "single", words: "single" },
  { value: "continuous", words: "continuous" },
  { value: "auto-switch", words: "auto-switch" },
  { value: "manual", words: "manual" },
  { value: "single-with-override", words: "single, with the ring after" },
];

export const fresh: Record<GearType, { name: string; document: Record<string, unknown> }> = {
  body: {
    name: "Another body",
    document: {
      sensor_width_mm: 36,
      sensor_height_mm: 24,
      pixels_wide: 6000,
      fps: 12,
      af_lag_s: 0.06,
      shortest_shutter_s: 0.000125,
      af_sensor: "on-image",
      areas: [
        "spot",
        "single-point",
        "point-plus",
        "zone-small",
        "zone-wide",
        "zone-tall",
        "zone-large",
        "whole-frame",
        "lock-on",
      ],
      modes: ["single", "continuous", "auto-switch", "manual", "single-with-override"],
      detects: ["animal", "bird", "person", "vehicle"],
      eye_detection_areas: ["single-point", "point-plus", "whole-frame", "lock-on"],
      hold_levels_s: [0, 0.1, 0.3, 0.6, 1.2],
      has_pace: true,
      has_pick: true,
    },
  },
  lens: {
    name: "Another lens",
    document: {
      focal_mm: 400,
      focal_min_mm: 400,
      focal_max_mm: 400,
      widest_f: 5.6,
      closest_m: 3.5,
      stabiliser_stops: 4,
      limiter_m: [],
      zoom: false,
    },
  },
  converter: { name: "Another converter", document: { factor: 1.4 } },
};

/** A lens zooms when its ends differ, and is set inside them. */
export const consistent = (
  type: GearType,
  document: Record<string, unknown>,
  changed: string,
): Record<string, unknown> => {
  if (type !== "lens") return document;
  let [least, most] = [Number(document["focal_min_mm"]), Number(document["focal_max_mm"])];
  if (least > most) [least, most] = changed === "focal_min_mm" ? [least, least] : [most, most];
  const set = Math.min(most, Math.max(least, Number(document["focal_mm"])));
  return {
    ...document,
    focal_min_mm: least,
    focal_max_mm: most,
    focal_mm: changed === "focal_max_mm" ? most : set,
    zoom: least !== most,
  };
};
