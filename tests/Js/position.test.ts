import { describe, expect, it } from "vitest";
import { readPosition, showPosition } from "../../resources/js/rooms/outing/position";

const at = (latitude_deg: number, longitude_deg: number) => ({ latitude_deg, longitude_deg });

describe("a position", () => {
  it.each([
    ["53.3, -6.1", at(53.3, -6.1)],
    ["53.3 -6.1", at(53.3, -6.1)],
    ["53.3;-6.1", at(53.3, -6.1)],
    ["53.3°, −6.1°", at(53.3, -6.1)],
    ["geo:53.3,-6.1", at(53.3, -6.1)],
    ["geo:53.3,-6.1,12;u=35", at(53.3, -6.1)],
    ["GEO:53.3,-6.1?z=14", at(53.3, -6.1)],
    ["53°18′N 6°6′W", at(53.3, -6.1)],
    ["53°18'00\"N, 6°06'00\"W", at(53.3, -6.1)],
    ["N53 18.0 W6 6.0", at(53.3, -6.1)],
    ["6°6′W 53°18′N", at(53.3, -6.1)],
    ["53,3°N 6,1°W", at(53.3, -6.1)],
    ["45°S 170°30′E", at(-45, 170.5)],
    ["53° 18' 30.6\" N / 6° 6' 3.6\" W", at(53.3085, -6.101)],
    ["-90, 180", at(-90, 180)],
  ])("reads %s", (text, position) => expect(readPosition(text)).toEqual(position));

  it.each([
    ["", "Where?"],
    ["somewhere", "cannot be read as a position"],
    ["53.3", "cannot be read as a position"],
    ["53.3, -6.1, 4", "cannot be read as a position"],
    ["91, 0", "Latitude is 91°; it must be −90° to 90°."],
    ["0, 181", "Longitude is 181°; it must be −180° to 180°."],
    ["53°75′N 6°6′W", "minutes and seconds go up to 60"],
    ["53°N 6°N", "two of one kind"],
    ["geo:99,0", "Latitude is 99°"],
  ])("says what is amiss with %j", (text, says) =>
    expect((readPosition(text) as { fault: string }).fault).toContain(says),
  );

  it("is read again as it is shown, anywhere on earth", () => {
    for (let step = 0; step < 500; step++) {
      const position = at(
        Math.round(Math.sin(step * 12.9898) * 90 * 1e6) / 1e6,
        Math.round(Math.cos(step * 78.233) * 180 * 1e6) / 1e6,
      );
      expect(readPosition(showPosition(position))).toEqual(position);
    }
  });
});
