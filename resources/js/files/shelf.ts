/** What waits to be sent, with its bytes. */
export type Kept = { id: string; account: string; purpose: string; name: string; bytes: Blob; at: number };

/** Where files wait until the server has them, so that a reload loses none. */
export type Shelf = {
  all(account: string): Promise<Kept[]>;
  put(kept: Kept): Promise<void>;
  remove(id: string): Promise<void>;
  /** Takes away what waits of an account. */
  clear(account: string): Promise<void>;
};

const NAME = "rush-hold-uploads";
const STORE = "waiting";

const opened = (): Promise<IDBDatabase> =>
  new Promise((resolve, reject) => {
    const open = indexedDB.open(NAME, 1);
    open.onupgradeneeded = () =>
      open.result.createObjectStore(STORE, { keyPath: "id" }).createIndex("account", "account");
    open.onsuccess = () => resolve(open.result);
    open.onerror = () => reject(open.error ?? new Error("This browser keeps nothing."));
  });

const done = <T>(asked: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(asked.error ?? new Error("This browser keeps nothing."));
  });

const within = async <T>(mode: IDBTransactionMode, act: (store: IDBObjectStore) => Promise<T>): Promise<T> => {
  const database = await opened();
  try {
    return await act(database.transaction(STORE, mode).objectStore(STORE));
  } finally {
    database.close();
  }
};

/** The browser's own database. */
export const browserShelf: Shelf = {
  all: (account) => within("readonly", (store) => done(store.index("account").getAll(account) as IDBRequest<Kept[]>)),
  put: (kept) => within("readwrite", async (store) => void (await done(store.put(kept)))),
  remove: (id) => within("readwrite", async (store) => void (await done(store.delete(id)))),
  clear: (account) =>
    within("readwrite", async (store) => {
      const keys = await done(store.index("account").getAllKeys(account));
      await Promise.all(keys.map((key) => done(store.delete(key))));
    }),
};
