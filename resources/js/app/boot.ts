import { createContext, useContext } from "react";
import type { Boot, Settings, SubjectKind, User } from "../api/types";

/** What the page brought along: who is signed in, and the catalogue of subjects. */
export const boot: Boot = JSON.parse(document.getElementById("boot")?.textContent ?? "{}") as Boot;

export type Account = {
  user: User;
  setUser: (user: User | null) => void;
  change: (settings: Partial<Settings>) => void;
};

export const AccountContext = createContext<Account | null>(null);

/** The account that is signed in; only inside rooms. */
export const useAccount = (): Account => {
  const account = useContext(AccountContext);
  if (account === null) throw new Error("No account: this room is only for who is signed in.");
  return account;
};

export const useCatalogue = (): SubjectKind[] => boot.catalogue;
