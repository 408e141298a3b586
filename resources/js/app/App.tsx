import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider } from "antd";
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from "react";
import { BrowserRouter, Navigate, Route, Routes } from "react-router-dom";
import { ApiProblem, request } from "../api/client";
import type { Settings, User } from "../api/types";
import { carry, forgetKept } from "../offline/kept";
import PlanRoom from "../rooms/plan/PlanRoom";
import { SignIn } from "../rooms/sign-in/SignIn";
import { antdTheme } from "../theme/antdTheme";
import { applyTheme, themes, type ThemeName } from "../theme/tokens";
import { AccountContext, boot } from "./boot";
import { Mishap } from "./Mishap";
import { Shell } from "./Shell";

const CardRoom = lazy(() => import("../rooms/card/CardRoom"));
const ControlsRoom = lazy(() => import("../rooms/controls/ControlsRoom"));
const KitRoom = lazy(() => import("../rooms/kit/KitRoom"));
const RehearseRoom = lazy(() => import("../rooms/rehearse/RehearseRoom"));
const SettingsRoom = lazy(() => import("../rooms/settings/SettingsRoom"));
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

const THEME_KEY = "rush-hold:theme";
const keptTheme = (): ThemeName => {
  const kept = localStorage.getItem(THEME_KEY);
  return kept !== null && kept in themes ? (kept as ThemeName) : "paper";
};
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? "";

export function App() {
  const [user, setUser] = useState<User | null>(boot.user);
  const theme = user?.settings.theme ?? keptTheme();

  useEffect(() => {
    applyTheme(theme);
    localStorage.setItem(THEME_KEY, theme);
  }, [theme]);

  const signed = user !== null;
  useEffect(() => (signed ? carry() : undefined), [signed]);

  const change = useCallback((settings: Partial<Settings>) => {
    setUser((now) => (now === null ? null : { ...now, settings: { ...now.settings, ...settings } }));
    const send = (): void =>
      void request<{ user: User }>("PUT", "settings", { settings }).catch((thrown: unknown) => {
        if (thrown instanceof ApiProblem && (thrown.status === 0 || thrown.status >= 500))
          window.setTimeout(send, 2000);
      });
    send();
  }, []);

  const signedIn = useCallback((next: User | null) => {
    if (next === null) {
      client.clear();
      void forgetKept();
    }
    setUser(next);
  }, []);
  const account = useMemo(() => (user === null ? null : { user, setUser: signedIn, change }), [user, signedIn, change]);

  return (
    <ConfigProvider theme={antdTheme(theme)} csp={{ nonce }} button={{ autoInsertSpace: false }}>
      <QueryClientProvider client={client}>
        <BrowserRouter>
          {window.location.pathname.startsWith("/shared/") ? (
            <Suspense fallback={<p className="note empty">One moment…</p>}>
              <Routes>
                <Route path="/shared/:token" element={<SharedCard />} />
              </Routes>
            </Suspense>
          ) : account === null ? (
            <Routes>
              <Route path="/register" element={<SignIn register onIn={signedIn} />} />
              <Route path="*" element={<SignIn onIn={signedIn} />} />
            </Routes>
          ) : (
            <AccountContext.Provider value={account}>
              <Shell>
                <Mishap>
                  <Suspense fallback={<p className="note empty">One moment…</p>}>
                    <Routes>
                      <Route path="/plan/:id?" element={<PlanRoom />} />
                      <Route path="/rehearse/:id?" element={<RehearseRoom />} />
                      <Route path="/kit/:id?" element={<KitRoom />} />
                      <Route path="/controls/:id?" element={<ControlsRoom />} />
                      <Route path="/card/:id?" element={<CardRoom />} />
                      <Route path="/settings" element={<SettingsRoom />} />
                      <Route path="*" element={<Navigate to="/plan" replace />} />
                    </Routes>
                  </Suspense>
                </Mishap>
              </Shell>
            </AccountContext.Provider>
          )}
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}
