import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useId, useState, type FormEvent } from "react";
import { request } from "../../api/client";
import { useCreation } from "../../session/creation";
import { FilePoints } from "./FilePoints";
import { freeId, type Place, type PlaceWhole, type Spot } from "./outing";
import { readPosition } from "./position";

/** The zone of this device: where it is, most places are. */
const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC";

/** A place with one spot, in the zone of this device, towards the north until somebody turns it. */
export const placeAt = (
  name: string,
  spots: { name: string; latitude_deg: number; longitude_deg: number }[],
): Place => {
  const taken: string[] = [];
  const [first] = spots;
  return {
    format: "place/1",
    name,
    latitude_deg: first!.latitude_deg,
    longitude_deg: first!.longitude_deg,
    zone: zoneHere(),
    ground: "grass",
    horizon: [],
    spots: spots.map((spot): Spot => {
      const id = freeId(taken, spot.name);
      taken.push(id);
      return { id, ...spot, bearing_deg: 0 };
    }) as Place["spots"],
  };
};

/** Makes a place from a position that is typed, or from the points of a file. */
export function FirstPlace({ onMade }: { onMade: (place: PlaceWhole) => void }) {
  const id = useId();
  const client = useQueryClient();
  const creation = useCreation();
  const [name, setName] = useState("");
  const [typed, setTyped] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const make = useMutation({
    mutationFn: (place: Place) =>
      request("POST", "places", { place, write_id: creation.writeId(JSON.stringify(place)) }),
    onSuccess: async (made) => {
      creation.done();
      await client.invalidateQueries({ queryKey: ["places"] });
      onMade(made);
    },
  });
  const send = (event: FormEvent): void => {
    event.preventDefault();
    const found = readPosition(typed);
    if ("fault" in found) return setFault(found.fault);
    if (name.trim() === "") return setFault("A place needs a name.");
    setFault(null);
    make.mutate(placeAt(name.trim(), [{ name: "First spot", ...found }]));
  };
  return (
    <form className="first-place" onSubmit={send}>
      <div className="field">
        <label htmlFor={`${id}-name`}>What the place is called</label>
        <input id={`${id}-name`} value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </div>
      <div className="field">
        <label htmlFor={`${id}-at`}>Where it is</label>
        <input
          id={`${id}-at`}
          value={typed}
          aria-describedby={`${id}-note`}
          aria-invalid={fault !== null}
          onChange={(event) => {
            setTyped(event.target.value);
            setFault(null);
          }}
        />
        <span id={`${id}-note`} className="note">
          latitude and longitude: 53.3, -6.1, or 53°18′N 6°6′W, or a geo: address pasted
        </span>
      </div>
      {(fault ?? make.error?.message) && (
        <p className="note fault" role="alert">
          {fault ?? make.error?.message}
        </p>
      )}
      <button type="submit" className="primary" disabled={make.isPending}>
        Make this place
      </button>
      <FilePoints
        words="or take its spots from a GPX or KML file"
        onPoints={(points, file) => make.mutate(placeAt(name.trim() || file, points))}
      />
    </form>
  );
}
