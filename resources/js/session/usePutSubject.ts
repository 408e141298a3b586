import { useMutation } from "@tanstack/react-query";
import { request } from "../api/client";
import type { User } from "../api/types";
import { useAccount } from "./boot";
import { inTurn } from "./inTurn";

type Given = { name: string; own: User["subjects"][string] | null };

/** Keeps a subject of this account's own by its name, or lets it go (null); one write after the other. */
export const usePutSubject = () => {
  const { takeUser } = useAccount();
  return useMutation({
    mutationFn: ({ name, own }: Given) => inTurn(() => request("PUT", "subjects", { subjects: { [name]: own } })),
    onSuccess: ({ user }) => takeUser({ subjects: user.subjects }),
  });
};
