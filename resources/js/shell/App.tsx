import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StyleProvider } from "@ant-design/cssinjs";
import { ConfigProvider } from "antd";
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from "react";
import { BrowserRouter, Navigate, Route, Routes, useLocation } from "react-router-dom";
import { ApiProblem } from "../api/client";
import type { Settings, User } from "../api/types";
import { carry, forgetOfflineCopy } from "../offline/copy";
import { browserShelf } from "../files/shelf";
import { sendFile } from "../files/sendFile";
import { UploadQueue } from "../files/UploadQueue";
import { OthersWork } from "../rooms/sign-in/OthersWork";
import { Forgotten, NewPassword } from "../rooms/sign-in/Password";
import { SignIn } from "../rooms/sign-in/SignIn";
import { onFilling, onLost, setAccountKey } from "../session/account";
import { setFigures } from "../session/figures";
import { leaving } from "../session/leaving";
import { Outbox, waitingSettings } from "../session/Outbox";
import { unsentOfOthers } from "../session/unsent";
import { antdTheme } from "../theme/antdTheme";
import { keepTheme, keptTheme, THEME_KEY, themeHere } from "../theme/here";
import { applyTheme } from "../theme/tokens";
import { arrivedIn } from "./arrived";
import { AccountContext, boot } from "../session/boot";
import { ErrorBoundary } from "../ui/ErrorBoundary";
import { rooms, views } from "./rooms";
import { Shell } from "./Shell";

const SettingsRoom = lazy(() => import("../rooms/settings/SettingsRoom"));
const WordsRoom = lazy(() => import("../rooms/words/WordsRoom"));
const Filling = lazy(() => import("../rooms/settings/Filling"));
const SharedCard = lazy(() => import("../rooms/card/SharedCard"));

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 15_000,
      // keep asking while the server or its store is away; anything else is an answer
      retry: (count, thrown) =>
        count < 30 && thrown instanceof ApiProblem && (thrown.status === 0 || thrown.status >= 500),
      retryDelay: (count) => Math.min(500 * 2 ** count, 4000),
    },
  },
});

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? "";

const arrived = arrivedIn(client);

/** Tells the other pages of this browser whose it is now, so that none goes on showing somebody else's. */
const IN_KEY = "rush-hold:in";

/** An account with what this device has set for it and not yet sent. */
const asSet = (user: User): User => {
  const settings = { ...user.settings, ...waitingSettings(user.key) };
  return { ...user, settings: { ...settings, theme: themeHere(user.key, settings.theme) } };
};

const atStart = (): User | null => {
  const user = boot.user;
  // who has signed out without a line is out, whatever the server still thinks
  if (user !== null && leaving() === user.key) return null;
  if (user === null || leaving() !== user.key) localStorage.removeItem("rush-hold:leaving");
  return user === null ? null : asSet(user);
};

/** From what is no room: to what was asked for before the door, or to the first room. */
function Onward() {
  const { state } = useLocation();
  return <Navigate to={(state as { asked?: string } | null)?.asked ?? "/plan"} replace />;
}

export function App() {
  const [user, setUser] = useState<User | null>(atStart);
  const [asking, setAsking] = useState<User | null>(null);
  const key = user?.key ?? null;
  setAccountKey(key);
  setFigures(user?.assumptions ?? {});
  const outbox = useMemo(() => (key === null ? null : new Outbox(key, arrived)), [key]);
  const uploads = useMemo(() => (key === null ? null : new UploadQueue(key, browserShelf, sendFile)), [key]);
  const theme = user?.settings.theme ?? keptTheme();

  useEffect(() => {
    applyTheme(theme);
    keepTheme(theme, key);
  }, [theme, key]);

  useEffect(() => {
    localStorage.setItem(IN_KEY, key ?? "");
    if (key === null) {
      void forgetOfflineCopy();
      return;
    }
    const stop = [
      carry(key),
      outbox?.start(),
      uploads?.start(),
      // what is kept for signing out, or for another account, is nobody's to find
      onLost(() => void forgetOfflineCopy()),
      onFilling(() => setUser((now) => (now === null ? null : { ...now, is_filled: true }))),
    ];
    const elsewhere = (event: StorageEvent): void => {
      if (event.key === IN_KEY && event.newValue !== key) window.location.reload();
      // a device is lit one way in all of its pages
      if (event.key === THEME_KEY) {
        setUser((now) => (now === null ? null : { ...now, settings: { ...now.settings, theme: keptTheme() } }));
      }
    };
    window.addEventListener("storage", elsewhere);
    return () => {
      for (const end of stop) end?.();
      window.removeEventListener("storage", elsewhere);
    };
  }, [key, outbox, uploads]);

  const change = useCallback(
    (settings: Partial<Settings>) => {
      setUser((now) => (now === null ? null : { ...now, settings: { ...now.settings, ...settings } }));
      outbox?.settings(settings);
    },
    [outbox],
  );
  const takeUser = useCallback(
    (kept: Partial<User>) => setUser((now) => (now === null ? null : { ...now, ...kept })),
    [],
  );
  const gone = useCallback(() => {
    client.clear();
    setUser(null);
  }, []);
  const signedIn = useCallback((next: User) => {
    client.clear();
    // nothing of another account stays on this device, but nothing of it is thrown away unasked
    if (unsentOfOthers(next.key) > 0) setAsking(next);
    else setUser(asSet(next));
  }, []);
  const account = useMemo(
    () =>
      user === null || outbox === null || uploads === null
        ? null
        : {
            user,
            outbox,
            uploads,
            change,
            takeUser,
            gone,
          },
    [user, outbox, uploads, change, takeUser, gone],
  );

  return (
    <StyleProvider layer>
      <ConfigProvider theme={antdTheme(theme)} csp={{ nonce }} button={{ autoInsertSpace: false }}>
        <QueryClientProvider client={client}>
          <BrowserRouter>
            {window.location.pathname.startsWith("/shared/") ? (
              <Suspense fallback={<p className="note empty">One moment…</p>}>
                <Routes>
                  <Route path="/shared/:token" element={<SharedCard />} />
                </Routes>
              </Suspense>
            ) : asking !== null ? (
              <OthersWork
                account={asking.key}
                onDone={() => {
                  setUser(asSet(asking));
                  setAsking(null);
                }}
              />
            ) : account === null ? (
              <Routes>
                <Route path="/register" element={<SignIn register onIn={signedIn} />} />
                <Route path="/forgotten" element={<Forgotten />} />
                <Route path="/reset/:token" element={<NewPassword />} />
                <Route path="*" element={<SignIn onIn={signedIn} />} />
              </Routes>
            ) : (
              <AccountContext.Provider value={account}>
                {account.user.is_filled ? (
                  <Suspense fallback={<p className="note empty">One moment…</p>}>
                    <Filling />
                  </Suspense>
                ) : (
                  <Shell>
                    <ErrorBoundary>
                      <Suspense fallback={<p className="note empty">One moment…</p>}>
                        <Routes>
                          {rooms.map((room) => {
                            const View = views[room.id]!;
                            return <Route key={room.id} path={`/${room.id}/:id?`} element={<View />} />;
                          })}
                          <Route path="/settings" element={<SettingsRoom />} />
                          <Route path="/words" element={<WordsRoom />} />
                          <Route path="*" element={<Onward />} />
                        </Routes>
                      </Suspense>
                    </ErrorBoundary>
                  </Shell>
                )}
              </AccountContext.Provider>
            )}
          </BrowserRouter>
        </QueryClientProvider>
      </ConfigProvider>
    </StyleProvider>
  );
}
