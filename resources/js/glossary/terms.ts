/** A craft word: what it is called, what else people say, what it means in a sentence or two, and the drawing beside it. */
export type Term = {
  id: string;
  name: string;
  also: string;
  means: string;
  drawing: DrawingName;
};

export type DrawingName =
  | "rush"
  | "hold"
  | "follow"
  | "lock"
  | "areas"
  | "lock-on"
  | "aim"
  | "stay"
  | "pace"
  | "pick"
  | "burst"
  | "steady"
  | "limiter"
  | "buttons"
  | "bearing"
  | "light"
  | "shutter"
  | "aperture"
  | "iso"
  | "depth"
  | "budget"
  | "air"
  | "residual"
  | "trap"
  | "pull"
  | "school"
  | "standard"
  | "streak"
  | "lane"
  | "tip"
  | "pass"
  | "sweep"
  | "odds"
  | "card"
  | "bundle"
  | "frame"
  | "behind";

const term = (id: string, name: string, also: string, drawing: DrawingName, means: string): Term => ({
  id,
  name,
  also,
  means,
  drawing,
});

/** Every word of the craft that the rooms use. */
export const terms: readonly Term[] = [
  term(
    "rush",
    "Rush",
    "the shot, the situation",
    "rush",
    "The moment to be ready for: what moves, how large, how fast, which way, how far, before and behind what, in what light, and what you want of it. One sentence says it.",
  ),
  term(
    "hold",
    "Hold",
    "set-up, custom setting",
    "hold",
    "Everything the camera is set to for one rush: focus, area, tracking, drive, exposure, button. Never a single dial.",
  ),
  term(
    "kit",
    "Kit",
    "gear",
    "card",
    "A body, a lens and perhaps a converter in use together, with what your camera calls things.",
  ),
  term(
    "focus_mode",
    "Focus mode",
    "autofocus mode",
    "follow",
    "Continuous goes on focusing for as long as you press, for what moves. Single locks once and stays there, for what does not. By hand, you turn the ring.",
  ),
  term(
    "single",
    "Single",
    "one shot",
    "lock",
    "Focus locks once when you press and stays: right for what keeps its distance, soft for whatever comes on.",
  ),
  term(
    "manual_technique",
    "By hand",
    "trap, pull, follow",
    "trap",
    "Trap: focus waits at a place the subject will pass. Pull: the ring sweeps through it once. Follow: the ring goes along with it.",
  ),
  term(
    "trap",
    "Trap",
    "pre-focus, zone focus",
    "trap",
    "The plane is set beforehand where the subject will come; you press as it arrives.",
  ),
  term(
    "pull",
    "Pull",
    "focus pull",
    "pull",
    "The ring is swept once through the subject while frames run; one or two of them meet it.",
  ),
  term(
    "area.pattern",
    "AF area",
    "focus point, zone",
    "areas",
    "The part of the frame that focus may choose from. Small ones take only what you hold them on; large ones find it for you, and may find something else.",
  ),
  term(
    "lock-on",
    "Lock-on",
    "tracking area",
    "lock-on",
    "An area that starts on what you point it at and then goes along with it across the frame.",
  ),
  term(
    "area.place",
    "Place of the area",
    "focus point position",
    "areas",
    "Where in the frame the area sits, so that the subject can stand off the middle with room before it.",
  ),
  term(
    "frame",
    "Camera upright or level",
    "portrait, landscape",
    "frame",
    "Turned upright, a tall subject comes out larger, and so does its blur.",
  ),
  term(
    "aim",
    "Aim",
    "where to focus",
    "aim",
    "The part of the subject the focus belongs on: the eye where it shows and is large enough, else the head, the body, an edge.",
  ),
  term(
    "detection.subject",
    "Detection",
    "subject or eye recognition",
    "aim",
    "The camera looks for a kind of subject, and for its eye, inside of the area. It helps while the subject is large and whole, and is misled by others of its kind.",
  ),
  term(
    "tuning.stay",
    "Stay",
    "tracking sensitivity, lock-on delay",
    "stay",
    "How long focus waits, once it has lost the subject, before it takes something else. 0 lets go at once; high levels wait for it to come out from behind a post.",
  ),
  term(
    "tuning.pace",
    "Pace",
    "acceleration tracking",
    "pace",
    "How readily focus follows a change of speed towards you. Low is steady; high keeps up with what brakes, turns or springs.",
  ),
  term(
    "tuning.pick",
    "Pick",
    "point priority",
    "pick",
    "Which thing in a zone wins: the one it had, the middle one, or the nearest.",
  ),
  term(
    "drive.burst",
    "Burst",
    "drive",
    "burst",
    "How long the shutter stays pressed. Short bursts at the right moment beat one long one: focus catches up in between, and the buffer stays free.",
  ),
  term(
    "drive.fps",
    "Frames a second",
    "continuous rate",
    "burst",
    "Frames a second with focus following, which is fewer than the most a body can do at all.",
  ),
  term(
    "buffer",
    "Buffer",
    "frames in one go",
    "burst",
    "Frames a body takes before it has to slow down to write them.",
  ),
  term(
    "stabiliser",
    "Stabiliser",
    "image stabilisation",
    "steady",
    "It steadies your hands, never the subject. While you pan, it must leave the pan alone, or it fights you.",
  ),
  term(
    "limiter_m",
    "Limiter",
    "focus range switch",
    "limiter",
    "A switch on the lens that keeps it from running where the subject cannot be, so that it comes back sooner.",
  ),
  term(
    "scheme",
    "Buttons",
    "which key focuses",
    "buttons",
    "Whether the shutter focuses, a thumb key does, or each does its own.",
  ),
  term(
    "bearing",
    "Bearing",
    "direction of travel",
    "bearing",
    "Which way it goes, against the line from you to it: 0° straight at you, 90° across, 180° away. Coming on asks most of focus, crossing most of the shutter.",
  ),
  term(
    "burst-speed",
    "Speed once it goes",
    "take-off speed",
    "burst",
    "The speed soon after it springs from rest; what springs is planned for that, not for how it sat.",
  ),
  term(
    "light",
    "EV",
    "light value",
    "light",
    "How much light there is, in stops at ISO 100: 15 is full sun, 12 overcast, 8 floodlights, 3 deep dusk. One less is half as much.",
  ),
  term(
    "shutter_s",
    "Shutter",
    "exposure time",
    "shutter",
    "How long each frame takes in light. Whatever moves across the sensor in that time is blurred by so much.",
  ),
  term(
    "f_number",
    "Aperture",
    "f-number",
    "aperture",
    "How wide the lens is open. A low number lets in more light and is sharp over less depth.",
  ),
  term(
    "iso",
    "ISO",
    "sensitivity",
    "iso",
    "How much the signal is raised. Double is one stop, and more noise; your ceiling is what you still accept.",
  ),
  term(
    "numbers.depth",
    "Sharp from … to",
    "depth of field",
    "depth",
    "The nearest and farthest distance that still counts as sharp by the standard you chose.",
  ),
  term(
    "blur_mm.total",
    "Blur budget",
    "motion blur on the sensor",
    "budget",
    "All the blur there is, in thousandths of a millimetre on the sensor: movement, shake and focus together, against what still counts as sharp.",
  ),
  term(
    "residual",
    "Speed left on the sensor",
    "panning error",
    "residual",
    "What your pan does not take away of its movement: the part that goes up, sideways or limb by limb, and that your hands miss.",
  ),
  term(
    "standard",
    "How sharp is sharp",
    "circle of confusion",
    "standard",
    "The blur that still counts as sharp: 30 µm for a picture shared small, 15 µm for fine detail, one pixel for the largest print.",
  ),
  term(
    "sure",
    "In how many frames",
    "",
    "odds",
    "In how many frames the movement is to stay within what counts as sharp: half, most, nearly all.",
  ),
  term(
    "streak",
    "Streak",
    "panning blur",
    "streak",
    "How far the background smears while the subject stays frozen before it.",
  ),
  term(
    "school",
    "School",
    "style, way of doing it",
    "school",
    "On some questions good practitioners disagree. A school is one of their answers; you may pick yours, and the plan says where it steered.",
  ),
  term(
    "lane",
    "The lane",
    "distance scale",
    "lane",
    "The distance before your camera: what is too close, where it may be, where you photograph it, what is sharp, and where the answer would change.",
  ),
  term(
    "tipping",
    "Tipping point",
    "",
    "tip",
    "The nearest value of one word of the sentence at which the hold changes.",
  ),
  term(
    "odds",
    "Odds",
    "keeper rate",
    "odds",
    "How many frames of a pass to expect sharp: those in the frame, found and in focus, and of these the ones still enough.",
  ),
  term(
    "pass",
    "Pass",
    "fly-by, run",
    "pass",
    "One drawing of the moving situation in time. Every hold is tried on the same passes, so that they can be compared.",
  ),
  term(
    "sweep",
    "Sweep",
    "",
    "sweep",
    "Every hold of a grid tried on the same passes, to see which does best and by how much.",
  ),
  term(
    "frontier",
    "Frontier",
    "",
    "sweep",
    "The exposures with most sharp frames for the ISO they cost: what you gain by going darker or noisier.",
  ),
  term(
    "assumed",
    "Assumed figure",
    "rule of thumb",
    "school",
    "A number that is a judgement. It says so, has a range, and can be replaced by your own.",
  ),
  term(
    "shimmer",
    "Shimmer",
    "heat haze, mirage, seeing",
    "air",
    "Air over sunlit ground trembles and blurs what is far off, whatever the camera does. Water and snow stay calm longest, tarmac and sand are worst; wind, cloud, height and an early hour help.",
  ),
  term(
    "haze",
    "Haze",
    "mist, fog, visibility",
    "air",
    "Drops and dust between you and it take contrast, more with every metre. Little is left for autofocus long before you stop seeing it.",
  ),
  term(
    "clutter",
    "Clutter",
    "obstacles, crowd, twigs",
    "behind",
    "What stands in front or passes between, and what lies behind: everything focus may take instead of your subject.",
  ),
  term(
    "layout",
    "Layout",
    "custom buttons",
    "buttons",
    "What each control of a body does, and on which keys the holds of a day lie.",
  ),
  term(
    "bundle",
    "Bundle",
    "recall button",
    "bundle",
    "The settings a key carries: while you hold it, the camera is set to another hold; let go, and it is as before.",
  ),
  term(
    "card",
    "Card",
    "field notes",
    "card",
    "The holds of a day in your camera's own words, on this device or on paper, with what to change from how the camera was left.",
  ),
];

/** A craft word by its id. */
export const termOf = (id: string): Term | undefined => terms.find((one) => one.id === id);

/** Words that fit what is sought, by name, by what else people say, or by what is said of them. */
export const seek = (sought: string): readonly Term[] => {
  const wanted = sought.trim().toLowerCase();
  if (wanted === "") return terms;
  const fits = (text: string): boolean => text.toLowerCase().includes(wanted);
  return [
    ...terms.filter((one) => fits(one.name) || fits(one.also)),
    ...terms.filter((one) => !fits(one.name) && !fits(one.also) && fits(one.means)),
  ];
};
