// Made from schemas/ by `npm run types`; do not edit.

/** Least and most of every number of a rush and of a kit's parts, by path. */
export const rushRanges: Record<string, [number, number]> = {
  "subject.length_m": [
    0.001,
    100
  ],
  "subject.limb_speed_mps": [
    0,
    400
  ],
  "subject.count": [
    1,
    500
  ],
  "subject.depth_spread_m": [
    0,
    500
  ],
  "motion.speed_mps": [
    0,
    400
  ],
  "motion.burst_mps": [
    0,
    400
  ],
  "motion.bearing_deg": [
    0,
    180
  ],
  "motion.acceleration_mps2": [
    -100,
    100
  ],
  "distance.near_m": [
    0.05,
    20000
  ],
  "distance.work_m": [
    0.05,
    20000
  ],
  "distance.far_m": [
    0.05,
    20000
  ],
  "clutter.background_gap_m": [
    0,
    20000
  ],
  "clutter.obstacle_width_m": [
    0,
    100
  ],
  "clutter.obstacle_distance_m": [
    0.05,
    20000
  ],
  "air.sun_deg": [
    -90,
    90
  ],
  "air.wind_mps": [
    0,
    60
  ],
  "air.height_m": [
    0.1,
    500
  ],
  "air.visibility_m": [
    10,
    200000
  ],
  "light.ev100": [
    -6,
    20
  ],
  "photographer.manual_skill": [
    0,
    1
  ],
  "iso_ceiling": [
    50,
    3276800
  ]
};

export const bodyRanges: Record<string, [number, number]> = {
  "sensor_width_mm": [
    4,
    70
  ],
  "sensor_height_mm": [
    3,
    70
  ],
  "pixels_wide": [
    500,
    40000
  ],
  "fps": [
    0.5,
    240
  ],
  "af_lag_s": [
    0,
    1
  ],
  "shortest_shutter_s": [
    0.000015625,
    0.004
  ],
  "outer_points_f": [
    1,
    45
  ],
  "centre_points_f": [
    1,
    45
  ],
  "points.count": [
    1,
    10000
  ],
  "points.width": [
    0.02,
    1
  ],
  "points.height": [
    0.02,
    1
  ],
  "buffer_frames": [
    1,
    10000
  ]
};

export const lensRanges: Record<string, [number, number]> = {
  "focal_mm": [
    2,
    2500
  ],
  "focal_min_mm": [
    2,
    2500
  ],
  "focal_max_mm": [
    2,
    2500
  ],
  "widest_f": [
    0.7,
    32
  ],
  "widest_f_short": [
    0.7,
    32
  ],
  "closest_m": [
    0.01,
    100
  ],
  "stabiliser_stops": [
    0,
    9
  ],
  "sharpest_f": [
    0.7,
    32
  ]
};

export const converterRanges: Record<string, [number, number]> = {
  "factor": [
    1,
    4
  ]
};

export const adapterRanges: Record<string, [number, number]> = {
  "slows": [
    1,
    5
  ]
};

export const supportRanges: Record<string, [number, number]> = {
  "carries_kg": [
    0.1,
    200
  ],
  "weight_kg": [
    0.05,
    50
  ]
};

export const cameraStateRanges: Record<string, [number, number]> = {
  "stay": [
    0,
    9
  ],
  "pace": [
    0,
    2
  ],
  "fps": [
    0.5,
    240
  ],
  "shutter_s": [
    0.000001,
    3600
  ],
  "f_number": [
    0.5,
    256
  ],
  "iso": [
    25,
    13107200
  ],
  "compensation_ev": [
    -8,
    8
  ]
};

export const placeRanges: Record<string, [number, number]> = {
  "latitude_deg": [
    -90,
    90
  ],
  "longitude_deg": [
    -180,
    180
  ],
  "offset_stops": [
    -6,
    6
  ]
};
