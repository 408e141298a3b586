import { createContext, useContext } from "react";
import type { Boot, Settings, SubjectKind, User } from "../api/types";
import type { UploadQueue } from "../files/UploadQueue";
import type { Outbox } from "./Outbox";

/** What the page brought along: who is signed in, and the catalogue of subjects. */
export const boot: Boot = JSON.parse(document.getElementById("boot")?.textContent ?? "{}") as Boot;

export type Account = {
  user: User;
  /** What was told on this device and has not arrived yet. */
  outbox: Outbox;
  /** Files on their way to the server. */
  uploads: UploadQueue;
  /** Changes settings; they are sent as soon as they can be. */
  change: (settings: Partial<Settings>) => void;
  /** Takes what is told of the account as the server has it now. */
  takeUser: (kept: Partial<Pick<User, "assumptions" | "learnt" | "subjects" | "is_filled">>) => void;
  /** The account is gone from this page: signed out, or deleted. */
  gone: () => void;
};

export const AccountContext = createContext<Account | null>(null);

/** The account that is signed in; only inside rooms. */
export const useAccount = (): Account => {
  const account = useContext(AccountContext);
  if (account === null) throw new Error("No account: this room is only for who is signed in.");
  return account;
};

export const useCatalogue = (): SubjectKind[] => boot.catalogue;
