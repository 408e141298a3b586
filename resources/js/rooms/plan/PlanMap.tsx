import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState, type KeyboardEvent } from "react";
import { request } from "../../api/client";
import type { Rush, Units } from "../../api/types";
import { useWidth } from "../../ui/useWidth";
import { areaLetters, areaNames, type Hold } from "../../hold/hold";
import { figures, show, shutter } from "../../units/quantity";

type Cell = {
  area: Hold["area"]["pattern"];
  focus_mode: string;
  manual_technique: string | null;
  shutter_s: number;
  f_number: number;
  iso: number;
  stay: number | null;
  pace: number | null;
  score: number;
  blur_used: number;
  shortfall_stops: number;
};

type Props = {
  id: string;
  /** Changes with everything a plan rests on, so that the map follows. */
  stamp: string;
  rush: Rush;
  units: Units;
  /** Whether the rush is being deleted. */
  isLeaving: boolean;
  onMove: (distanceM: number, speedMps: number) => void;
};

/** Narrower than this, in pixels, a finger finds a cell only where fewer are shown: every so many distances and speeds. */
const NARROW = 560;
const STRIDES = { rows: 2, columns: 4 };

/** Five shades for shutters, slow to fast. */
const shades = [1 / 250, 1 / 800, 1 / 1600, 1 / 3200];
const shadeOf = (seconds: number): number => shades.filter((limit) => seconds <= limit).length;

/** A share in tenths, with a nought for hardly ever. */
const tens = (share: number): string => String(Math.min(9, Math.round(share * 10)));

const nearest = (list: number[], value: number): number =>
  list.reduce(
    (best, one, at) => (Math.abs(Math.log(one / value)) < Math.abs(Math.log(list[best]! / value)) ? at : best),
    0,
  );

/** The answer for other distances and speeds at a glance: a letter for the area, a shade for the shutter, a dot for now. */
export function PlanMap({ id, stamp, rush, units, isLeaving, onMove }: Props) {
  const grid = useRef<HTMLDivElement>(null);
  const [attach, width] = useWidth();
  const [over, setOver] = useState<[number, number] | null>(null);
  const found = useQuery({
    queryKey: ["map", id, stamp],
    enabled: !isLeaving,
    queryFn: ({ signal }) => request("GET", `rushes/${id}/map`, undefined, signal),
    placeholderData: (old) => old,
  });
  const map = found.data;
  // the map is drawn anew round what was picked, and the focus goes along with it
  useEffect(() => {
    if (grid.current?.contains(document.activeElement) === true)
      grid.current.querySelector<HTMLElement>(".map-cell.here")?.focus();
  }, [map]);
  if (!map) {
    return (
      <p className="note map-wait">{found.isError ? found.error.message : "Planning other distances and speeds…"}</p>
    );
  }
  const now: [number, number] = [
    nearest(map.speeds_mps, Math.max(0.01, rush.motion.speed_mps)),
    nearest(map.distances_m, rush.distance.work_m),
  ];
  const [row, column] = over ?? now;
  const cell = map.cells[row]?.[column];
  const stride = width > 0 && width < NARROW ? STRIDES : { rows: 1, columns: 1 };
  // the one that is now always stays
  const shown = [...map.distances_m.keys()].filter((at) => (at - now[1]) % stride.columns === 0);
  const speeds = [...map.speeds_mps.keys()].filter((at) => (at - now[0]) % stride.rows === 0);

  const go = (event: KeyboardEvent): void => {
    const by: [number, number] | undefined = {
      ArrowRight: [0, 1] as [number, number],
      ArrowLeft: [0, -1] as [number, number],
      ArrowUp: [1, 0] as [number, number],
      ArrowDown: [-1, 0] as [number, number],
    }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const to: [number, number] = [
      Math.min(speeds.at(-1)!, Math.max(speeds[0]!, row + by[0] * stride.rows)),
      Math.min(shown.at(-1)!, Math.max(shown[0]!, column + by[1] * stride.columns)),
    ];
    setOver(to);
    grid.current?.querySelector<HTMLElement>(`[data-cell="${to[0]}-${to[1]}"]`)?.focus();
  };
  // one area everywhere is said once; what differs then is how often it keeps the right thing
  const used = [...new Set(map.cells.flat().flatMap((one) => (one === null ? [] : [one.area])))];
  const sole = used.length === 1;
  const says = (speed: number, distance: number, there: Cell | null | undefined): string =>
    `${show(map.distances_m[distance]!, "length", units)}, ${show(map.speeds_mps[speed]!, "speed", units)}: ${
      there
        ? `${areaNames[there.area].toLowerCase()}, ${shutter(there.shutter_s)}${sole ? `, right ${tens(there.score)} times of 10` : ""}`
        : "too close to focus"
    }`;
  return (
    <div className="map" data-testid="map" ref={attach}>
      <div className="map-body">
        <span className="map-axis">faster ↑</span>
        <div
          ref={grid}
          className={stride.rows > 1 ? "map-grid map-few" : "map-grid"}
          role="grid"
          aria-label="Area and shutter by distance and speed"
          style={{ gridTemplateColumns: `64px repeat(${shown.length}, minmax(0, 1fr))` }}
          onPointerLeave={() => setOver(null)}
        >
          {speeds.toReversed().map((speed, upsideDown) => {
            const cells = map.cells[speed]!;
            return (
              <div key={speed} role="row" className="map-row">
                <span role="rowheader" className="map-speed">
                  {(upsideDown * stride.rows) % 2 === 0 ? show(map.speeds_mps[speed]!, "speed", units, 2) : ""}
                </span>
                {shown.map((distance) => {
                  const there = cells[distance] ?? null;
                  const here = speed === now[0] && distance === now[1];
                  return (
                    <span key={distance} role="gridcell">
                      <button
                        type="button"
                        data-cell={`${speed}-${distance}`}
                        className={`map-cell shade-${there === null ? "none" : shadeOf(there.shutter_s)}${here ? " here" : ""}`}
                        aria-label={`${says(speed, distance, there)}${here ? "; here now" : ""}`}
                        tabIndex={speed === row && distance === column ? 0 : -1}
                        onPointerEnter={() => setOver([speed, distance])}
                        onFocus={() => setOver([speed, distance])}
                        onBlur={() => setOver(null)}
                        onKeyDown={go}
                        onClick={() => onMove(map.distances_m[distance]!, map.speeds_mps[speed]!)}
                      >
                        {there === null ? "" : sole ? tens(there.score) : areaLetters[there.area]}
                      </button>
                    </span>
                  );
                })}
              </div>
            );
          })}
          <div role="row" className="map-row" aria-hidden="true">
            <span />
            {shown.map(
              (distance, at) =>
                (at * stride.columns) % 4 === 0 && (
                  <span
                    key={distance}
                    className="map-distance"
                    style={{ gridColumn: `span ${Math.min(4 / stride.columns, shown.length - at)}` }}
                  >
                    {show(map.distances_m[distance]!, "length", units, 2)}
                  </span>
                ),
            )}
          </div>
        </div>
      </div>
      <p className="map-says" aria-live="polite">
        {cell ? (
          <>
            <b>
              {show(map.distances_m[column]!, "length", units)}, {show(map.speeds_mps[row]!, "speed", units)}
            </b>
            : {areaNames[cell.area].toLowerCase()}, {shutter(cell.shutter_s)}, f/{figures(cell.f_number)}, ISO{" "}
            {cell.iso}
            {cell.stay === null ? "" : `, stay ${cell.stay}`}
            {cell.pace === null ? "" : `, pace ${cell.pace}`}. It keeps the right thing{" "}
            {cell.score < 0.01 ? "under 1" : Math.round(cell.score * 100)} % of the time
            {cell.blur_used > 1.005 ? `; blur ${Math.round(cell.blur_used * 100)} % of the limit` : ""}
            {cell.shortfall_stops > 0 ? `; ${figures(cell.shortfall_stops, 2)} stops dark` : ""}.
          </>
        ) : (
          says(row, column, cell)
        )}
      </p>
      <p className="map-key note">
        {sole ? (
          <span>
            {areaNames[used[0]!].toLowerCase()} everywhere; <b>8</b> keeps the right thing 8 times of 10
          </span>
        ) : (
          used.map((area) => (
            <span key={area}>
              <b>{areaLetters[area]}</b> {areaNames[area].toLowerCase()}
            </span>
          ))
        )}
        <span className="map-shades">
          {["slower than 1/250", "", "", "", "1/3200 or faster"].map((text, at) => (
            <span key={at}>
              <i className={`shade-${at}`} /> {text}
            </span>
          ))}
        </span>
        <span>○ now</span>
      </p>
    </div>
  );
}
