import { useSyncExternalStore } from "react";
import { useAccount } from "../session/boot";
import type { Upload, UploadQueue } from "./UploadQueue";

/** The queue of this account, and what of it is for one purpose. */
export const useUploads = (purpose: string): { queue: UploadQueue; uploads: Upload[] } => {
  const { uploads: queue } = useAccount();
  const all = useSyncExternalStore(queue.subscribe, queue.snapshot);
  return { queue, uploads: all.filter((one) => one.purpose === purpose) };
};
