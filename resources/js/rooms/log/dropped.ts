/** A file that was chosen or dropped, and where it lies. */
export interface Dropped {
  file: File;
  path: string;
}

/** All files below what was dropped, folders walked through; hidden ones are left where they are. */
const below = async (entry: FileSystemEntry): Promise<Dropped[]> => {
  if (entry.name.startsWith(".")) return [];
  if (entry.isFile)
    return new Promise((resolve) =>
      (entry as FileSystemFileEntry).file(
        (file) => resolve([{ file, path: entry.fullPath }]),
        () => resolve([]),
      ),
    );
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const found: Dropped[] = [];
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((resolve) => reader.readEntries(resolve, () => resolve([])));
    if (some.length === 0) return found;
    for (const one of some) found.push(...(await below(one)));
  }
};

export const filesChosen = (files: Iterable<File>): Dropped[] =>
  [...files].map((file) => ({ file, path: file.webkitRelativePath || file.name }));

/** What was dropped, in the order of its names. */
export const filesDropped = async (from: DataTransfer): Promise<Dropped[]> => {
  // what is dropped can be asked for only now, before anything is waited for
  const entries = [...from.items].flatMap((item) => item.webkitGetAsEntry() ?? []);
  const loose = filesChosen(from.files);
  const found = entries.length === 0 ? loose : (await Promise.all(entries.map(below))).flat();
  return found.sort((a, b) => a.file.name.localeCompare(b.file.name, "en", { numeric: true }));
};

/** What a file is by its beginning: what is neither need not be sent to be refused. */
export const kindOf = async (file: Blob): Promise<"jpeg" | "raw" | "other"> => {
  const bytes = new Uint8Array(
    await file
      .slice(0, 12)
      .arrayBuffer()
      .catch(() => new ArrayBuffer(0)),
  );
  const start = String.fromCharCode(...bytes);
  if (start.startsWith("\xff\xd8\xff")) return "jpeg";
  const isTagged = /^(II[*URO][\0OSU]|MM\0[*U]|MMOR)/.test(start);
  const isBoxes = /^[^]{4}ftyp(?!iso|mp4|avc|qt|M4|MSNV|3g)/.test(start);
  return isTagged || isBoxes ? "raw" : "other";
};

/** Whether a file may tell of frames in text: a table, or a log of another copy of this application. */
const isTable = (name: string): boolean => /\.(csv|tsv|txt|json)$/i.test(name);

const stem = (path: string): string => path.replace(/\.[^./]*$/, "").toLowerCase();

/**
 * The photographs among files: of a raw file and its JPEG beside it the JPEG; where there is none, the tables; and the names of those that
 * stay where they are.
 */
export const photographsAmong = async (
  files: Dropped[],
): Promise<{ taken: File[]; tables: File[]; beside: string[]; others: string[] }> => {
  const told = await Promise.all(files.map(async (one) => ({ ...one, kind: await kindOf(one.file) })));
  const jpegs = new Set(told.filter((one) => one.kind === "jpeg").map((one) => stem(one.path)));
  const isBeside = (one: (typeof told)[number]): boolean => one.kind === "raw" && jpegs.has(stem(one.path));
  const others = told.filter((one) => one.kind === "other").map((one) => one.file);
  // notes that lie on a card of photographs are no table of them
  const tables = others.length === told.length ? others.filter((one) => isTable(one.name)) : [];
  return {
    taken: told.filter((one) => one.kind !== "other" && !isBeside(one)).map((one) => one.file),
    tables,
    beside: told.filter(isBeside).map((one) => one.file.name),
    others: others.filter((one) => !tables.includes(one)).map((one) => one.name),
  };
};
