// Made from schemas/ by `npm run types`; do not edit.


/**
 * The exposure and the focus mode.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardSettings".
 * 
 * Items: A setting.
 */
export type CardSettings = {
/**
 * What.
 */
name: string
/**
 * Value.
 */
word: string
}[]
/**
 * Nearest first.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardTips".
 * 
 * Items: What would change it.
 */
export type CardTips = {
/**
 * When.
 */
when: string
/**
 * What changes.
 * 
 * Items: What.
 */
then: string[]
}[]
/**
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "sharedPage".
 */
export type SharedPage = ({
/**
 * Name of the rush.
 */
name: string
settings: CardSettings
/**
 * All else in the words of the body.
 */
lines: Translated[]
about: CardAbout
button: CardButton
aim: CardAim
figure: CardFigure
/**
 * By hand.
 */
technique: (string | null)
/**
 * Where the plane is set.
 */
trap_m: (number | null)
distance: CardDistance
/**
 * Focal length.
 */
focal: string
/**
 * Whether the lens zooms.
 */
zooms: boolean
/**
 * Share of the blur budget used.
 */
budget: number
tips: CardTips
/**
 * How the camera is held.
 */
frame: ("landscape" | "portrait")
fast: CardFast
routine: CardRoutine
/**
 * What had to give way.
 * 
 * Items: What.
 */
gave_way: string[]
/**
 * What it involves.
 * 
 * Items: Caution.
 */
cautions: string[]
/**
 * The kit.
 */
kit: string
hours: CardHours
water: CardWater
/**
 * Name of the body.
 */
camera: string
} | {
/**
 * Name of the rush.
 */
name: string
/**
 * Why.
 */
fault: string
/**
 * Empty.
 */
camera: string
})
/**
 * What must not be touched, what matters most first.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardFast".
 * 
 * Items: A field that must not be touched.
 */
export type CardFast = {
/**
 * Its name.
 */
name: string
/**
 * What it costs.
 */
words: string
}[]
/**
 * Its hours on a day out; null where the card is for the rush as it is written.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardHours".
 */
export type CardHours = ({
/**
 * First hour, by the clocks there.
 */
from: string
/**
 * Last hour.
 */
until: string
/**
 * The moment the hold is for.
 */
at: string
/**
 * Whether the order of that day gives it a turn.
 */
has_turn: boolean
/**
 * Light at that moment.
 */
ev100: number
/**
 * How it falls, in words.
 */
light: string
/**
 * What is right from when on, within these hours.
 * 
 * Items: A hold.
 */
holds: {
/**
 * From when.
 */
from: string
/**
 * What is set.
 */
words: string
}[]
} | null)
/**
 * What the water does where it is expected on a day out, in words without the name of the spot; null where it does nothing.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardWater".
 */
export type CardWater = (string | null)

/**
 * What the API answers, one definition each; /api/openapi.json says which is whose.
 */
export interface Answers {
[k: string]: unknown
}
/**
 * What is usual of a figure, in SI units.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "span".
 */
export interface Span {
/**
 * Least.
 */
least: number
/**
 * Usual.
 */
typical: number
/**
 * Most.
 */
most: number
/**
 * Where that is known from; “assumed” where it is not.
 */
origin: string
}
/**
 * A share, with its 95 % interval.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "interval".
 */
export interface Interval {
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
}
/**
 * How many more sharp frames a pass, with half the width of the 95 % interval.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "margin".
 */
export interface Margin {
/**
 * Mean difference.
 */
mean: number
/**
 * Half the interval; null when it cannot be told.
 */
half: (number | null)
/**
 * Whether the interval leaves out nought.
 */
telling: boolean
}
/**
 * A figure that is a judgement and can be changed.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "assumedFigure".
 */
export interface AssumedFigure {
/**
 * Its name.
 */
name: string
/**
 * What it is.
 */
meaning: string
/**
 * Its unit.
 */
unit: string
/**
 * As it is for this account.
 */
value: number
/**
 * As it is where nobody has changed it.
 */
default: number
/**
 * Least.
 */
least: number
/**
 * Most.
 */
most: number
}
/**
 * How much of what an account may keep is used.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "quotaOf".
 */
export interface QuotaOf {
/**
 * Used.
 */
used: number
/**
 * At the most.
 */
most: number
/**
 * What it is.
 */
words: string
}
/**
 * A kind of subject, with what is usual of it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "kind".
 */
export interface Kind {
/**
 * Its id in rush/1.
 */
id: ("small-bird" | "seabird" | "raptor" | "swift" | "wader" | "tall-wader" | "waterfowl" | "owl" | "small-mammal" | "running-mammal" | "large-mammal" | "dog" | "insect" | "flower" | "horse-rider" | "field-player" | "court-player" | "racket-player" | "swing-player" | "runner" | "swimmer" | "diver" | "gymnast" | "skier" | "paddler" | "cyclist" | "motorbike" | "car" | "aircraft" | "boat" | "person")
/**
 * What it is called.
 */
words: string
/**
 * What it is drawn and moves like.
 */
family: ("bird" | "animal" | "small" | "person" | "vehicle")
/**
 * What detection looks for.
 */
detection: ("none" | "animal" | "bird" | "person" | "vehicle")
/**
 * How it moves.
 */
gait: string
length_m: Span
speed_mps: Span
burst_mps: Span
limb_speed_mps: Span
/**
 * What moves faster than the body.
 */
limbs: string
/**
 * Whether it never leaves its place; its speed is that of its swaying.
 */
rooted: boolean
}
/**
 * The kinds of subject there are.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "catalogue".
 */
export interface Catalogue {
/**
 * In families.
 */
kinds: Kind[]
}
/**
 * An account.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "user".
 */
export interface User {
/**
 * Names it to its own browser; says nothing else.
 */
key: string
/**
 * What it is called.
 */
name: string
/**
 * Where a new password is mailed to.
 */
email: string
/**
 * What somebody has set.
 */
settings: {
/**
 * Theme.
 */
theme: ("paper" | "dusk" | "ember")
/**
 * Units.
 */
units: ("metric" | "imperial")
/**
 * Whether letters are keys.
 */
letters: ("on" | "off")
}
learnt: UsedLearnt
/**
 * Assumed figures it has changed, by name.
 */
assumptions: {
/**
 * Its own value.
 */
[k: string]: number
}
/**
 * Subjects of its own, by what it calls them.
 */
subjects: {
[k: string]: OwnSubject
}
/**
 * When this copy of the demo goes; null for an account of its own.
 */
demo_until: (string | null)
/**
 * Whether an archive is being put into it: until that ends nothing else can be asked of it.
 */
is_filled: boolean
}
/**
 * Those that are used, by name.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "usedLearnt".
 */
export interface UsedLearnt {
/**
 * One.
 */
[k: string]: {
/**
 * The figure.
 */
value: number
/**
 * Frames that tell it.
 */
frames: number
}
}
/**
 * A subject of somebody's own: what it moves most like, and its own size and speeds.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ownSubject".
 */
export interface OwnSubject {
/**
 * Catalogue id.
 */
kind: ("small-bird" | "seabird" | "raptor" | "swift" | "wader" | "tall-wader" | "waterfowl" | "owl" | "small-mammal" | "running-mammal" | "large-mammal" | "dog" | "insect" | "flower" | "horse-rider" | "field-player" | "court-player" | "racket-player" | "swing-player" | "runner" | "swimmer" | "diver" | "gymnast" | "skier" | "paddler" | "cyclist" | "motorbike" | "car" | "aircraft" | "boat" | "person")
/**
 * Length that matters, m.
 */
length_m: number
/**
 * Own speed, m/s.
 */
speed_mps: number
/**
 * Speed once it goes, m/s.
 */
burst_mps?: number
/**
 * Speed of its limbs against the body, m/s.
 */
limb_speed_mps: number
/**
 * What detection should look for.
 */
detection: ("none" | "animal" | "bird" | "person" | "vehicle")
}
/**
 * Who is signed in.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "signedIn".
 */
export interface SignedIn {
user: User
}
/**
 * Whose session this is, and what this copy offers.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "session".
 */
export interface Session {
user: (User | null)
/**
 * Whether there is a demo.
 */
demo: boolean
/**
 * Whether mail is set up.
 */
mail: boolean
}
/**
 * Something said.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "message".
 */
export interface Message {
/**
 * What.
 */
message: string
}
/**
 * What an account may keep.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "quota".
 */
export interface Quota {
/**
 * By what it is.
 */
quota: {
[k: string]: QuotaOf
}
}
/**
 * One field of a hold as a body calls it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "translated".
 */
export interface Translated {
/**
 * Field of the hold.
 */
field: string
/**
 * The body’s name of the setting.
 */
name: string
/**
 * The body’s word for the value.
 */
word: string
/**
 * Our word.
 */
ours: string
/**
 * Where it is set.
 */
where: string
/**
 * Whether the body has words of its own for it.
 */
own: boolean
/**
 * What to know.
 */
note: (string | null)
/**
 * Whether the body does not have it.
 */
lacks: boolean
}
/**
 * A hold in the words of a body.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "translation".
 */
export interface Translation {
/**
 * Field by field.
 */
translation: Translated[]
}
/**
 * A body, lens, converter, adapter or support.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "gear".
 */
export interface Gear {
/**
 * Its id.
 */
id: string
/**
 * What it is.
 */
type: ("body" | "lens" | "converter" | "adapter" | "support")
/**
 * What it is called.
 */
name: string
/**
 * Grows with every write; a change names the one it was made on.
 */
revision: number
/**
 * The part of kit/1 of its type.
 */
document: (import("./kit").Body | import("./kit").Lens | import("./kit").Converter | import("./kit").Adapter | import("./kit").Support)
}
/**
 * The same, with what undo needs.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "gearWhole".
 */
export interface GearWhole {
/**
 * Its id.
 */
id: string
/**
 * What it is.
 */
type: ("body" | "lens" | "converter" | "adapter" | "support")
/**
 * What it is called.
 */
name: string
/**
 * Grows with every write; a change names the one it was made on.
 */
revision: number
/**
 * The part of kit/1 of its type.
 */
document: (import("./kit").Body | import("./kit").Lens | import("./kit").Converter | import("./kit").Adapter | import("./kit").Support)
/**
 * Id of the last write, as its writer gave it.
 */
write_id: string
/**
 * Whether there is an earlier state.
 */
can_undo: boolean
/**
 * Whether there is a later state.
 */
can_redo: boolean
}
/**
 * Everything somebody owns.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "gearList".
 */
export interface GearList {
/**
 * When this was read.
 */
as_of: string
/**
 * Oldest first.
 */
gear: Gear[]
/**
 * By type, and gear_bytes.
 */
quota: {
[k: string]: QuotaOf
}
}
/**
 * What was made or changed from a file.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "imported".
 */
export interface Imported {
/**
 * Each piece.
 */
gear: Gear[]
}
/**
 * A value that would change.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "difference".
 */
export interface Difference {
/**
 * Its path.
 */
field: string
/**
 * As it is.
 */
from: {
[k: string]: unknown
}
/**
 * As it would be.
 */
to: {
[k: string]: unknown
}
}
/**
 * What a kit file would change; nothing is changed.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "preview".
 */
export interface Preview {
/**
 * In the order of the file.
 * 
 * Items: One piece.
 */
pieces: {
/**
 * What it is.
 */
type: ("body" | "lens" | "converter" | "adapter" | "support")
/**
 * Its name.
 */
name: string
/**
 * The piece of yours of the same type and name.
 */
gear_id: (string | null)
/**
 * Whether you have it.
 */
state: ("new" | "same" | "changed")
/**
 * What would change.
 */
changes: Difference[]
/**
 * The part of kit/1 of its type.
 */
document: (import("./kit").Body | import("./kit").Lens | import("./kit").Converter | import("./kit").Adapter | import("./kit").Support)
/**
 * What was read otherwise than it stands.
 * 
 * Items: As in “the tuning dial hold is read as stay”.
 */
notes: string[]
}[]
}
/**
 * A body, a lens and perhaps a converter and an adapter in use together.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "kitWhole".
 */
export interface KitWhole {
/**
 * Its id.
 */
id: string
/**
 * What it is made of.
 */
name: string
/**
 * Body.
 */
body_id: string
/**
 * Lens.
 */
lens_id: string
/**
 * Converter.
 */
converter_id: (string | null)
/**
 * Adapter.
 */
adapter_id: (string | null)
kit: import("./kit").Kit
}
/**
 * Every kit put together so far.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "kitList".
 */
export interface KitList {
/**
 * When this was read.
 */
as_of: string
/**
 * Oldest first.
 */
kits: KitWhole[]
}
/**
 * What parts can do together.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "reach".
 */
export interface Reach {
/**
 * In order.
 * 
 * Items: One thing.
 */
lines: {
/**
 * What.
 */
name: string
/**
 * How much, with its unit.
 */
value: string
/**
 * What to know.
 */
note: string
}[]
}
/**
 * A camera state, and who said so.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cameraStateTold".
 */
export interface CameraStateTold {
/**
 * The card it was set from, or “typed”.
 */
by: string
/**
 * When.
 */
at: string
state: import("./camera-state").CameraState
}
/**
 * How a body was left.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cameraState".
 */
export interface CameraState {
camera_state: (CameraStateTold | null)
}
/**
 * Something a layout gets wrong.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "finding".
 */
export interface Finding {
/**
 * What.
 */
code: string
/**
 * In words.
 */
message: string
/**
 * On which control.
 */
control: (string | null)
/**
 * For which hold.
 */
hold: (string | null)
/**
 * How to put it right.
 */
cure: (string | null)
cured: (import("./layout").Layout | null)
/**
 * What to set by hand instead.
 * 
 * Items: A step.
 */
steps: string[]
}
/**
 * A layout read on its body with the holds of the day.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "layoutReport".
 */
export interface LayoutReport {
/**
 * In order.
 * 
 * Items: A hold of the day.
 */
holds: {
/**
 * The rush it answers.
 */
id: string
/**
 * The name of the rush.
 */
name: string
hold: import("./hold").Hold
/**
 * In the words of the body.
 */
translation: Translated[]
}[]
/**
 * The hold the camera is set to.
 */
base: (string | null)
/**
 * What the body calls giving keys a function.
 */
buttons: {
/**
 * Name.
 */
name: string
/**
 * Where.
 */
where: string
/**
 * The body’s words.
 */
words: {
/**
 * Word.
 */
[k: string]: string
}
}
/**
 * The worst first.
 */
findings: Finding[]
/**
 * What a change takes, from each hold.
 */
seconds: {
/**
 * To each hold.
 */
[k: string]: {
/**
 * Seconds.
 */
[k: string]: number
}
}
/**
 * The seconds a change is reckoned with.
 */
assumed: AssumedFigure[]
/**
 * How each control is set.
 * 
 * Items: A control.
 */
set: {
/**
 * Its id.
 */
control: string
/**
 * How it is given its function.
 */
how: string
}[]
}
/**
 * What the controls of a body do.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "layoutWhole".
 */
export interface LayoutWhole {
/**
 * The body.
 */
id: string
layout: import("./layout").Layout
report: LayoutReport
/**
 * Grows with every write; a change names the one it was made on.
 */
revision: number
/**
 * Id of the last write, as its writer gave it.
 */
write_id: string
/**
 * Whether there is an earlier state.
 */
can_undo: boolean
/**
 * Whether there is a later state.
 */
can_redo: boolean
}
/**
 * A layout that is not kept.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "layoutLaid".
 */
export interface LayoutLaid {
layout: import("./layout").Layout
}
/**
 * The quickest layout for the holds of the day; it is not kept.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "layoutBest".
 */
export interface LayoutBest {
layout: import("./layout").Layout
/**
 * What takes longest.
 */
most: (string | null)
/**
 * Seconds a day as it is laid.
 */
now_s: number
/**
 * Seconds a day with this.
 */
best_s: number
/**
 * The difference.
 */
saved_s: number
/**
 * Whether it is certainly the best there is.
 */
exact: boolean
}
/**
 * What the last rehearsal told.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "rehearsed".
 */
export interface Rehearsed {
/**
 * When.
 */
at: string
/**
 * Whether the rush has changed since.
 */
stale: boolean
keeper: Interval
/**
 * Frames a pass.
 */
frames: number
/**
 * Sharp frames of one pass, at least.
 */
sharp_least: number
/**
 * At most.
 */
sharp_most: number
}
/**
 * A rush in the list.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "rushRow".
 */
export interface RushRow {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
/**
 * Kind of subject.
 */
kind: string
/**
 * When it was written last.
 */
updated_at: string
/**
 * The kit in use.
 */
kit: string
/**
 * Its exposure; null without a plan.
 */
settings: ({
/**
 * Seconds.
 */
shutter_s: number
/**
 * Aperture.
 */
f_number: number
/**
 * ISO.
 */
iso: number
} | null)
}
/**
 * A page of the list, what was changed last first.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "rushList".
 */
export interface RushList {
/**
 * When this was read.
 */
as_of: string
/**
 * At most 500.
 */
rushes: RushRow[]
/**
 * Give it as ?after= for the next page; null at the end.
 */
next: (string | null)
quota: QuotaOf
}
/**
 * A rush with its plan, or with what stands in the way of one.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "rushWhole".
 */
export interface RushWhole {
/**
 * Its id.
 */
id: string
/**
 * When it was written last.
 */
updated_at: string
/**
 * The kit in use.
 */
kit_id: string
/**
 * Where the zoom was set; null leaves it to the plan.
 */
focal_mm: (number | null)
rush: import("./rush").Rush
dials: import("./dials").Dials
plan: (import("./plan").Plan | null)
fault: (import("./problem").Problem | null)
rehearsed: (Rehearsed | null)
/**
 * Grows with every write; a change names the one it was made on.
 */
revision: number
/**
 * Id of the last write, as its writer gave it.
 */
write_id: string
/**
 * Whether there is an earlier state.
 */
can_undo: boolean
/**
 * Whether there is a later state.
 */
can_redo: boolean
}
/**
 * What would change the answer.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tips".
 */
export interface Tips {
/**
 * For each field of the hold its nearest flip.
 */
flips: {
/**
 * Where it flips.
 */
[k: string]: string
}
/**
 * Nearest first.
 */
tipping: import("./plan").Tip[]
}
/**
 * The answer for other distances and speeds.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "map".
 */
export interface Map {
/**
 * Columns.
 * 
 * Items: m.
 */
distances_m: number[]
/**
 * Rows.
 * 
 * Items: m/s.
 */
speeds_mps: number[]
/**
 * By speed; null where there is no plan.
 */
cells: ({
/**
 * AF area.
 */
area: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")
/**
 * Focus mode.
 */
focus_mode: string
/**
 * By hand.
 */
manual_technique: (string | null)
/**
 * Seconds.
 */
shutter_s: number
/**
 * Aperture.
 */
f_number: number
/**
 * ISO.
 */
iso: number
/**
 * Focal length.
 */
focal_mm: number
/**
 * Level of stay.
 */
stay: (number | null)
/**
 * Pace.
 */
pace: (number | null)
/**
 * How often the area keeps the right thing.
 */
score: number
/**
 * Share of the blur budget used.
 */
blur_used: number
/**
 * Stops of light that are missing.
 */
shortfall_stops: number
} | null)[][]
}
/**
 * The rush answered by each school of practice.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "schools".
 */
export interface Schools {
/**
 * Each that matters here.
 * 
 * Items: A question.
 */
questions: {
/**
 * Its id.
 */
question: string
/**
 * The school picked for this rush.
 */
picked: (string | null)
/**
 * Whether the answers differ.
 */
differ: boolean
/**
 * The default first.
 * 
 * Items: An answer.
 */
answers: {
/**
 * The school; null for the product’s default.
 */
answer: (string | null)
hold: import("./hold").Hold
/**
 * Fields in which it differs from the default.
 * 
 * Items: Field.
 */
differs: string[]
/**
 * How often the area keeps the right thing.
 */
score: number
/**
 * Sharp frames to expect of the hand.
 */
hand_share: (number | null)
/**
 * Share of the blur budget used.
 */
blur_used: number
/**
 * Stops of light that are missing.
 */
shortfall_stops: number
/**
 * Of what differs.
 * 
 * Items: Why.
 */
reasons: {
/**
 * Field.
 */
field: string
/**
 * In words.
 */
why: string
}[]
}[]
}[]
}
/**
 * What many passes tell of the hold as it is.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "estimate".
 */
export interface Estimate {
/**
 * When that was reckoned.
 */
at: string
/**
 * Passes played.
 */
passes: number
/**
 * Frames a pass.
 */
frames: number
/**
 * Sharp of them.
 */
sharp: number
/**
 * Sharp frames of one pass, at least.
 */
sharp_least: number
/**
 * At most.
 */
sharp_most: number
keeper: Interval
at_least_one: Interval
/**
 * The largest first.
 * 
 * Items: Frames lost to one cause.
 */
losses: {
/**
 * Cause.
 */
verdict: ("sharp" | "motion" | "shake" | "front" | "back" | "wrong-thing" | "out-of-area" | "out-of-frame" | "hidden" | "depth" | "diffraction" | "air")
/**
 * A pass.
 */
frames: number
/**
 * As in “3 die of its motion”.
 */
dies: string
/**
 * What treats it.
 */
treated_by: string
}[]
/**
 * The figures of hand and autofocus it rests on.
 */
assumed: AssumedFigure[]
}
/**
 * What the same passes tell with dials turned.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tried".
 */
export interface Tried {
/**
 * Passes played.
 */
passes: number
/**
 * Frames a pass.
 */
frames: number
/**
 * Sharp of them.
 */
sharp: number
/**
 * Sharp frames of one pass, at least.
 */
sharp_least: number
/**
 * At most.
 */
sharp_most: number
keeper: Interval
at_least_one: Interval
/**
 * The largest first.
 * 
 * Items: Frames lost to one cause.
 */
losses: {
/**
 * Cause.
 */
verdict: ("sharp" | "motion" | "shake" | "front" | "back" | "wrong-thing" | "out-of-area" | "out-of-frame" | "hidden" | "depth" | "diffraction" | "air")
/**
 * A pass.
 */
frames: number
/**
 * As in “3 die of its motion”.
 */
dies: string
/**
 * What treats it.
 */
treated_by: string
}[]
/**
 * The dials in words.
 */
words: string
gain: Margin
/**
 * ISO it needs.
 */
iso: number
/**
 * Stops of light that are missing.
 */
dark_stops: number
}
/**
 * Single dials that would bring more sharp frames.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "remedies".
 */
export interface Remedies {
/**
 * By cause.
 * 
 * Items: For one cause.
 */
losses: {
/**
 * Cause.
 */
verdict: ("sharp" | "motion" | "shake" | "front" | "back" | "wrong-thing" | "out-of-area" | "out-of-frame" | "hidden" | "depth" | "diffraction" | "air")
/**
 * Frames of it saved a pass.
 */
saves: number
dials: import("./dials").Dials
/**
 * The dials in words.
 */
words: string
gain: Margin
/**
 * Sharp frames a pass.
 */
sharp: number
/**
 * ISO it needs.
 */
iso: number
/**
 * Stops of light that are missing.
 */
dark_stops: number
}[]
/**
 * The best first.
 * 
 * Items: A remedy.
 */
best: {
dials: import("./dials").Dials
/**
 * The dials in words.
 */
words: string
gain: Margin
/**
 * Sharp frames a pass.
 */
sharp: number
/**
 * ISO it needs.
 */
iso: number
/**
 * Stops of light that are missing.
 */
dark_stops: number
}[]
}
/**
 * Sharp frames against ISO, what must not be touched, and what would help.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "outlook".
 */
export interface Outlook {
/**
 * Passes played.
 */
passes: number
/**
 * Whether the odds are too little to plan on.
 */
poor: boolean
/**
 * By ISO, the least first; empty where the background is to streak.
 * 
 * Items: An exposure, and what it brings.
 */
frontier: {
/**
 * ISO it needs.
 */
iso: number
/**
 * s.
 */
shutter_s: number
/**
 * N.
 */
f_number: number
/**
 * Stops of light that are missing.
 */
dark_stops: number
/**
 * Share of frames whose blur is within the limit, by the plan's formulas.
 */
still: number
/**
 * Frames a pass.
 */
frames: number
/**
 * Sharp of them.
 */
sharp: number
/**
 * At least, by the interval.
 */
sharp_least: number
/**
 * At most.
 */
sharp_most: number
gain: Margin
/**
 * Whether it is the hold as it is.
 */
here: boolean
}[]
/**
 * What matters most first.
 */
touches: Touch[]
/**
 * The most helpful first.
 * 
 * Items: Something the person can do.
 */
helps: {
/**
 * Its code.
 */
what: string
/**
 * What to do.
 */
words: string
/**
 * What it costs.
 */
cost: string
/**
 * Of the rush, by parts of rush/1; empty when something else changes.
 */
change: {
[k: string]: {

}
}
gain: Margin
/**
 * Sharp frames a pass.
 */
sharp: number
/**
 * ISO it needs.
 */
iso: number
}[]
}
/**
 * How far a field may be off before a tenth of the sharp frames is lost.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "touch".
 */
export interface Touch {
/**
 * Path into the hold.
 */
field: string
/**
 * Its name.
 */
name: string
/**
 * What is lost where.
 */
words: string
/**
 * Share of the sharp frames.
 */
lost: number
/**
 * Whether it is among those that matter most.
 */
matters: boolean
}
/**
 * One pass, step by step, with the hold as it is and with dials turned.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "take".
 */
export interface Take {
/**
 * The pass.
 */
seed: number
/**
 * What each dial may be turned to.
 */
choices: {
/**
 * Areas.
 * 
 * Items: Area.
 */
areas: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")[]
/**
 * Levels of stay.
 * 
 * Items: Level.
 */
stays: number[]
/**
 * Paces.
 * 
 * Items: Pace.
 */
paces: number[]
/**
 * Shutters.
 * 
 * Items: s.
 */
shutters_s: number[]
/**
 * Apertures.
 * 
 * Items: N.
 */
f_numbers: number[]
}
/**
 * The subject and what is in between, step by step.
 */
pass: {
/**
 * Distance.
 * 
 * Items: m.
 */
distance_m: number[]
/**
 * Sideways.
 * 
 * Items: Share.
 */
azimuth: number[]
/**
 * Aim beside the target.
 * 
 * Items: Share.
 */
aside: number[]
/**
 * Aim above the target.
 * 
 * Items: Share.
 */
above: number[]
/**
 * Each.
 * 
 * Items: Something between.
 */
obstacles: {
/**
 * Where.
 */
azimuth: number
/**
 * How fast it passes.
 */
per_s: number
/**
 * When it is there.
 */
at_s: number
}[]
}
/**
 * What does not change in a pass.
 */
scene: {
/**
 * s.
 */
step_s: number
/**
 * s.
 */
duration_s: number
/**
 * When it is at the working distance.
 */
meet_s: number
/**
 * When it comes into the frame.
 */
arrives_s: number
/**
 * m.
 */
work_m: number
/**
 * How the body is stretched out.
 */
posture: ("flying" | "perched" | "stalking" | "afloat" | "four-legged" | "upright" | "tumbling" | "in-water" | "seated" | "mounted" | "rolling" | "winged" | "small")
/**
 * Whether it shows its front or its back.
 */
end_on: boolean
/**
 * 1 to the right, −1 to the left.
 */
way: (-1 | 1)
/**
 * Size in the frame.
 */
subject: {
/**
 * Share.
 */
width: number
/**
 * Share.
 */
height: number
}
/**
 * Where the area is.
 */
place: {
/**
 * Share.
 */
x: number
/**
 * Share.
 */
y: number
}
/**
 * Where the aim is put in the frame.
 */
aim: {
/**
 * Share.
 */
x: number
/**
 * Share.
 */
y: number
}
/**
 * Height of the frame over its width.
 */
frame_ratio: number
/**
 * Where obstacles stand.
 */
obstacle_m: (number | null)
/**
 * Their width, share of the frame.
 */
obstacle_width: number
/**
 * What is behind.
 */
behind_m: number
}
hold: import("./hold").Hold
/**
 * Plane of focus, step by step.
 * 
 * Items: m.
 */
focus_m: number[]
/**
 * What the focus is on, step by step, as the vocabulary numbers it.
 * 
 * Items: Code.
 */
held: (0 | 1 | 2 | 3 | 4 | 5)[]
/**
 * Focus to exposure.
 */
lag_s: number
/**
 * Half the sharp depth, 1/m.
 */
sharp_dioptres: number
/**
 * Blur that still is sharp.
 */
limit_mm: number
/**
 * The AF area, shares of the frame.
 */
area: {
/**
 * Width.
 */
width: number
/**
 * Height.
 */
height: number
}
/**
 * In order.
 * 
 * Items: A frame.
 */
frames: {
/**
 * When.
 */
at_s: number
/**
 * Subject.
 */
distance_m: number
/**
 * Plane.
 */
focus_m: number
/**
 * Blur of its motion.
 */
motion_mm: number
/**
 * Blur of the hands.
 */
shake_mm: number
/**
 * Blur of focus.
 */
defocus_mm: number
/**
 * Blur of the air.
 */
shimmer_mm: number
/**
 * All together.
 */
total_mm: number
/**
 * What became of it.
 */
verdict: ("sharp" | "motion" | "shake" | "front" | "back" | "wrong-thing" | "out-of-area" | "out-of-frame" | "hidden" | "depth" | "diffraction" | "air")
}[]
/**
 * The same pass with dials turned.
 */
tried: ({
hold: import("./hold").Hold
/**
 * Plane of focus, step by step.
 * 
 * Items: m.
 */
focus_m: number[]
/**
 * What the focus is on, step by step, as the vocabulary numbers it.
 * 
 * Items: Code.
 */
held: (0 | 1 | 2 | 3 | 4 | 5)[]
/**
 * Focus to exposure.
 */
lag_s: number
/**
 * Half the sharp depth, 1/m.
 */
sharp_dioptres: number
/**
 * Blur that still is sharp.
 */
limit_mm: number
/**
 * The AF area, shares of the frame.
 */
area: {
/**
 * Width.
 */
width: number
/**
 * Height.
 */
height: number
}
/**
 * In order.
 * 
 * Items: A frame.
 */
frames: {
/**
 * When.
 */
at_s: number
/**
 * Subject.
 */
distance_m: number
/**
 * Plane.
 */
focus_m: number
/**
 * Blur of its motion.
 */
motion_mm: number
/**
 * Blur of the hands.
 */
shake_mm: number
/**
 * Blur of focus.
 */
defocus_mm: number
/**
 * Blur of the air.
 */
shimmer_mm: number
/**
 * All together.
 */
total_mm: number
/**
 * What became of it.
 */
verdict: ("sharp" | "motion" | "shake" | "front" | "back" | "wrong-thing" | "out-of-area" | "out-of-frame" | "hidden" | "depth" | "diffraction" | "air")
}[]
} | null)
}
/**
 * What a sweep has told.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "grid".
 */
export interface Grid {
/**
 * What was swept.
 */
kind: ("tracking" | "exposure")
/**
 * What the rows are.
 */
rows_are: string
/**
 * What the columns are.
 */
columns_are: string
/**
 * Columns.
 * 
 * Items: Heading.
 */
columns: string[]
/**
 * Rows.
 * 
 * Items: A row.
 */
rows: {
/**
 * Heading.
 */
words: string
/**
 * By column.
 * 
 * Items: A place of the grid: the best hold that stands there.
 */
cells: {
/**
 * In words.
 */
words: string
dials: import("./dials").Dials
/**
 * Sharp frames a pass.
 */
sharp: number
/**
 * ISO it needs.
 */
iso: number
keeper: Interval
/**
 * Frames a pass.
 */
frames: number
/**
 * Passes played.
 */
passes: number
/**
 * Whether chance would not have brought it back.
 */
given_up: boolean
/**
 * Stops of light that are missing.
 */
dark_stops: number
/**
 * Whether that is the hold as it is.
 */
present: boolean
/**
 * Whether it is the best.
 */
best: boolean
}[]
}[]
/**
 * Passes of each.
 */
passes: number
/**
 * Passes done.
 */
done: number
/**
 * ISO of the hold as it is.
 */
present_iso: number
/**
 * The best.
 */
best: ({
/**
 * In words.
 */
words: string
dials: import("./dials").Dials
/**
 * Sharp frames a pass.
 */
sharp: number
/**
 * ISO it needs.
 */
iso: number
over_present: (Margin | null)
/**
 * Whether that is the hold as it is.
 */
is_present: boolean
/**
 * Why.
 */
because: ({
/**
 * What fewer frames die of.
 */
dies: string
/**
 * How many fewer a pass.
 */
saved: number
} | null)
/**
 * The next.
 */
runner_up: ({
/**
 * In words.
 */
words: string
dials: import("./dials").Dials
/**
 * Sharp frames a pass.
 */
sharp: number
/**
 * ISO it needs.
 */
iso: number
margin: Margin
} | null)
} | null)
}
/**
 * A file somebody has sent.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "file".
 */
export interface File {
/**
 * Its id.
 */
id: string
/**
 * What it is for.
 */
purpose: ("kit" | "frame" | "archive" | "out" | "log-out" | "table")
/**
 * What it is called.
 */
name: string
/**
 * Its media type, by its content.
 */
type: string
/**
 * Its length.
 */
bytes: number
/**
 * SHA-256 of its content.
 */
hash: string
/**
 * When it goes by itself.
 */
until: (string | null)
/**
 * When it came.
 */
at: string
}
/**
 * A file.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "fileWhole".
 */
export interface FileWhole {
file: File
}
/**
 * Files, newest first.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "fileList".
 */
export interface FileList {
/**
 * Each.
 */
files: File[]
}
/**
 * A sweep of settings, as far as it has come.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "sweep".
 */
export interface Sweep {
/**
 * Its id.
 */
id: string
/**
 * What is swept.
 */
kind: ("tracking" | "exposure")
/**
 * How it stands.
 */
status: ("running" | "done" | "cancelled" | "overtaken" | "failed")
/**
 * Passes there are.
 */
passes: number
/**
 * Passes done.
 */
done: number
/**
 * Whether no worker has come to it for a while.
 */
waiting: boolean
/**
 * Whether the rush has changed since.
 */
stale: boolean
/**
 * When a worker last came back from it.
 */
at: string
/**
 * Why it failed, in words.
 */
problem: (string | null)
grid: Grid
}
/**
 * The last sweep of each kind.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "sweepList".
 */
export interface SweepList {
/**
 * Each.
 */
sweeps: Sweep[]
}
/**
 * A box in the frame.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "box".
 */
export interface Box {
/**
 * Centre.
 */
x: number
/**
 * Centre.
 */
y: number
/**
 * Width.
 */
width: number
/**
 * Height.
 */
height: number
}
/**
 * A point or spread in the frame.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "spot".
 */
export interface Spot {
/**
 * Across.
 */
x: number
/**
 * Down.
 */
y: number
}
/**
 * What it is for.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardAbout".
 */
export interface CardAbout {
/**
 * What moves, without an article.
 */
called: string
/**
 * Its length, m.
 */
length_m: number
/**
 * Its speed, m/s.
 */
speed_mps: number
}
/**
 * Which button.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardButton".
 */
export interface CardButton {
/**
 * In words.
 */
how: string
/**
 * How long it takes.
 */
seconds: (number | null)
/**
 * Its id on the body.
 */
control: (string | null)
/**
 * What the key sets by itself, so that no hand has to.
 */
brings: {
/**
 * A setting, in the body's words.
 */
name: string
/**
 * What it is set to.
 */
word: string
}[]
}
/**
 * Where to aim.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardAim".
 */
export interface CardAim {
/**
 * At what.
 */
at: string
/**
 * Where the area is.
 */
place: string
}
/**
 * The frame, in shares of its width and height.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardFigure".
 */
export interface CardFigure {
/**
 * Kind of subject.
 */
kind: string
/**
 * Its family.
 */
family: string
/**
 * Aim.
 */
aim_at: string
/**
 * AF area.
 */
pattern: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")
/**
 * How the body is stretched out.
 */
posture: ("flying" | "perched" | "stalking" | "afloat" | "four-legged" | "upright" | "tumbling" | "in-water" | "seated" | "mounted" | "rolling" | "winged" | "small")
/**
 * Whether it shows its front or its back.
 */
end_on: boolean
/**
 * 1 to the right, −1 to the left.
 */
way: (-1 | 1)
/**
 * m.
 */
frame_width_m: number
/**
 * m.
 */
frame_height_m: number
subject: Box
area: Box
aim: Spot
/**
 * Whether the aim is on the head.
 */
on_head: boolean
/**
 * Where the area is, in words.
 */
place: string
wander: Spot
/**
 * Room to move into, share.
 */
room: number
/**
 * How long that lasts.
 */
room_s: (number | null)
/**
 * Where obstacles stand.
 */
obstacle_m: (number | null)
}
/**
 * m.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardDistance".
 */
export interface CardDistance {
/**
 * Nearest.
 */
near_m: number
/**
 * Working.
 */
work_m: number
/**
 * Farthest.
 */
far_m: number
/**
 * Sharp from.
 */
sharp_near_m: number
/**
 * Sharp to; null at infinity.
 */
sharp_far_m: (number | null)
}
/**
 * What to do, in order.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardRoutine".
 */
export interface CardRoutine {
/**
 * Before it comes.
 * 
 * Items: A line.
 */
before: string[]
/**
 * While it happens.
 * 
 * Items: A line.
 */
during: string[]
/**
 * Afterwards.
 * 
 * Items: A line.
 */
after: string[]
}
/**
 * A shared card, for whoever has the link.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "sharedCard".
 */
export interface SharedCard {
/**
 * Its name.
 */
name: string
/**
 * When the link ends.
 */
until: (string | null)
/**
 * Units it is written in.
 */
units: ("metric" | "imperial")
/**
 * A hold each.
 */
pages: SharedPage[]
}
/**
 * One thing to set.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "change".
 */
export interface Change {
/**
 * What is ticked.
 */
id: string
/**
 * Field.
 */
field: string
/**
 * The body’s name of it.
 */
name: string
/**
 * As it was left; null when nobody has said.
 */
from: (string | null)
/**
 * As it is to be.
 */
to: string
/**
 * Where it is set.
 */
where: string
/**
 * What goes wrong when it is left.
 */
danger: (string | null)
}
/**
 * One thing to look at before going out.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "check".
 */
export interface Check {
/**
 * What is ticked.
 */
id: string
/**
 * What.
 */
message: string
/**
 * Why.
 */
why: string
/**
 * Whether it is due.
 */
due: boolean
}
/**
 * A hold as its owner carries it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "page".
 */
export interface Page {
/**
 * The rush.
 */
key: string
/**
 * Name of the rush.
 */
name: string
settings: CardSettings
/**
 * All else in the words of the body.
 */
lines: Translated[]
about: CardAbout
button: CardButton
aim: CardAim
figure: CardFigure
/**
 * By hand.
 */
technique: (string | null)
/**
 * Where the plane is set.
 */
trap_m: (number | null)
distance: CardDistance
/**
 * Focal length.
 */
focal: string
/**
 * Whether the lens zooms.
 */
zooms: boolean
/**
 * Share of the blur budget used.
 */
budget: number
tips: CardTips
/**
 * How the camera is held.
 */
frame: ("landscape" | "portrait")
fast: CardFast
routine: CardRoutine
/**
 * What had to give way.
 * 
 * Items: What.
 */
gave_way: string[]
/**
 * What it involves.
 * 
 * Items: Caution.
 */
cautions: string[]
/**
 * From how the body was left, the dangerous first.
 */
changes: Change[]
hours: CardHours
water: CardWater
/**
 * Where it is expected on that day.
 */
spot: (string | null)
/**
 * Before going out.
 */
pre_flight: Check[]
state_once_set: import("./camera-state").CameraState
/**
 * The body.
 */
body: {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
}
/**
 * The kit.
 */
kit: string
camera_state: (CameraStateTold | null)
}
/**
 * A hold without a plan.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "faultyPage".
 */
export interface FaultyPage {
/**
 * The rush.
 */
key: string
/**
 * Its name.
 */
name: string
/**
 * Why.
 */
fault: string
}
/**
 * A tick.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tick".
 */
export interface Tick {
/**
 * Whether it is ticked.
 */
on: boolean
/**
 * When, ms.
 */
at: number
}
/**
 * A card to carry.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "card".
 */
export interface Card {
/**
 * Its id.
 */
id: string
/**
 * What is written.
 */
card: {
/**
 * Its name.
 */
name: string
/**
 * In order.
 * 
 * Items: A rush.
 */
rushes: string[]
/**
 * The day out whose light its holds are for; null: as each rush is written.
 */
outing_id: (string | null)
}
/**
 * By what is ticked.
 */
ticks: {
[k: string]: Tick
}
/**
 * When this was read.
 */
as_of: string
/**
 * Its link.
 */
share: ({
/**
 * Where it is read.
 */
link: string
/**
 * When it ends.
 */
until: string
} | null)
/**
 * A hold each.
 */
pages: (Page | FaultyPage)[]
/**
 * Grows with every write; a change names the one it was made on.
 */
revision: number
/**
 * Id of the last write, as its writer gave it.
 */
write_id: string
/**
 * Whether there is an earlier state.
 */
can_undo: boolean
/**
 * Whether there is a later state.
 */
can_redo: boolean
}
/**
 * Every card, the newest first: a few whole, of all others the name.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "cardList".
 */
export interface CardList {
/**
 * When this was read.
 */
as_of: string
/**
 * Whole.
 */
cards: Card[]
/**
 * By name.
 * 
 * Items: A card.
 */
others: {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
}[]
quota: QuotaOf
}
/**
 * Every place, what was changed last first.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "placeList".
 */
export interface PlaceList {
/**
 * When this was read.
 */
as_of: string
/**
 * Each.
 * 
 * Items: A place.
 */
places: {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
place: import("./place").Place
}[]
quota: QuotaOf
}
/**
 * A place, and what its page needs to know to change it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "placeWhole".
 */
export interface PlaceWhole {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
place: import("./place").Place
/**
 * Counts its changes.
 */
revision: number
/**
 * The id its last write was sent with.
 */
write_id: string
/**
 * Whether there is a state before.
 */
can_undo: boolean
/**
 * Whether there is a state after.
 */
can_redo: boolean
}
/**
 * The points of a GPX or KML file.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "placePoints".
 */
export interface PlacePoints {
/**
 * In the order of the file.
 * 
 * Items: A point.
 */
points: {
/**
 * What the file calls it.
 */
name: string
/**
 * Latitude.
 */
latitude_deg: number
/**
 * Longitude.
 */
longitude_deg: number
}[]
/**
 * How many were no points of the earth, or too many.
 */
left_out: number
}
/**
 * From one point to another.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "placeBearing".
 */
export interface PlaceBearing {
/**
 * From true north, clockwise; null where both are the same point.
 */
bearing_deg: (number | null)
/**
 * By the crow.
 */
distance_m: number
}
/**
 * A rush of a day in one moment, as the day has it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "outingAt".
 */
export interface OutingAt {
rush: import("./rush").Rush
lens: import("./kit").Lens
plan: import("./plan").Plan
}
/**
 * Every outing, the latest day first.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "outingList".
 */
export interface OutingList {
/**
 * When this was read.
 */
as_of: string
/**
 * The one to open first: the next to come, or the last there was.
 */
next: (string | null)
/**
 * Each.
 * 
 * Items: An outing.
 */
outings: {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
/**
 * Its day.
 */
date: string
/**
 * The name of its place.
 */
place: string
}[]
quota: QuotaOf
}
/**
 * An outing with its place and its weather, and what its page needs to know to change it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "outingWhole".
 */
export interface OutingWhole {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
/**
 * Which place.
 */
place_id: string
outing: import("./outing").Kept
place: import("./place").Place
/**
 * The weather hour by hour: what is typed, and made up for all other hours.
 */
sky: import("./outing").Hour[]
/**
 * Counts its changes.
 */
revision: number
/**
 * The id its last write was sent with.
 */
write_id: string
/**
 * Whether there is a state before.
 */
can_undo: boolean
/**
 * Whether there is a state after.
 */
can_redo: boolean
}
/**
 * The day of an outing reckoned, or why it cannot be.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "outingDay".
 */
export interface OutingDay {
/**
 * Of the outing it was reckoned from.
 */
revision: number
/**
 * The day; null where something stands in its way.
 */
day: (import("./outing").Day | null)
/**
 * What stands in its way.
 */
fault: (import("./problem").Problem | null)
/**
 * What the meter has said at the place over all outings to it; null before its first reading under a sky somebody has said.
 */
learnt: ({
/**
 * How many.
 */
readings: number
/**
 * How much brighter it is there than reckoned, drawn towards none while they are few.
 */
stops: number
/**
 * Standard deviation of one reading.
 */
spread_stops: number
} | null)
}
/**
 * The ticks of a card.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ticks".
 */
export interface Ticks {
/**
 * When this was read.
 */
as_of: string
/**
 * By what is ticked.
 */
ticks: {
[k: string]: Tick
}
}
/**
 * A key for another program.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "token".
 */
export interface Token {
/**
 * Its id.
 */
id: number
/**
 * What it is for.
 */
name: string
/**
 * What it may do.
 * 
 * Items: Scope.
 */
scopes: ("read" | "write")[]
/**
 * When it was made.
 */
made_at: string
/**
 * When it was used last.
 */
used_at: (string | null)
/**
 * When it ends.
 */
until: (string | null)
}
/**
 * The keys of an account.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tokenList".
 */
export interface TokenList {
/**
 * Newest first.
 */
tokens: Token[]
}
/**
 * A new key; its text is told this once.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tokenMade".
 */
export interface TokenMade {
token: Token
/**
 * Sent as Authorization: Bearer …
 */
text: string
}
/**
 * A figure, and how it is known.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "photographFigure".
 */
export interface PhotographFigure {
/**
 * The figure.
 */
value: (string | number | null)
/**
 * Read as it stands in the file, reckoned from what stands there, or to be asked for.
 */
by: ("read" | "reckoned" | "asked")
}
/**
 * What a photograph tells of the body and lens it was taken with.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "photographTold".
 */
export interface PhotographTold {
/**
 * By the name of the figure.
 */
body: {
[k: string]: PhotographFigure
}
/**
 * By the name of the figure.
 */
lens: {
[k: string]: PhotographFigure
}
}
/**
 * A box in a frame, as shares of its sides as it is looked at.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "frameBox".
 */
export interface FrameBox {
/**
 * Left.
 */
x: number
/**
 * Top.
 */
y: number
/**
 * Width.
 */
w: number
/**
 * Height.
 */
h: number
}
/**
 * A frame as a list shows it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "shownFrame".
 */
export interface ShownFrame {
/**
 * Its id.
 */
id: string
/**
 * The machine’s verdict.
 */
verdict: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | "unclear")
/**
 * Whether there is a picture of it.
 */
has_picture: boolean
/**
 * The person’s verdict.
 */
eye: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | null)
}
/**
 * A burst as a list shows it.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "burstHead".
 */
export interface BurstHead {
/**
 * Its id.
 */
id: string
/**
 * The rush it was taken for.
 */
rush: ({
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
} | null)
/**
 * As the files name it.
 */
body: string
/**
 * As the files name it.
 */
lens: string
/**
 * What the camera’s clock showed at its first frame.
 */
clock: (string | null)
/**
 * From its first frame to its last, in s.
 */
seconds: number
/**
 * How many there are.
 */
frames: number
/**
 * By the person’s verdict, where there is none by the machine’s.
 */
keepers: number
/**
 * How many a person has judged.
 */
eyed: number
/**
 * Its first frames.
 */
shown: ShownFrame[]
}
/**
 * A frame of a burst.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "burstFrame".
 */
export interface BurstFrame {
/**
 * Its id.
 */
id: string
/**
 * Of its file.
 */
name: string
/**
 * What the camera’s clock showed.
 */
clock: (string | null)
/**
 * As it is looked at, in px.
 */
width: number
/**
 * As it is looked at, in px.
 */
height: number
/**
 * Shutter in s.
 */
shutter_s: (number | null)
/**
 * Aperture.
 */
f_number: (number | null)
/**
 * ISO.
 */
iso: (number | null)
/**
 * Focal length in mm.
 */
focal_mm: (number | null)
/**
 * What it was focused on, in m.
 */
distance_m: (number | null)
/**
 * Stars in its file.
 */
rating: (number | null)
/**
 * What its file says and cannot be true.
 * 
 * Items: One.
 */
left_out: string[]
/**
 * The machine’s verdict.
 */
verdict: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | "unclear")
/**
 * 0 to 1.
 */
confidence: number
/**
 * What the verdict rests on.
 * 
 * Items: A sentence.
 */
why: string[]
/**
 * The person’s verdict.
 */
eye: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | null)
/**
 * By what it is known where the subject is.
 */
found_by: ("touch" | "found" | "file" | "plan" | "middle" | "table")
/**
 * How alike the subject is to what was looked for, where it was found again.
 */
likeness: (number | null)
subject: FrameBox
/**
 * What its piece shows; null once that has been let go.
 */
piece: (FrameBox | null)
/**
 * Blur of the subject in px.
 */
blur_px: (number | null)
/**
 * On the sensor, in µm.
 */
blur_um: (number | null)
/**
 * What of it is the body’s own, in px.
 */
floor_px: number
/**
 * What counts as sharp, in px.
 */
limit_px: number
/**
 * Whether there is a picture of it.
 */
has_picture: boolean
/**
 * Whether its file is still kept.
 */
is_there: boolean
}
/**
 * A burst with its frames.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "burst".
 */
export interface Burst {
/**
 * Its id.
 */
id: string
/**
 * The rush it was taken for.
 */
rush: ({
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
} | null)
/**
 * As the files name it.
 */
body: string
/**
 * As the files name it.
 */
lens: string
/**
 * What the camera’s clock showed at its first frame.
 */
clock: (string | null)
/**
 * From its first frame to its last, in s.
 */
seconds: number
/**
 * How many there are.
 */
frames: number
/**
 * By the person’s verdict, where there is none by the machine’s.
 */
keepers: number
/**
 * How many a person has judged.
 */
eyed: number
/**
 * The frame in which a person has touched the subject.
 */
touched: (string | null)
/**
 * The likeliest rush, where none has been given.
 */
guess: ({
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
/**
 * What speaks for it.
 * 
 * Items: One.
 */
because: string[]
/**
 * Whether it is clearly ahead of the next.
 */
clearly: boolean
} | null)
/**
 * By time.
 */
all: BurstFrame[]
}
/**
 * A second look at a burst, as far as it has come.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "lookRun".
 */
export interface LookRun {
/**
 * Its id.
 */
id: string
/**
 * How it stands.
 */
status: ("running" | "done" | "cancelled" | "overtaken" | "failed")
/**
 * Done.
 */
done: number
/**
 * There are.
 */
whole: number
/**
 * Whether no worker has come to it for a while.
 */
waiting: boolean
/**
 * Why it failed, in words.
 */
problem: (string | null)
/**
 * When a worker last came back from it.
 */
at: string
}
/**
 * A burst, and what was done in the log last.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "burstWhole".
 */
export interface BurstWhole {
burst: Burst
/**
 * The last second look at it.
 */
look: (LookRun | null)
/**
 * What would be taken back.
 */
undo: (string | null)
/**
 * What would be done again.
 */
redo: (string | null)
}
/**
 * Files being taken in, as far as it has come.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "intakeRun".
 */
export interface IntakeRun {
/**
 * Its id.
 */
id: string
/**
 * How it stands.
 */
status: ("running" | "done" | "cancelled" | "overtaken" | "failed")
/**
 * Done.
 */
done: number
/**
 * There are.
 */
whole: number
/**
 * Whether no worker has come to it for a while.
 */
waiting: boolean
/**
 * Why it failed, in words.
 */
problem: (string | null)
/**
 * When a worker last came back from it.
 */
at: string
/**
 * Frames taken in.
 */
read: number
/**
 * Files that had been taken in before.
 */
known: number
/**
 * Files that could not be read.
 * 
 * Items: A file that was not taken in.
 */
refused: {
/**
 * What it is called.
 */
name: string
/**
 * Why, in words.
 */
why: string
}[]
/**
 * More of them, not told of.
 */
more: number
}
/**
 * The bursts of the demo, while they are being taken.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "demoShoot".
 */
export interface DemoShoot {
/**
 * Frames and passes that are there.
 */
done: number
/**
 * Of so many.
 */
whole: number
/**
 * Whether no more of them will come.
 */
broke_off: boolean
}
/**
 * What is being taken into the log.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logState".
 */
export interface LogState {
/**
 * The last run.
 */
intake: (IntakeRun | null)
/**
 * How far the demo's own photographs are, to a copy of it, until all are there.
 */
demo: (DemoShoot | null)
/**
 * What would be taken back.
 */
undo: (string | null)
/**
 * What would be done again.
 */
redo: (string | null)
}
/**
 * A page of bursts.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logPage".
 */
export interface LogPage {
/**
 * When this was read.
 */
as_of: string
/**
 * What is so of all.
 */
where: CountWhere[]
/**
 * The latest first.
 */
bursts: BurstHead[]
/**
 * Where the next page begins; null on the last.
 */
next: (string | null)
/**
 * The last run.
 */
intake: (IntakeRun | null)
/**
 * How far the demo's own photographs are, to a copy of it, until all are there.
 */
demo: (DemoShoot | null)
/**
 * How much there is, and may be.
 */
room: {
frames: QuotaOf
picture_bytes: QuotaOf
}
/**
 * What would be taken back.
 */
undo: (string | null)
/**
 * What would be done again.
 */
redo: (string | null)
}
/**
 * What is so of the bursts that are counted.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "countWhere".
 */
export interface CountWhere {
/**
 * What they are counted by.
 */
by: ("rush" | "hold" | "area" | "tuning" | "heeded" | "shutter" | "distance" | "body" | "lens" | "support" | "outing" | "month" | "promised")
/**
 * Its value; empty where nobody knows.
 */
value: string
/**
 * As a person reads it.
 */
words: string
}
/**
 * The bursts before and after one.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logNear".
 */
export interface LogNear {
/**
 * The nearest first.
 * 
 * Items: A burst.
 */
bursts: {
/**
 * Its id.
 */
id: string
/**
 * What the camera’s clock showed at its first frame.
 */
clock: (string | null)
/**
 * How many it has.
 */
frames: number
}[]
}
/**
 * Whether a file is known.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logKnown".
 */
export interface LogKnown {
/**
 * Whether it has been taken in before.
 */
known: boolean
}
/**
 * How often the person and the machine have said the same.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logAgreement".
 */
export interface LogAgreement {
/**
 * Each pair there is.
 * 
 * Items: Frames judged alike by each.
 */
pairs: {
/**
 * The person’s verdict.
 */
eye: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | "unclear")
/**
 * The machine’s verdict.
 */
verdict: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | "unclear")
/**
 * How many.
 */
count: number
}[]
}
/**
 * What was taken back or done again.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logTurned".
 */
export interface LogTurned {
/**
 * What it was; null when there was nothing.
 */
words: (string | null)
/**
 * The burst it was done in.
 */
burst: (string | null)
/**
 * What would be taken back.
 */
undo: (string | null)
/**
 * What would be done again.
 */
redo: (string | null)
}
/**
 * What was let go.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logLetGo".
 */
export interface LogLetGo {
/**
 * How many frames.
 */
frames: number
/**
 * How much room that made.
 */
bytes: number
/**
 * Whether there are more.
 */
more: boolean
}
/**
 * A share of sharp frames, with its 95 % interval.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "countRate".
 */
export interface CountRate {
/**
 * Bursts.
 */
bursts: number
/**
 * Frames.
 */
frames: number
/**
 * Of them sharp.
 */
keepers: number
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that would tell as much, each by itself.
 */
worth: number
}
/**
 * A row of a table of counts.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "countRow".
 */
export interface CountRow {
/**
 * Its value; empty where nobody knows.
 */
value: string
/**
 * As a person reads it.
 */
words: string
/**
 * Value of what else it is counted by.
 */
other: (string | null)
/**
 * As a person reads it.
 */
other_words: (string | null)
/**
 * Bursts.
 */
bursts: number
/**
 * Frames.
 */
frames: number
/**
 * Of them sharp.
 */
keepers: number
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that would tell as much, each by itself.
 */
worth: number
}
/**
 * Shares of sharp frames.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logCounts".
 */
export interface LogCounts {
/**
 * When this was read.
 */
as_of: string
/**
 * What they are counted by.
 */
by: ("rush" | "hold" | "area" | "tuning" | "heeded" | "shutter" | "distance" | "body" | "lens" | "support" | "outing" | "month" | "promised")
/**
 * What else they are counted by.
 */
and: ("rush" | "hold" | "area" | "tuning" | "heeded" | "shutter" | "distance" | "body" | "lens" | "support" | "outing" | "month" | "promised" | null)
/**
 * What is so of all.
 */
where: CountWhere[]
whole: CountRate
/**
 * Those with the most frames first.
 */
rows: CountRow[]
/**
 * Rows that are not here.
 */
more: number
}
/**
 * Two set-ups beside each other.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logCompared".
 */
export interface LogCompared {
/**
 * When this was read.
 */
as_of: string
/**
 * What they are values of.
 */
by: ("rush" | "hold" | "area" | "tuning" | "heeded" | "shutter" | "distance" | "body" | "lens" | "support" | "outing" | "month" | "promised")
/**
 * What is so of both.
 */
where: CountWhere[]
/**
 * The one.
 */
one: {
/**
 * Its value.
 */
value: string
/**
 * As a person reads it.
 */
words: string
/**
 * Bursts.
 */
bursts: number
/**
 * Frames.
 */
frames: number
/**
 * Of them sharp.
 */
keepers: number
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that would tell as much, each by itself.
 */
worth: number
}
/**
 * The other.
 */
other: {
/**
 * Its value.
 */
value: string
/**
 * As a person reads it.
 */
words: string
/**
 * Bursts.
 */
bursts: number
/**
 * Frames.
 */
frames: number
/**
 * Of them sharp.
 */
keepers: number
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that would tell as much, each by itself.
 */
worth: number
}
/**
 * By how much the one is higher, as a share.
 */
more: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Whether they can be told apart.
 */
is_told: boolean
/**
 * How many more bursts each would tell ten points; null where one has none to go by.
 */
bursts_to_tell: (number | null)
/**
 * What it comes to.
 */
words: string
/**
 * Within the same rushes; null where none has both.
 */
paired: ({
/**
 * By how much the one is higher, as a share.
 */
more: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Whether they can be told apart.
 */
is_told: boolean
/**
 * What it comes to.
 */
words: string
/**
 * Rushes that have both.
 * 
 * Items: A rush that has both.
 */
rushes: {
/**
 * Its name.
 */
words: string
one: CountRate
other: CountRate
}[]
} | null)
}
/**
 * What frames are lost to.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "countLoss".
 */
export interface CountLoss {
/**
 * To what.
 */
loss: ("motion" | "shake" | "focus" | "out" | "light" | "unclear")
/**
 * As a person reads it.
 */
words: string
/**
 * Share of frames expected to be lost to it.
 */
promised: number
/**
 * Share of frames lost to it.
 */
found: number
}
/**
 * What was promised beside what was found.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logPromises".
 */
export interface LogPromises {
/**
 * When this was read.
 */
as_of: string
/**
 * What is so of all.
 */
where: CountWhere[]
/**
 * All together; null as long as nothing was promised.
 */
calibration: ({
/**
 * Share promised for an average frame.
 */
promised: number
found: CountRate
/**
 * Whether what was promised lies outside of what was found.
 */
is_off: boolean
/**
 * Mean square of what was promised less what was found.
 */
score: number
/**
 * Of it: how far found shares are from those promised.
 */
off: number
/**
 * Of it: how far they are from the share of all.
 */
apart: number
/**
 * Of it: what is left to chance.
 */
luck: number
/**
 * Those of which there is anything.
 * 
 * Items: Bursts that about the same was promised for.
 */
tenths: {
/**
 * Least share promised.
 */
from: number
/**
 * Share promised for an average frame of them.
 */
promised: number
/**
 * Bursts.
 */
bursts: number
/**
 * Frames.
 */
frames: number
/**
 * Of them sharp.
 */
keepers: number
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that would tell as much, each by itself.
 */
worth: number
}[]
} | null)
/**
 * What frames of all are lost to.
 */
losses: CountLoss[]
/**
 * Where promises are off most; null where they are not.
 */
likely: ({
/**
 * To what.
 */
loss: string
/**
 * As a person reads it.
 */
words: string
/**
 * Share expected.
 */
promised: number
/**
 * Share found.
 */
found: number
/**
 * Figure of one’s own that speaks of it; null where none does.
 */
meaning: (string | null)
/**
 * As it is assumed.
 */
assumed: (number | null)
/**
 * As the frames tell it.
 */
value: (number | null)
/**
 * Its unit.
 */
unit: (string | null)
/**
 * Whether plans use it.
 */
is_on: boolean
} | null)
/**
 * Those with the most frames first.
 * 
 * Items: A rush.
 */
rushes: {
/**
 * Its id.
 */
rush: string
/**
 * Its name.
 */
words: string
found: CountRate
/**
 * Share promised for an average frame.
 */
promised: number
/**
 * Frames of an average pass.
 */
frames_a_pass: number
/**
 * Sharp frames of the middle half of the passes.
 */
usually_least: number
/**
 * The same, at most.
 */
usually_most: number
/**
 * Each that there is any of.
 */
losses: CountLoss[]
}[]
}
/**
 * Figures of the person’s own frames.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logLearnt".
 */
export interface LogLearnt {
/**
 * When this was read.
 */
as_of: string
/**
 * Each that any frame tells.
 * 
 * Items: A figure.
 */
figures: {
/**
 * Its name.
 */
name: string
/**
 * What it is.
 */
meaning: string
/**
 * Its unit.
 */
unit: string
/**
 * What is assumed, or chosen by the person.
 */
assumed: number
/**
 * As the frames tell it.
 */
value: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that the assumed figure still counts as.
 */
worth: number
/**
 * Frames that tell it.
 */
frames: number
/**
 * Bursts they are in.
 */
bursts: number
/**
 * Frames that tell something else.
 */
kept_out: number
/**
 * Whether it is used.
 */
is_on: boolean
/**
 * Whether the frames speak against what is assumed.
 */
is_apart: boolean
}[]
learnt: UsedLearnt
/**
 * Figures being told anew from other frames than these, or that could not be; null where they are of the frames there are.
 */
learning: (Run | null)
/**
 * Frames being judged again by what their body blurs, or that were last.
 */
judging: (JudgingRun | null)
}
/**
 * Long work in the background, as far as it has come.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "run".
 */
export interface Run {
/**
 * Its id.
 */
id: string
/**
 * How it stands.
 */
status: ("running" | "done" | "cancelled" | "overtaken" | "failed")
/**
 * Done.
 */
done: number
/**
 * There are.
 */
whole: number
/**
 * Whether no worker has come to it for a while.
 */
waiting: boolean
/**
 * Why it failed, in words.
 */
problem: (string | null)
/**
 * When a worker last came back from it.
 */
at: string
}
/**
 * Bursts being judged again, as far as it has come.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "judgingRun".
 */
export interface JudgingRun {
/**
 * Its id.
 */
id: string
/**
 * How it stands.
 */
status: ("running" | "done" | "cancelled" | "overtaken" | "failed")
/**
 * Done.
 */
done: number
/**
 * There are.
 */
whole: number
/**
 * Whether no worker has come to it for a while.
 */
waiting: boolean
/**
 * Why it failed, in words.
 */
problem: (string | null)
/**
 * When a worker last came back from it.
 */
at: string
/**
 * Of the body its files name so.
 */
body: string
}
/**
 * What the plan would be with assumed figures.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "planAssumed".
 */
export interface PlanAssumed {
/**
 * Those the plan rests on.
 * 
 * Items: A figure of one’s own that the plan rests on.
 */
figures: {
/**
 * Its name.
 */
name: string
/**
 * What it is.
 */
meaning: string
/**
 * Frames that tell it.
 */
frames: number
}[]
/**
 * What would be set otherwise.
 * 
 * Items: What would be set otherwise.
 */
changes: {
/**
 * What.
 */
field: string
/**
 * As it is.
 */
yours: string
/**
 * As it would be.
 */
assumed: string
}[]
}
/**
 * What a day out has come to.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "outingAfter".
 */
export interface OutingAfter {
/**
 * When this was read.
 */
as_of: string
/**
 * The outing.
 */
outing: {
/**
 * Its id.
 */
id: string
/**
 * Its name.
 */
name: string
/**
 * Its day.
 */
date: string
/**
 * Where.
 */
place: string
}
whole: CountRate
/**
 * Those it was for first.
 * 
 * Items: A rush it was for, or that was shot.
 */
rushes: {
/**
 * Its id; empty where nobody has said which.
 */
rush: string
/**
 * Its name.
 */
words: string
/**
 * Whether it was for this.
 */
is_expected: boolean
/**
 * Share of sharp frames that rehearsals expected.
 */
promised: (number | null)
/**
 * Bursts.
 */
bursts: number
/**
 * Frames.
 */
frames: number
/**
 * Of them sharp.
 */
keepers: number
/**
 * The share.
 */
share: number
/**
 * At least.
 */
least: number
/**
 * At most.
 */
most: number
/**
 * Frames that would tell as much, each by itself.
 */
worth: number
}[]
/**
 * What frames are lost to.
 */
losses: CountLoss[]
/**
 * What it was for, in words.
 */
went: string
/**
 * What came home, in words.
 */
brought: string
/**
 * What cost most, in words.
 */
cost: (string | null)
/**
 * One change for next time.
 */
change: ({
/**
 * In which rush.
 */
rush: string
/**
 * What, in words.
 */
words: string
} | null)
/**
 * What speaks against what is assumed.
 * 
 * Items: A figure, in words.
 */
learnt: string[]
/**
 * Figures being told anew from other frames than these, or that could not be; null where they are of the frames there are.
 */
learning: (Run | null)
}
/**
 * What is written for an account in the background.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "filesOut".
 */
export interface FilesOut {
/**
 * How far it is; null where none was asked for.
 */
run: (Run | null)
/**
 * What can be fetched.
 */
files: File[]
}
/**
 * An archive put into an account, in the background.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "archiveIn".
 */
export interface ArchiveIn {
/**
 * How far it is; null where there was none.
 */
run: (null | (Run & {
/**
 * What is done just now.
 */
phase: ("unpack" | "rows" | "pictures" | "count" | "learn" | "done")
/**
 * How many of each kind of record.
 */
counts: {
[k: string]: number
}
/**
 * Pictures that have come.
 */
pictures: number
}))
/**
 * Whether nothing else can be asked of the account yet.
 */
is_shut: boolean
}
/**
 * A table being taken in, as far as it has come.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tableRun".
 */
export interface TableRun {
/**
 * Its id.
 */
id: string
/**
 * How it stands.
 */
status: ("running" | "done" | "cancelled" | "overtaken" | "failed")
/**
 * Done.
 */
done: number
/**
 * There are.
 */
whole: number
/**
 * Whether no worker has come to it for a while.
 */
waiting: boolean
/**
 * Why it failed, in words.
 */
problem: (string | null)
/**
 * When a worker last came back from it.
 */
at: string
/**
 * Frames taken in.
 */
read: number
/**
 * Frames that were in the log already.
 */
known: number
/**
 * Rows that could not be read.
 * 
 * Items: A row that was not taken in.
 */
refused: {
/**
 * Which.
 */
name: string
/**
 * Why, in words.
 */
why: string
}[]
/**
 * More of them, not told of.
 */
more: number
/**
 * Of its file.
 */
name: string
/**
 * Whether its frames have been taken back.
 */
is_back: boolean
}
/**
 * A table being taken in, or the last that was.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "logTable".
 */
export interface LogTable {
/**
 * Null where there was none.
 */
table: (TableRun | null)
}
/**
 * What is left of what a table brought.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tableBack".
 */
export interface TableBack {
/**
 * Frames that another request takes away.
 */
left: number
}
/**
 * A column of a table.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tableColumn".
 */
export interface TableColumn {
/**
 * What it is called.
 */
name: string
/**
 * What it is taken for; null where it is left out.
 */
as: ("file" | "taken_at" | "day" | "time" | "offset" | "body" | "lens" | "shutter_s" | "f_number" | "iso" | "focal_mm" | "distance_m" | "compensation" | "rating" | "verdict" | "confidence" | "eye" | "kept" | "blur_px" | "limit_px" | "burst" | "rush" | "sha256" | null)
/**
 * Some of it.
 * 
 * Items: What stands in it.
 */
examples: string[]
}
/**
 * A frame as it would be taken.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tableFrame".
 */
export interface TableFrame {
/**
 * Of its file.
 */
name: string
/**
 * When it was taken.
 */
clock: (string | null)
/**
 * Its body.
 */
body: string
/**
 * Shutter in s.
 */
shutter_s: (number | null)
/**
 * Aperture.
 */
f_number: (number | null)
/**
 * ISO.
 */
iso: (number | null)
/**
 * Focal length in mm.
 */
focal_mm: (number | null)
/**
 * Distance in m.
 */
distance_m: (number | null)
/**
 * What is said of it.
 */
verdict: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | "unclear")
/**
 * Whether anything is said of how it came out.
 */
is_told: boolean
/**
 * What cannot be read of it.
 * 
 * Items: A sentence.
 */
left_out: string[]
}
/**
 * How a table is read.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "tableLook".
 */
export interface TableLook {
/**
 * Of its file.
 */
name: string
/**
 * Whether it is log/1, whose fields need no telling.
 */
is_log: boolean
/**
 * Frames it tells of.
 */
rows: number
/**
 * Its columns, from the left.
 */
columns: TableColumn[]
/**
 * In which order it writes the parts of a day.
 */
days: ("ymd" | "dmy" | "mdy")
/**
 * Whether no other order would do as well.
 */
days_are_sure: boolean
/**
 * Whether it says when each was taken.
 */
is_whole: boolean
/**
 * Whether it says how they came out.
 */
tells_verdicts: boolean
/**
 * The first of them.
 */
frames: TableFrame[]
/**
 * Rows that cannot be read, of the first few hundred.
 * 
 * Items: A row that was not taken in.
 */
refused: {
/**
 * Which.
 */
name: string
/**
 * Why, in words.
 */
why: string
}[]
/**
 * More of them, not told of.
 */
refused_beyond: number
}
/**
 * A person’s verdict on a frame.
 * 
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "frameEye".
 */
export interface FrameEye {
/**
 * Its id.
 */
id: string
/**
 * The person’s verdict.
 */
eye: ("sharp" | "panned" | "moved" | "shaken" | "elsewhere" | "soft" | "out" | "dark" | "bright" | null)
}
