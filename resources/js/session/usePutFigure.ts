import type { SignedIn } from "../generated/answers";
import { useMutation } from "@tanstack/react-query";
import { request } from "../api/client";
import { useAccount } from "./boot";
import { inTurn } from "./inTurn";

/** Gives an assumed figure a value of this account's own, or its default back (null); one write after the other. */
export const usePutFigure = (onChanged: () => void) => {
  const { takeFigures } = useAccount();
  return useMutation({
    mutationFn: ({ name, value }: { name: string; value: number | null }) =>
      inTurn(() => request<SignedIn>("PUT", "assumptions", { assumptions: { [name]: value } })),
    onSuccess: ({ user }) => {
      takeFigures(user.assumptions);
      onChanged();
    },
  });
};
