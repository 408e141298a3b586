import { describe, expect, it } from "vitest";
import { kindOf, photographsAmong, type Dropped } from "../../resources/js/rooms/log/dropped";

const file = (path: string, ...bytes: (number | string)[]): Dropped => {
  const parts = bytes.map((one) =>
    typeof one === "number" ? new Uint8Array([one]) : new Uint8Array([...one].map((letter) => letter.charCodeAt(0))),
  );
  return { file: new File(parts, path.split("/").at(-1)!), path };
};
const jpeg = (path: string): Dropped => file(path, 0xff, 0xd8, 0xff, 0xe1, "Exif");
const raw = (path: string): Dropped => file(path, "II*\0", 8, 0, 0, 0);

describe("files that are dropped into the log", () => {
  it("are known by how they begin, whatever they are called", async () => {
    const kinds = await Promise.all(
      [
        jpeg("notes.txt"),
        raw("R1.jpg"),
        file("a", "MM\0*", 0, 0, 0, 8),
        file("b", 0, 0, 0, 24, "ftypheic", 0, 0),
        file("c", 0, 0, 0, 24, "ftypisom", 0, 0),
        file("d", 0, 0, 0, 24, "ftypmp42", 0, 0),
        file("e.jpg", "Terns over the bar"),
        file("f.jpg"),
      ].map((one) => kindOf(one.file)),
    );
    expect(kinds).toEqual(["jpeg", "raw", "raw", "raw", "other", "other", "other", "other"]);
  });

  it("are taken once where a raw file has its JPEG beside it, and named where they stay", async () => {
    const told = await photographsAmong([
      jpeg("DAY1/R0001.JPG"),
      raw("DAY1/R0001.raw"),
      raw("DAY1/R0002.raw"),
      // of the same name in another folder, it is another frame
      raw("DAY2/R0001.raw"),
      file("DAY1/notes.txt", "tide at six"),
    ]);
    expect(told.taken.map((one) => one.name)).toEqual(["R0001.JPG", "R0002.raw", "R0001.raw"]);
    expect(told.beside).toEqual(["R0001.raw"]);
    expect(told.others).toEqual(["notes.txt"]);
  });

  it("are tables where no photograph is among them; notes on a card are none", async () => {
    const season = file("season.csv", "file,taken_at");
    const alone = await photographsAmong([season, file("log.JSON", "{}"), file("film.mov", "moov")]);
    expect(alone.tables.map((one) => one.name)).toEqual(["season.csv", "log.JSON"]);
    expect(alone.others).toEqual(["film.mov"]);
    const onCard = await photographsAmong([season, jpeg("R0001.JPG")]);
    expect(onCard.tables).toEqual([]);
    expect(onCard.others).toEqual(["season.csv"]);
  });

  it("are left where they are when they cannot be read any more", async () => {
    const gone = { slice: () => ({ arrayBuffer: () => Promise.reject(new Error("gone")) }) } as unknown as Blob;
    await expect(kindOf(gone)).resolves.toBe("other");
  });
});
