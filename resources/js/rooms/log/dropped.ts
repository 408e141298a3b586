/** All files below what was dropped, folders walked through; hidden ones are left where they are. */
const below = async (entry: FileSystemEntry): Promise<File[]> => {
  if (entry.name.startsWith(".")) return [];
  if (entry.isFile)
    return new Promise((resolve) =>
      (entry as FileSystemFileEntry).file(
        (file) => resolve([file]),
        () => resolve([]),
      ),
    );
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const found: File[] = [];
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((resolve) => reader.readEntries(resolve, () => resolve([])));
    if (some.length === 0) return found;
    for (const one of some) found.push(...(await below(one)));
  }
};

/** What was dropped, in the order of its names. */
export const filesDropped = async (from: DataTransfer): Promise<File[]> => {
  // what is dropped can be asked for only now, before anything is waited for
  const entries = [...from.items].flatMap((item) => item.webkitGetAsEntry() ?? []);
  const loose = [...from.files];
  const found = entries.length === 0 ? loose : (await Promise.all(entries.map(below))).flat();
  return found.sort((a, b) => a.name.localeCompare(b.name, "en", { numeric: true }));
};

/** Whether a file begins as a JPEG does; what does not need not be sent to be refused. */
export const isJpeg = async (file: Blob): Promise<boolean> => {
  const start = new Uint8Array(
    await file
      .slice(0, 3)
      .arrayBuffer()
      .catch(() => new ArrayBuffer(0)),
  );
  return start[0] === 0xff && start[1] === 0xd8 && start[2] === 0xff;
};
