/** A place on the earth, or why it cannot be read. */
export type Position = { latitude_deg: number; longitude_deg: number };

const within = (latitude: number, longitude: number): Position | { fault: string } => {
  if (!(Math.abs(latitude) <= 90)) return { fault: `Latitude is ${latitude}°; it must be −90° to 90°.` };
  if (!(Math.abs(longitude) <= 180)) return { fault: `Longitude is ${longitude}°; it must be −180° to 180°.` };
  const round = (value: number): number => Math.round(value * 1e6) / 1e6;
  return { latitude_deg: round(latitude), longitude_deg: round(longitude) };
};

/** Degrees, minutes and seconds with a letter or a sign: 53°18′30″N, N 53 18.5, -6.1. */
const ANGLE =
  /([NSEW])?\s*([+-]?\d+(?:[.,]\d+)?)\s*(?:°|d|deg)?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:′|'|m)?\s*)?(?:(\d+(?:[.,]\d+)?)\s*(?:″|"|''|s)?\s*)?/iy;
const LETTER = /[NSEW]/iy;

const number = (text: string | undefined): number => (text === undefined ? 0 : Number(text.replace(",", ".")));

/** Reads a position as people write and paste it: decimal degrees, degrees with minutes and seconds, or a geo: address. */
export const readPosition = (typed: string): Position | { fault: string } => {
  const text = typed
    .trim()
    .replace(/[\u2212\u2013]/g, "-")
    .replace(/[’`´]/g, "'");
  if (text === "") return { fault: "Where? Type latitude and longitude, such as 53.3, -6.1." };
  const geo = /^geo:(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)(?:[,;?].*)?$/i.exec(text);
  if (geo !== null) return within(Number(geo[1]), Number(geo[2]));
  // two decimal numbers need no letters; a comma stands between them, and points in them, or the other way round
  const plain = /^([+-]?\d+(?:\.\d+)?)\s*°?\s*[,; ]\s*([+-]?\d+(?:\.\d+)?)\s*°?$/.exec(text);
  if (plain !== null) return within(Number(plain[1]), Number(plain[2]));
  const found: { value: number; letter: string }[] = [];
  ANGLE.lastIndex = 0;
  for (let at = 0; at < text.length && found.length < 3;) {
    while (/[\s,;/]/.test(text[at] ?? "")) at++;
    if (at >= text.length) break;
    ANGLE.lastIndex = at;
    const part = ANGLE.exec(text);
    if (part === null) return unread(typed);
    const [whole, before, degrees, minutes, seconds] = part;
    at = ANGLE.lastIndex;
    // a letter after it is its own only where none stands before
    LETTER.lastIndex = at;
    const after = before === undefined ? LETTER.exec(text)?.[0] : undefined;
    if (after !== undefined) at++;
    if (number(minutes) >= 60 || number(seconds) >= 60)
      return { fault: `“${whole.trim()}”: minutes and seconds go up to 60.` };
    const letter = (before ?? after ?? "").toUpperCase();
    const size = Math.abs(number(degrees)) + number(minutes) / 60 + number(seconds) / 3600;
    const isMinus = degrees!.startsWith("-") || letter === "S" || letter === "W";
    found.push({ value: isMinus ? -size : size, letter });
  }
  const [one, other] = found;
  if (found.length !== 2 || one === undefined || other === undefined) return unread(typed);
  const isTurned = "EW".includes(one.letter) && one.letter !== "";
  if (isTurned === ("EW".includes(other.letter) && other.letter !== "") && one.letter + other.letter !== "")
    return { fault: `“${typed.trim()}” has two of one kind: one latitude and one longitude are needed.` };
  return isTurned ? within(other.value, one.value) : within(one.value, other.value);
};

const unread = (typed: string): { fault: string } => ({
  fault: `“${typed.trim()}” cannot be read as a position. Type it as 53.3, -6.1, as 53°18′N 6°6′W, or paste a geo: address.`,
});

/** A position as it is shown and can be typed again. */
export const showPosition = ({ latitude_deg, longitude_deg }: Position): string => `${latitude_deg}, ${longitude_deg}`;
