// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, configure, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router-dom";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { LogState } from "../../resources/js/generated/answers";
import { UploadQueue } from "../../resources/js/files/UploadQueue";
import { Intake } from "../../resources/js/rooms/log/Intake";
import { AccountContext, type Account } from "../../resources/js/session/boot";

configure({ asyncUtilTimeout: 20_000 });

const JPEG = new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 1, 2]);

let intake: Partial<NonNullable<LogState["intake"]>> | null;
let demo: LogState["demo"];
let asked: number;
/** Lets the file that waits to be sent arrive. */
let arrives: () => void;

beforeEach(() => {
  intake = demo = null;
  asked = 0;
  // turns of tabs are never given where there is no browser
  Object.defineProperty(navigator, "locks", {
    configurable: true,
    value: { request: (_: string, act: () => unknown) => act() },
  });
  vi.stubGlobal("fetch", async (address: string) => {
    if (address.endsWith("log/intake")) asked += 1;
    const answer = address.endsWith("log/intake") ? { intake, demo, undo: null, redo: null } : { table: null };
    return new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } });
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const opened = (): void => {
  const kept = {
    all: async () => [],
    put: async () => undefined,
    remove: async () => undefined,
    clear: async () => undefined,
  };
  const sent = new Promise<void>((done) => (arrives = done));
  const uploads = new UploadQueue("ada", kept, async () => {
    await sent;
    return null;
  });
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  render(
    <AccountContext.Provider value={{ uploads } as Account}>
      <QueryClientProvider client={client}>
        <MemoryRouter>
          <Intake known={null} demo={demo} />
        </MemoryRouter>
      </QueryClientProvider>
    </AccountContext.Provider>,
  );
};

const bring = async (): Promise<void> => {
  opened();
  const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });
  await user.upload(screen.getByLabelText("Photographs"), new File([JPEG], "a.jpg", { type: "image/jpeg" }));
  await screen.findByText("a.jpg");
};

it("tells of a photograph that was read before anybody asked again", async () => {
  await bring();
  // once because something is on its way, once because it was added; the next time would be later
  await vi.waitFor(() => expect(asked).toBeGreaterThan(1));
  await new Promise((rest) => setTimeout(rest, 100));
  // it arrives, is read and refused at once, between two times that it is asked
  intake = {
    id: "r1",
    status: "done",
    done: 1,
    more: 0,
    refused: [{ name: "a.jpg", why: "It is no photograph." }],
  };
  arrives();
  await screen.findByText(/could not be taken in/u);
});

it("says how far the demo’s own photographs are, and that they broke off", async () => {
  demo = { done: 12, whole: 44, broke_off: false };
  opened();
  await screen.findByText(/still being photographed: 12 of 44/u);
  demo = { ...demo, broke_off: true };
  await screen.findByText("The demo has 12 of 44 photographs");
});
