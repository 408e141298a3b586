import { useMutation } from "@tanstack/react-query";
import { useRef } from "react";
import { request } from "../../api/client";
import type { PlacePoints } from "../../generated/answers";

/** Longest file that is sent, in bytes. */
const LARGEST = 1_500_000;

type Props = { words: string; onPoints: (points: PlacePoints["points"], name: string) => void };

/** Takes a GPX or KML file and gives its points; what cannot be read says why, and nothing is changed. */
export function FilePoints({ words, onPoints }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const read = useMutation({
    mutationFn: async (file: File) => {
      if (file.size > LARGEST)
        throw new Error(
          `“${file.name}” is ${(file.size / 1e6).toFixed(1)} MB long; a file of at most 1.5 MB is read. Export the waypoints alone.`,
        );
      return request("POST", "places/read", { text: await file.text() });
    },
    onSuccess: ({ points }, file) => onPoints(points, file.name.replace(/\.[a-z]+$/i, "")),
    onSettled: () => {
      if (input.current !== null) input.current.value = "";
    },
  });
  return (
    <p className="file-points">
      <button type="button" className="text-button" disabled={read.isPending} onClick={() => input.current?.click()}>
        {words}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".gpx,.kml,application/gpx+xml,application/xml,text/xml"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) read.mutate(file);
        }}
      />
      {read.isPending && <span className="note"> Reading…</span>}
      {read.isSuccess && (
        <span className="note" role="status">
          {" "}
          {read.data.points.length} taken
          {read.data.left_out > 0 ? `, ${read.data.left_out} left out: no place on earth, or too many` : ""}
        </span>
      )}
      {read.isError && (
        <span className="note fault" role="alert">
          {" "}
          {read.error.message}
        </span>
      )}
    </p>
  );
}
