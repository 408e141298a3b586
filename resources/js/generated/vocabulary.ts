/* Written by bin/vocabulary.php from PHP; change it there. */

/** AF areas, smallest to largest, each with its one letter. */
export const areas = [
  {"value":"spot","words":"pinpoint","note":"","letter":"p"},
  {"value":"single-point","words":"one point","note":"","letter":"1"},
  {"value":"point-plus","words":"expanded point","note":"","letter":"e"},
  {"value":"zone-small","words":"small zone","note":"","letter":"s"},
  {"value":"zone-wide","words":"wide zone","note":"","letter":"w"},
  {"value":"zone-tall","words":"tall zone","note":"","letter":"t"},
  {"value":"zone-large","words":"large zone","note":"","letter":"L"},
  {"value":"whole-frame","words":"whole frame","note":"","letter":"F"},
  {"value":"lock-on","words":"lock-on","note":"","letter":"k"},
] as const;

/** Focus modes; whether each goes on focusing while the subject moves. */
export const focusModes = [
  {"value":"single","words":"single","note":"","follows":false},
  {"value":"continuous","words":"continuous","note":"","follows":true},
  {"value":"auto-switch","words":"auto-switch","note":"","follows":true},
  {"value":"manual","words":"by hand","note":"","follows":false},
  {"value":"single-with-override","words":"single with the ring","note":"","follows":false},
] as const;

/** Where the focus belongs; whether that is on the head or the front. */
export const aims = [
  {"value":"eye","words":"eye","note":"","onHead":true},
  {"value":"head","words":"head","note":"","onHead":true},
  {"value":"chest","words":"chest","note":"","onHead":false},
  {"value":"back-number","words":"back number","note":"","onHead":false},
  {"value":"face","words":"face","note":"","onHead":true},
  {"value":"helmet","words":"helmet","note":"","onHead":true},
  {"value":"body","words":"body","note":"","onHead":false},
  {"value":"edge","words":"edge","note":"","onHead":false},
  {"value":"leading-edge","words":"leading edge","note":"","onHead":true},
] as const;

/** What subject detection looks for. */
export const detections = [
  {"value":"none","words":"off","note":"","plural":"nothing"},
  {"value":"animal","words":"animal","note":"","plural":"animals"},
  {"value":"bird","words":"bird","note":"","plural":"birds"},
  {"value":"person","words":"person","note":"","plural":"people"},
  {"value":"vehicle","words":"vehicle","note":"","plural":"vehicles"},
] as const;

/** What a body shows to help the hand focus. */
export const focusAids = [
  {"value":"peaking","words":"peaking","note":""},
  {"value":"magnified","words":"magnified view","note":""},
  {"value":"depth-preview","words":"depth preview","note":""},
] as const;

/** Which button focuses. */
export const schemes = [
  {"value":"shutter","words":"shutter","note":"half a press focuses"},
  {"value":"thumb","words":"thumb","note":"a rear key focuses, the shutter only fires"},
  {"value":"two-thumbs","words":"two thumbs","note":"one small area, one wide, a centimetre apart"},
  {"value":"three-buttons","words":"three buttons","note":"wide on the shutter, one to choose, one to fix the plane"},
] as const;

/** What the stabiliser does. */
export const stabiliserUses = [
  {"value":"off","words":"off","note":""},
  {"value":"on","words":"on","note":""},
  {"value":"panning","words":"panning mode","note":""},
] as const;

/** Frames that the log for other programs holds at the most. */
export const outMost = 60000 as const;

/** What bursts are counted by; whether its values have an order of their own. */
export const countedBy = [
  {"value":"rush","words":"rush","note":"","ordered":false},
  {"value":"hold","words":"hold","note":"","ordered":false},
  {"value":"area","words":"AF area","note":"","ordered":false},
  {"value":"tuning","words":"tracking","note":"","ordered":false},
  {"value":"heeded","words":"set as planned","note":"","ordered":false},
  {"value":"shutter","words":"shutter","note":"","ordered":true},
  {"value":"distance","words":"distance","note":"","ordered":true},
  {"value":"body","words":"body","note":"","ordered":false},
  {"value":"lens","words":"lens","note":"","ordered":false},
  {"value":"support","words":"support","note":"","ordered":false},
  {"value":"outing","words":"outing","note":"","ordered":false},
  {"value":"month","words":"month","note":"","ordered":true},
  {"value":"promised","words":"promise","note":"","ordered":true},
] as const;

/** How long the shutter stays pressed. */
export const bursts = [
  {"value":"single","words":"single frames","note":""},
  {"value":"short","words":"short bursts","note":""},
  {"value":"long","words":"long bursts","note":""},
] as const;

/** What a control can be made to do. */
export const controlUses = [
  {"value":"focus","words":"focuses","note":""},
  {"value":"recall","words":"recalls a hold","note":""},
  {"value":"stop","words":"stops focus","note":""},
  {"value":"point","words":"moves the focus point","note":""},
] as const;

/** What a bundle may contain; whether it changes the exposure, and whether it belongs to a hold. */
export const bundleParts = [
  {"value":"start","words":"focusing on","note":"","exposure":false,"focus":true},
  {"value":"focus-mode","words":"focus mode","note":"","exposure":false,"focus":true},
  {"value":"area","words":"AF area","note":"","exposure":false,"focus":true},
  {"value":"detection","words":"detection","note":"","exposure":false,"focus":true},
  {"value":"tuning","words":"tuning","note":"","exposure":false,"focus":true},
  {"value":"drive","words":"drive","note":"","exposure":false,"focus":false},
  {"value":"stabiliser","words":"stabiliser","note":"","exposure":false,"focus":false},
  {"value":"shutter","words":"shutter","note":"","exposure":true,"focus":false},
  {"value":"aperture","words":"aperture","note":"","exposure":true,"focus":false},
  {"value":"iso","words":"ISO","note":"","exposure":true,"focus":false},
  {"value":"compensation","words":"exposure compensation","note":"","exposure":true,"focus":false},
  {"value":"metering","words":"metering","note":"","exposure":true,"focus":false},
] as const;

/** Fingers that work a control. */
export const fingers = [
  {"value":"index","words":"first finger","note":""},
  {"value":"middle","words":"middle finger","note":""},
  {"value":"ring","words":"ring finger","note":""},
  {"value":"thumb","words":"thumb","note":""},
  {"value":"left-hand","words":"left hand","note":""},
] as const;

/** Sides of the camera a control is on. */
export const faces = [
  {"value":"lens","words":"lens","note":""},
  {"value":"front","words":"front","note":""},
  {"value":"top","words":"top","note":""},
  {"value":"back","words":"back","note":""},
] as const;

/** Settings a body has words for, in our words. */
export const settingNames = {
    "focus_mode": "focus mode",
    "area": "AF area",
    "detection": "detection",
    "eye": "eye detection",
    "stabiliser": "stabiliser",
    "limiter": "limiter",
    "shutter": "shutter",
    "aperture": "aperture",
    "iso": "ISO",
    "compensation": "exposure compensation",
    "buttons": "buttons",
    "prefocus": "pre-focus",
    "aids": "focus aids"
} as const;

/** Fields of a hold in the order they are read; whether they change with every small step of the rush. */
export const holdFields = [
  {"id":"shutter_s","name":"shutter","gradual":true},
  {"id":"f_number","name":"aperture","gradual":true},
  {"id":"iso","name":"ISO","gradual":true},
  {"id":"focus_mode","name":"focus","gradual":false},
  {"id":"manual_technique","name":"technique","gradual":false},
  {"id":"area.pattern","name":"area","gradual":false},
  {"id":"area.place","name":"place","gradual":true},
  {"id":"detection.subject","name":"detection","gradual":false},
  {"id":"detection.eye","name":"eyes","gradual":false},
  {"id":"tuning.stay","name":"stay","gradual":false},
  {"id":"tuning.pace","name":"pace","gradual":false},
  {"id":"tuning.pick","name":"pick","gradual":false},
  {"id":"aim","name":"aim","gradual":false},
  {"id":"frame","name":"frame","gradual":false},
  {"id":"drive.fps","name":"drive","gradual":false},
  {"id":"drive.burst","name":"burst","gradual":false},
  {"id":"stabiliser","name":"stabiliser","gradual":false},
  {"id":"limiter_m","name":"limiter","gradual":false},
  {"id":"focal_mm","name":"focal length","gradual":true},
  {"id":"scheme","name":"buttons","gradual":false},
] as const;

/** How predictable the motion is. */
export const patterns = [
  {"value":"still","words":"sitting still","note":"stays where it is, but for fidgets"},
  {"value":"steady","words":"moving steadily","note":"keeps its speed and direction"},
  {"value":"accelerating","words":"speeding up or slowing","note":"gains or loses speed evenly"},
  {"value":"stop-start","words":"stopping and starting","note":"stops and goes"},
  {"value":"erratic","words":"darting about","note":"jinks in every direction"},
  {"value":"sudden","words":"bursting into view","note":"gives no warning"},
] as const;

/** What a subject is doing, as people say it; the pattern it moves by. */
export const acts = [
  {"value":"taking-off","words":"taking off","note":"from rest to full speed","pattern":"sudden"},
  {"value":"landing","words":"landing","note":"slows to a stand","pattern":"accelerating"},
  {"value":"diving","words":"diving","note":"as fast as it can, and faster","pattern":"accelerating"},
  {"value":"hovering","words":"hovering","note":"in its place, wings or rotor going","pattern":"steady"},
] as const;

/** What carries the camera. */
export const supports = [
  {"value":"handheld","words":"hand-holding","note":"free in the hands"},
  {"value":"braced","words":"braced","note":"elbows rested, or lying"},
  {"value":"monopod","words":"on a monopod","note":"one leg"},
  {"value":"gimbal","words":"on a gimbal","note":"a gimbal head on a tripod"},
  {"value":"locked","words":"on a locked tripod","note":"with a steadying hand"},
] as const;

/** How practised somebody is. */
export const skills = [
  {"value":"new","words":"not yet practised","note":"first months"},
  {"value":"settled","words":"fairly practised","note":"most weeks"},
  {"value":"expert","words":"very practised","note":"most days"},
] as const;

/** What the picture wants of the motion. */
export const styles = [
  {"value":"freeze","words":"frozen","note":"everything that matters is sharp"},
  {"value":"pan-blur","words":"with the background streaking","note":"a slow shutter while you pan"},
] as const;

/** How sharp is sharp. */
export const standards = [
  {"value":"share","words":"sharp for sharing","note":"30 µm on full frame: a screen, a page"},
  {"value":"detail","words":"fine detail","note":"15 µm on full frame: a large print"},
  {"value":"pixel","words":"pixel sharpness","note":"two pixels: full magnification"},
] as const;

/** What stands between. */
export const foregrounds = [
  {"value":"none","words":"nothing","note":"a clear view"},
  {"value":"sparse","words":"a few things","note":"posts, stems, single people"},
  {"value":"dense","words":"dense clutter","note":"twigs, reeds, a crowd"},
] as const;

/** Others who pass between. */
export const crossers = [
  {"value":"none","words":"nobody","note":""},
  {"value":"occasional","words":"now and then","note":""},
  {"value":"frequent","words":"all the time","note":""},
] as const;

/** What lies behind. */
export const backgrounds = [
  {"value":"clean","words":"plain","note":"sky, water, a far blur"},
  {"value":"moderate","words":"some shapes","note":"banks, far trees"},
  {"value":"busy","words":"busy","note":"strong shapes and edges"},
] as const;

/** Tone of the subject against its background. */
export const separations = [
  {"value":"clear","words":"it stands out","note":""},
  {"value":"similar","words":"it melts in","note":""},
] as const;

/** Whom to follow. */
export const follows = [
  {"value":"this-one","words":"this one","note":"the one I have chosen"},
  {"value":"nearest","words":"whoever leads","note":"the nearest of them"},
  {"value":"whoever-enters","words":"whoever comes in","note":"not there yet"},
] as const;

/** Which way something looks that does not travel. */
export const facings = [
  {"value":"towards","words":"facing me","note":"both eyes or the whole face can be had"},
  {"value":"across","words":"facing aside","note":"its side shows"},
  {"value":"away","words":"facing away","note":"its back shows"},
] as const;

/** How far the background is to streak. */
export const streaks = [
  {"value":"hint","words":"a hint of streak","note":"the background just softens along the way"},
  {"value":"plain","words":"plain streaks","note":"the background is plainly drawn out"},
  {"value":"long","words":"long streaks","note":"the background turns into lines"},
] as const;

/** In how many frames the standard is to hold. */
export const sures = [
  {"value":"half","words":"in half the frames","note":"the usual frame, at the least ISO"},
  {"value":"most","words":"in most frames","note":"four of five"},
  {"value":"nearly-all","words":"in nearly all frames","note":"nineteen of twenty"},
] as const;

/** How the camera is held. */
export const orientations = [
  {"value":"landscape","words":"level","note":"the long side of the frame level"},
  {"value":"portrait","words":"upright","note":"the camera turned, the long side upright"},
] as const;

/** Where the subject comes in. */
export const entries = [
  {"value":"any","words":"any side","note":""},
  {"value":"left","words":"the left","note":""},
  {"value":"right","words":"the right","note":""},
  {"value":"below","words":"below","note":""},
] as const;

/** Whether the way it will take is known. */
export const routes = [
  {"value":"unknown","words":"not known","note":""},
  {"value":"known","words":"known","note":""},
] as const;

/** Where the light comes from. */
export const lightDirections = [
  {"value":"front","words":"behind me","note":""},
  {"value":"side","words":"from the side","note":""},
  {"value":"back","words":"behind it","note":""},
] as const;

/** A sun nearer to where the lens points than this is a danger, in degrees. */
export const sunDangerDeg = 12 as const;

/** From one moment of a day out to the next. */
export const dayStepMinutes = 5 as const;

/** What a line of sight runs over. */
export const grounds = [
  {"value":"water","words":"open water","note":""},
  {"value":"snow","words":"snow","note":""},
  {"value":"marsh","words":"marsh","note":""},
  {"value":"grass","words":"grass","note":""},
  {"value":"stone","words":"stone","note":""},
  {"value":"sand","words":"sand","note":""},
  {"value":"tarmac","words":"tarmac","note":""},
] as const;

/** What stands between the sun and the ground. */
export const skies = [
  {"value":"clear","words":"clear","note":""},
  {"value":"hazy","words":"hazy","note":""},
  {"value":"bright","words":"bright cloud","note":""},
  {"value":"overcast","words":"overcast","note":""},
  {"value":"heavy","words":"heavy cloud","note":""},
] as const;

/** Contrast of the target itself. */
export const details = [
  {"value":"low","words":"plain","note":""},
  {"value":"medium","words":"some markings","note":""},
  {"value":"high","words":"strong markings","note":""},
] as const;

/** Questions on which practitioners disagree, and their answers; none picked is the product’s default. */
export const schools = [
  {"question":"hand","words":"Focus by hand","answers":[{"value":"never","words":"never","note":""},{"value":"in-clutter","words":"in clutter","note":""},{"value":"always","words":"always","note":""}]},
  {"question":"clutter","words":"In clutter","answers":[{"value":"smallest-area","words":"smallest area","note":""},{"value":"lock-on","words":"lock-on with detection","note":""},{"value":"manual","words":"by hand","note":""}]},
  {"question":"flight","words":"For flight","answers":[{"value":"long-box","words":"wide zone","note":""},{"value":"large-zone","words":"large zone","note":""},{"value":"lock-on","words":"lock-on","note":""},{"value":"single-point","words":"one point","note":""}]},
  {"question":"sport","words":"For sport","answers":[{"value":"single-centre","words":"one centre point","note":""},{"value":"zone","words":"a zone","note":""}]},
  {"question":"tuning","words":"Tuning","answers":[{"value":"general","words":"left general","note":""},{"value":"sticky","words":"sticky","note":""},{"value":"per-scene","words":"per scene","note":""},{"value":"responsive","words":"responsive","note":""}]},
  {"question":"button","words":"Focus button","answers":[{"value":"shutter","words":"shutter","note":""},{"value":"thumb","words":"thumb","note":""},{"value":"two-thumbs","words":"two thumbs","note":""},{"value":"three-buttons","words":"three buttons","note":""}]},
  {"question":"people","words":"On people","answers":[{"value":"chest","words":"chest","note":""},{"value":"face","words":"face","note":""}]},
  {"question":"stabiliser","words":"Stabiliser in action","answers":[{"value":"off","words":"off","note":""},{"value":"panning","words":"panning mode","note":""}]},
  {"question":"aperture","words":"Aperture","answers":[{"value":"wide-open","words":"wide open","note":""},{"value":"one-stop-down","words":"one stop down","note":""}]},
  {"question":"auto_switch","words":"Auto-switch mode","answers":[{"value":"net","words":"a safety net","note":""},{"value":"never","words":"never","note":""}]},
] as const;

/** What became of a frame. */
export const verdicts = [
  {"value":"sharp","words":"sharp","note":""},
  {"value":"motion","words":"its motion","note":""},
  {"value":"shake","words":"your hands","note":""},
  {"value":"front","words":"plane in front","note":""},
  {"value":"back","words":"plane behind","note":""},
  {"value":"wrong-thing","words":"on something else","note":""},
  {"value":"out-of-area","words":"area off it","note":""},
  {"value":"out-of-frame","words":"outside the frame","note":""},
  {"value":"hidden","words":"hidden","note":""},
  {"value":"depth","words":"group too deep","note":""},
  {"value":"diffraction","words":"aperture too small","note":""},
  {"value":"air","words":"trembling air","note":""},
] as const;

/** What a column of a table may say of each frame. */
export const frameColumns = [
  {"value":"file","words":"name of the file","note":""},
  {"value":"taken_at","words":"day and time","note":""},
  {"value":"day","words":"day","note":""},
  {"value":"time","words":"time of day","note":""},
  {"value":"offset","words":"hours ahead of UTC","note":""},
  {"value":"body","words":"body","note":""},
  {"value":"lens","words":"lens","note":""},
  {"value":"shutter_s","words":"shutter","note":""},
  {"value":"f_number","words":"aperture","note":""},
  {"value":"iso","words":"ISO","note":""},
  {"value":"focal_mm","words":"focal length","note":""},
  {"value":"distance_m","words":"distance","note":""},
  {"value":"compensation","words":"exposure compensation","note":""},
  {"value":"rating","words":"stars","note":""},
  {"value":"verdict","words":"verdict, as measured","note":""},
  {"value":"confidence","words":"how sure that is","note":""},
  {"value":"eye","words":"verdict, by eye","note":""},
  {"value":"kept","words":"kept or not","note":""},
  {"value":"blur_px","words":"blur in px","note":""},
  {"value":"limit_px","words":"what counts as sharp, in px","note":""},
  {"value":"burst","words":"burst","note":""},
  {"value":"rush","words":"rush","note":""},
  {"value":"sha256","words":"SHA-256 of the file","note":""},
] as const;

/** In which order a table writes the parts of a day. */
export const dayOrders = [
  {"value":"ymd","words":"year, month, day","note":""},
  {"value":"dmy","words":"day, month, year","note":""},
  {"value":"mdy","words":"month, day, year","note":""},
] as const;

/** What a frame shows of its subject, in the order of their keys. */
export const frameVerdicts = [
  {"value":"sharp","words":"sharp","note":""},
  {"value":"panned","words":"panned","note":""},
  {"value":"moved","words":"moved","note":""},
  {"value":"shaken","words":"shaken","note":""},
  {"value":"elsewhere","words":"focus elsewhere","note":""},
  {"value":"soft","words":"soft","note":""},
  {"value":"out","words":"not in it","note":""},
  {"value":"dark","words":"too dark","note":""},
  {"value":"bright","words":"too bright","note":""},
  {"value":"unclear","words":"cannot say","note":""},
] as const;

/** What the focus holds at one moment, by number. */
export const focusTargets = ["looks for it","on it","on what is in front","on what is behind","on a nearer part","set by hand"] as const;

/** Share of the frame that lock-on starts in. */
export const lockOnStart = {
    "width": 0.08,
    "height": 0.12
} as const;

/** Which drawing of shapes.json stands for a kind of subject, by its posture. */
export const drawings = {
    "small-bird": {
        "flying": "songbird-flying",
        "perched": "songbird-perched",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "songbird-flying",
        "upright": "songbird-flying",
        "tumbling": "songbird-flying",
        "in-water": "songbird-flying",
        "seated": "songbird-flying",
        "mounted": "songbird-flying",
        "rolling": "songbird-flying",
        "winged": "songbird-flying",
        "small": "songbird-flying"
    },
    "seabird": {
        "flying": "gull-flying",
        "perched": "wader-standing",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "gull-flying",
        "upright": "gull-flying",
        "tumbling": "gull-flying",
        "in-water": "gull-flying",
        "seated": "gull-flying",
        "mounted": "gull-flying",
        "rolling": "gull-flying",
        "winged": "gull-flying",
        "small": "gull-flying"
    },
    "raptor": {
        "flying": "raptor-flying",
        "perched": "owl-perched",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "raptor-flying",
        "upright": "raptor-flying",
        "tumbling": "raptor-flying",
        "in-water": "raptor-flying",
        "seated": "raptor-flying",
        "mounted": "raptor-flying",
        "rolling": "raptor-flying",
        "winged": "raptor-flying",
        "small": "raptor-flying"
    },
    "swift": {
        "flying": "swift-flying",
        "perched": "songbird-perched",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "swift-flying",
        "upright": "swift-flying",
        "tumbling": "swift-flying",
        "in-water": "swift-flying",
        "seated": "swift-flying",
        "mounted": "swift-flying",
        "rolling": "swift-flying",
        "winged": "swift-flying",
        "small": "swift-flying"
    },
    "wader": {
        "flying": "gull-flying",
        "perched": "wader-standing",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "gull-flying",
        "upright": "gull-flying",
        "tumbling": "gull-flying",
        "in-water": "gull-flying",
        "seated": "gull-flying",
        "mounted": "gull-flying",
        "rolling": "gull-flying",
        "winged": "gull-flying",
        "small": "gull-flying"
    },
    "tall-wader": {
        "flying": "duck-flying",
        "perched": "wader-standing",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "duck-flying",
        "upright": "duck-flying",
        "tumbling": "duck-flying",
        "in-water": "duck-flying",
        "seated": "duck-flying",
        "mounted": "duck-flying",
        "rolling": "duck-flying",
        "winged": "duck-flying",
        "small": "duck-flying"
    },
    "waterfowl": {
        "flying": "duck-flying",
        "perched": "wader-standing",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "duck-flying",
        "upright": "duck-flying",
        "tumbling": "duck-flying",
        "in-water": "duck-flying",
        "seated": "duck-flying",
        "mounted": "duck-flying",
        "rolling": "duck-flying",
        "winged": "duck-flying",
        "small": "duck-flying"
    },
    "owl": {
        "flying": "raptor-flying",
        "perched": "owl-perched",
        "stalking": "heron-stalking",
        "afloat": "duck-afloat",
        "four-legged": "raptor-flying",
        "upright": "raptor-flying",
        "tumbling": "raptor-flying",
        "in-water": "raptor-flying",
        "seated": "raptor-flying",
        "mounted": "raptor-flying",
        "rolling": "raptor-flying",
        "winged": "raptor-flying",
        "small": "raptor-flying"
    },
    "small-mammal": {
        "flying": "small-mammal",
        "perched": "small-mammal",
        "stalking": "small-mammal",
        "afloat": "small-mammal",
        "four-legged": "small-mammal",
        "upright": "small-mammal",
        "tumbling": "tumbler",
        "in-water": "small-mammal",
        "seated": "small-mammal",
        "mounted": "small-mammal",
        "rolling": "small-mammal",
        "winged": "small-mammal",
        "small": "small-mammal"
    },
    "running-mammal": {
        "flying": "hare-running",
        "perched": "hare-running",
        "stalking": "hare-running",
        "afloat": "hare-running",
        "four-legged": "hare-running",
        "upright": "hare-running",
        "tumbling": "tumbler",
        "in-water": "hare-running",
        "seated": "hare-running",
        "mounted": "hare-running",
        "rolling": "hare-running",
        "winged": "hare-running",
        "small": "hare-running"
    },
    "large-mammal": {
        "flying": "deer-standing",
        "perched": "deer-standing",
        "stalking": "deer-standing",
        "afloat": "deer-standing",
        "four-legged": "deer-standing",
        "upright": "deer-standing",
        "tumbling": "tumbler",
        "in-water": "deer-standing",
        "seated": "deer-standing",
        "mounted": "deer-standing",
        "rolling": "deer-standing",
        "winged": "deer-standing",
        "small": "deer-standing"
    },
    "dog": {
        "flying": "dog-running",
        "perched": "dog-running",
        "stalking": "dog-running",
        "afloat": "dog-running",
        "four-legged": "dog-running",
        "upright": "dog-running",
        "tumbling": "tumbler",
        "in-water": "dog-running",
        "seated": "dog-running",
        "mounted": "dog-running",
        "rolling": "dog-running",
        "winged": "dog-running",
        "small": "dog-running"
    },
    "insect": {
        "flying": "butterfly",
        "perched": "butterfly",
        "stalking": "butterfly",
        "afloat": "butterfly",
        "four-legged": "butterfly",
        "upright": "butterfly",
        "tumbling": "tumbler",
        "in-water": "butterfly",
        "seated": "butterfly",
        "mounted": "butterfly",
        "rolling": "butterfly",
        "winged": "butterfly",
        "small": "butterfly"
    },
    "flower": {
        "flying": "flower",
        "perched": "flower",
        "stalking": "flower",
        "afloat": "flower",
        "four-legged": "flower",
        "upright": "flower",
        "tumbling": "tumbler",
        "in-water": "flower",
        "seated": "flower",
        "mounted": "flower",
        "rolling": "flower",
        "winged": "flower",
        "small": "flower"
    },
    "horse-rider": {
        "flying": "horse-rider",
        "perched": "horse-rider",
        "stalking": "horse-rider",
        "afloat": "horse-rider",
        "four-legged": "horse-rider",
        "upright": "horse-rider",
        "tumbling": "tumbler",
        "in-water": "horse-rider",
        "seated": "horse-rider",
        "mounted": "horse-rider",
        "rolling": "horse-rider",
        "winged": "horse-rider",
        "small": "horse-rider"
    },
    "field-player": {
        "flying": "runner",
        "perched": "runner",
        "stalking": "runner",
        "afloat": "runner",
        "four-legged": "runner",
        "upright": "runner",
        "tumbling": "tumbler",
        "in-water": "runner",
        "seated": "runner",
        "mounted": "runner",
        "rolling": "runner",
        "winged": "runner",
        "small": "runner"
    },
    "court-player": {
        "flying": "runner",
        "perched": "runner",
        "stalking": "runner",
        "afloat": "runner",
        "four-legged": "runner",
        "upright": "runner",
        "tumbling": "tumbler",
        "in-water": "runner",
        "seated": "runner",
        "mounted": "runner",
        "rolling": "runner",
        "winged": "runner",
        "small": "runner"
    },
    "racket-player": {
        "flying": "racket-player",
        "perched": "racket-player",
        "stalking": "racket-player",
        "afloat": "racket-player",
        "four-legged": "racket-player",
        "upright": "racket-player",
        "tumbling": "tumbler",
        "in-water": "racket-player",
        "seated": "racket-player",
        "mounted": "racket-player",
        "rolling": "racket-player",
        "winged": "racket-player",
        "small": "racket-player"
    },
    "swing-player": {
        "flying": "swing-player",
        "perched": "swing-player",
        "stalking": "swing-player",
        "afloat": "swing-player",
        "four-legged": "swing-player",
        "upright": "swing-player",
        "tumbling": "tumbler",
        "in-water": "swing-player",
        "seated": "swing-player",
        "mounted": "swing-player",
        "rolling": "swing-player",
        "winged": "swing-player",
        "small": "swing-player"
    },
    "runner": {
        "flying": "runner",
        "perched": "runner",
        "stalking": "runner",
        "afloat": "runner",
        "four-legged": "runner",
        "upright": "runner",
        "tumbling": "tumbler",
        "in-water": "runner",
        "seated": "runner",
        "mounted": "runner",
        "rolling": "runner",
        "winged": "runner",
        "small": "runner"
    },
    "swimmer": {
        "flying": "swimmer",
        "perched": "swimmer",
        "stalking": "swimmer",
        "afloat": "swimmer",
        "four-legged": "swimmer",
        "upright": "swimmer",
        "tumbling": "tumbler",
        "in-water": "swimmer",
        "seated": "swimmer",
        "mounted": "swimmer",
        "rolling": "swimmer",
        "winged": "swimmer",
        "small": "swimmer"
    },
    "diver": {
        "flying": "runner",
        "perched": "runner",
        "stalking": "runner",
        "afloat": "runner",
        "four-legged": "runner",
        "upright": "runner",
        "tumbling": "tumbler",
        "in-water": "runner",
        "seated": "runner",
        "mounted": "runner",
        "rolling": "runner",
        "winged": "runner",
        "small": "runner"
    },
    "gymnast": {
        "flying": "runner",
        "perched": "runner",
        "stalking": "runner",
        "afloat": "runner",
        "four-legged": "runner",
        "upright": "runner",
        "tumbling": "tumbler",
        "in-water": "runner",
        "seated": "runner",
        "mounted": "runner",
        "rolling": "runner",
        "winged": "runner",
        "small": "runner"
    },
    "skier": {
        "flying": "skier",
        "perched": "skier",
        "stalking": "skier",
        "afloat": "skier",
        "four-legged": "skier",
        "upright": "skier",
        "tumbling": "tumbler",
        "in-water": "skier",
        "seated": "skier",
        "mounted": "skier",
        "rolling": "skier",
        "winged": "skier",
        "small": "skier"
    },
    "paddler": {
        "flying": "paddler",
        "perched": "paddler",
        "stalking": "paddler",
        "afloat": "paddler",
        "four-legged": "paddler",
        "upright": "paddler",
        "tumbling": "tumbler",
        "in-water": "paddler",
        "seated": "paddler",
        "mounted": "paddler",
        "rolling": "paddler",
        "winged": "paddler",
        "small": "paddler"
    },
    "cyclist": {
        "flying": "cyclist",
        "perched": "cyclist",
        "stalking": "cyclist",
        "afloat": "cyclist",
        "four-legged": "cyclist",
        "upright": "cyclist",
        "tumbling": "tumbler",
        "in-water": "cyclist",
        "seated": "cyclist",
        "mounted": "cyclist",
        "rolling": "cyclist",
        "winged": "cyclist",
        "small": "cyclist"
    },
    "motorbike": {
        "flying": "motorbike",
        "perched": "motorbike",
        "stalking": "motorbike",
        "afloat": "motorbike",
        "four-legged": "motorbike",
        "upright": "motorbike",
        "tumbling": "tumbler",
        "in-water": "motorbike",
        "seated": "motorbike",
        "mounted": "motorbike",
        "rolling": "motorbike",
        "winged": "motorbike",
        "small": "motorbike"
    },
    "car": {
        "flying": "car",
        "perched": "car",
        "stalking": "car",
        "afloat": "car",
        "four-legged": "car",
        "upright": "car",
        "tumbling": "tumbler",
        "in-water": "car",
        "seated": "car",
        "mounted": "car",
        "rolling": "car",
        "winged": "car",
        "small": "car"
    },
    "aircraft": {
        "flying": "aircraft",
        "perched": "aircraft",
        "stalking": "aircraft",
        "afloat": "aircraft",
        "four-legged": "aircraft",
        "upright": "aircraft",
        "tumbling": "tumbler",
        "in-water": "aircraft",
        "seated": "aircraft",
        "mounted": "aircraft",
        "rolling": "aircraft",
        "winged": "aircraft",
        "small": "aircraft"
    },
    "boat": {
        "flying": "boat",
        "perched": "boat",
        "stalking": "boat",
        "afloat": "boat",
        "four-legged": "boat",
        "upright": "boat",
        "tumbling": "tumbler",
        "in-water": "boat",
        "seated": "boat",
        "mounted": "boat",
        "rolling": "boat",
        "winged": "boat",
        "small": "boat"
    },
    "person": {
        "flying": "runner",
        "perched": "runner",
        "stalking": "runner",
        "afloat": "runner",
        "four-legged": "runner",
        "upright": "runner",
        "tumbling": "tumbler",
        "in-water": "runner",
        "seated": "runner",
        "mounted": "runner",
        "rolling": "runner",
        "winged": "runner",
        "small": "runner"
    }
} as const;

/** A typical body, to be typed over. */
export const starterBody: import("./kit").Body = {
    "sensor_width_mm": 36,
    "sensor_height_mm": 24,
    "pixels_wide": 6000,
    "fps": 12,
    "af_lag_s": 0.06,
    "shortest_shutter_s": 0.000125,
    "af_sensor": "on-image",
    "areas": [
        "spot",
        "single-point",
        "point-plus",
        "zone-small",
        "zone-wide",
        "zone-tall",
        "zone-large",
        "whole-frame",
        "lock-on"
    ],
    "modes": [
        "single",
        "continuous",
        "auto-switch",
        "manual",
        "single-with-override"
    ],
    "detects": [
        "animal",
        "bird",
        "person",
        "vehicle"
    ],
    "eye_detection_areas": [
        "single-point",
        "point-plus",
        "whole-frame",
        "lock-on"
    ],
    "stay_levels_s": [
        0,
        0.1,
        0.3,
        0.6,
        1.2
    ],
    "has_pace": true,
    "has_pick": true
};

/** What somebody may own. */
export const gearTypes = ["body","lens","converter","adapter","support"] as const;

/** Settings of an account and the values each may take. */
export const settingChoices = {
    "theme": [
        "paper",
        "dusk",
        "ember"
    ],
    "units": [
        "metric",
        "imperial"
    ],
    "letters": [
        "on",
        "off"
    ]
} as const;

/** Most holds of a day, and most characters of a name. */
export const limits = {
    "holds": 12,
    "name": 120
} as const;

/** What reckons for long on the server, below /api/, an id as *. */
export const heavy = ["rushes/*/rehearsal","rushes/*/rehearsal/remedies","rushes/*/rehearsal/try","rushes/*/rehearsal/outlook","rushes/*/map","rushes/*/schools","rushes/*/sweeps","layouts/*/best","cards/*/pdf","outings/*/day","outings/*/calendar","outings/*/after","outings/*/after/pdf","bursts/*/rush","log/tables/look","log/tables/take"] as const;

/** The engraved series of ISO. */
export const isoScale = [25,32,40,50,64,80,100,125,160,200,250,320,400,500,640,800,1000,1250,1600,2000,2500,3200,4000,5000,6400,8000,10000,12800,16000,20000,25600,32000,40000,51200,64000,80000,102400,128000,160000,204800,256000,320000,409600,512000,640000,819200,1024000,1280000,1638400,2048000,2560000,3276800,4096000,5120000,6553600,8192000,10240000] as const;

/** Papers a card is printed on, and how much larger than on the smallest its type is. */
export const papers = [
  {"value":"a6","words":"A6","size":"105mm 148mm","scale":1},
  {"value":"a5","words":"A5","size":"148mm 210mm","scale":1.38},
  {"value":"a4","words":"A4","size":"210mm 297mm","scale":1.75},
  {"value":"letter","words":"letter","size":"8.5in 11in","scale":1.72},
] as const;

/** Assumed figures that nobody has changed. */
export const assumed = {
    "obstacle.place": 0.8,
    "act.brake": 1.5,
    "act.hover": 0.5,
    "act.dive": 5,
    "motion.travels": 0.5,
    "rehearse.twig": 0.02,
    "air.calm": 2,
    "air.height": 1.5
} as const;
