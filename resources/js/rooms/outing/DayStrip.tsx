import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from "react";
import { skies } from "../../generated/vocabulary";
import { useWidth } from "../../ui/useWidth";
import { figures, show } from "../../units/quantity";
import type { Units } from "../../api/types";
import { clockAt, gives, stepOf, towards, type Band, type Day, type Place } from "./outing";

type Props = {
  day: Day;
  place: Place;
  units: Units;
  /** Which moment the hand stands at. */
  at: number;
  /** Which rush is shown beneath. */
  picked: string | null;
  onAt: (moment: number) => void;
  onPick: (rush: string) => void;
};

const SKY_H = 20;
const SUN_H = 88;
const AXIS_H = 22;
/** Names stand beside their bands where there is room, else above them. */
const NAMES = 196;
/** Narrower than this, in pixels, the strip is wider than its place and slides under the hand. */
const NARROW = 560;
const PX_A_STEP = 8;

/** Tone of a sky, of five: how much of the strip's height is hatched. */
const cover: Record<string, number> = { clear: 0, hazy: 1, bright: 2, overcast: 3, heavy: 4 };

/** A name as long as there is room for beside the bands. */
const shortened = (name: string): string => (name.length > 29 ? `${name.slice(0, 28).trimEnd()}…` : name);

/** The hours of a day from left to right: the sun, the sky, a band for each rush, how far shimmer lets one shoot, the order; and a hand. */
export function DayStrip({ day, place, units, at, picked, onAt, onPick }: Props) {
  const [attach, room, box] = useWidth();
  const gesture = useRef(false);
  const slides = useRef<HTMLDivElement>(null);
  const last = day.moments.length - 1;
  const narrow = room > 0 && room < NARROW;
  const width = narrow ? last * PX_A_STEP : room;
  const left = narrow ? 0 : NAMES;
  const [rowH, bandTop] = narrow ? [40, 16] : [26, 3];
  const x = (moment: number): number => left + (moment / Math.max(1, last)) * (width - left - 2) + 1;
  const xOf = (iso: string): number => x(stepOf(day, iso));
  const hasReach = day.moments.some((one) => one.reach_m !== null);
  const hasWater = day.moments.some((one) => one.water_m !== null);

  const highest = Math.max(30, day.sun.highest_deg);
  const lowest = Math.min(-8, ...day.moments.map((one) => one.altitude_deg));
  const sunTop = SKY_H + 4;
  const y = (altitude: number): number => sunTop + ((highest - altitude) / (highest - lowest)) * (SUN_H - 8) + 4;
  const rows: { id: string; top: number }[] = [];
  let top = SKY_H + SUN_H + AXIS_H + 6;
  for (const rush of day.rushes) {
    rows.push({ id: rush.id, top });
    top += rowH;
  }
  const reachTop = top;
  if (hasReach) top += rowH;
  const waterTop = top;
  if (hasWater) top += rowH;
  const orderTop = top;
  if (day.order.stays.length > 0) top += rowH;
  const height = top + 4;
  const names: { top: number; name: string; spot?: string | undefined; picked?: boolean }[] = [
    ...day.rushes.map((rush, index) => ({
      top: rows[index]!.top,
      name: rush.name,
      spot: place.spots.find((one) => one.id === rush.spot)?.name,
      picked: rush.id === picked,
    })),
    ...(hasReach ? [{ top: reachTop, name: "how far before shimmer" }] : []),
    ...(hasWater ? [{ top: waterTop, name: "water" }] : []),
    ...(day.order.stays.length > 0 ? [{ top: orderTop, name: "the day in order" }] : []),
  ];

  const sun = day.moments.map(
    (one, step) => `${step === 0 ? "M" : "L"}${x(step).toFixed(1)} ${y(one.altitude_deg).toFixed(1)}`,
  );
  const hours = day.moments.flatMap((one, step) => (clockAt(one.at).endsWith(":00") ? [{ step, one }] : []));
  const everyHour = hours.length > 0 && (width - left) / hours.length < 46 ? 2 : 1;

  const under = (event: PointerEvent): number => {
    const from = event.currentTarget.getBoundingClientRect().left + left;
    return Math.min(last, Math.max(0, Math.round(((event.clientX - from - 1) / (width - left - 2)) * last)));
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 12, PageDown: -12 }[event.key];
    const to = event.key === "Home" ? 0 : event.key === "End" ? last : by === undefined ? null : at + by;
    if (to === null) return;
    event.preventDefault();
    onAt(Math.min(last, Math.max(0, to)));
  };
  const now = day.moments[at]!;
  // on a phone the strip slides, and the hand stays in the middle
  useEffect(() => {
    const slide = slides.current;
    if (narrow && slide !== null && Math.abs(slide.scrollLeft - at * PX_A_STEP) > PX_A_STEP)
      slide.scrollLeft = at * PX_A_STEP;
  }, [narrow, at]);
  const says = `${clockAt(now.at)}, sun ${figures(now.apparent_deg, 2)}° ${now.apparent_deg > 0 ? "up" : "under the horizon"} in the ${towards(now.azimuth_deg)}, EV ${now.ev100.toFixed(1)}`;
  const step = (width - left) / Math.max(1, last);

  const segment = (band: Band, rowTop: number) => {
    const [from, until] = [xOf(band.from), Math.min(xOf(band.until), width - 1)];
    const letters = band.gave_way.map((one) => gives[one.step]?.letter ?? "").join("");
    const lost = band.hold === null || band.share_most < 0.02;
    return (
      <g key={band.from}>
        <rect
          x={from}
          y={rowTop + bandTop}
          width={Math.max(1, until - from)}
          height={19}
          className={lost ? "band band-lost" : letters === "" ? "band band-keeps" : "band band-gives"}
          style={lost ? undefined : { fillOpacity: 0.25 + 0.75 * band.share_most }}
        />
        {letters !== "" && until - from > 9 * letters.length && (
          <text x={from + 4} y={rowTop + bandTop + 14} className="band-letters">
            {letters}
          </text>
        )}
        {letters === "" && band.hold !== null && until - from > 56 && (
          <text x={from + 4} y={rowTop + bandTop + 14} className="band-hold">
            {`1/${Math.round(1 / band.hold.shutter_s)}`}
          </text>
        )}
      </g>
    );
  };
  const most = Math.max(1, ...day.moments.map((one) => one.reach_m ?? 0));
  const reachY = (metres: number | null): number => {
    const share = metres === null ? 1 : Math.min(1, Math.log(metres / 10) / Math.log(Math.max(20, most) / 10));
    return reachTop + rowH - 3 - Math.max(0, share) * 20;
  };
  const waters = day.moments.flatMap((one) => (one.water_m === null ? [] : [one.water_m]));
  const [ebb, flood] = [Math.min(...waters), Math.max(...waters)];
  const waterY = (height_m: number): number =>
    waterTop + rowH - 3 - ((height_m - ebb) / Math.max(0.1, flood - ebb)) * 20;

  return (
    <div ref={attach} className="strip-box">
      <div
        ref={slides}
        className={narrow ? "strip-slides" : undefined}
        onScroll={(event) => {
          if (narrow) onAt(Math.min(last, Math.max(0, Math.round(event.currentTarget.scrollLeft / PX_A_STEP))));
        }}
      >
        <div className={narrow ? "strip-wide" : undefined}>
          {narrow && (
            <div className="strip-names">
              {names.map((one) => (
                <span key={one.top} style={{ top: one.top }} className={one.picked ? "row-name-picked" : undefined}>
                  <b>{one.name}</b>
                  {one.spot !== undefined && `, ${one.spot}`}
                </span>
              ))}
            </div>
          )}
          {room > 0 && (
            <svg
              className="strip"
              // half a screen to either side, so that the hand in the middle reaches the first and the last moment
              style={narrow ? { margin: `0 ${room / 2}px` } : undefined}
              width={width}
              height={height}
              viewBox={`0 0 ${width} ${height}`}
              role="group"
              aria-label="The day from left to right"
              onPointerDown={(event) => {
                if (event.button !== 0) return;
                gesture.current = true;
                if (!narrow) event.currentTarget.setPointerCapture(event.pointerId);
                onAt(under(event));
                box?.querySelector<SVGElement>(".strip-hand")?.focus();
              }}
              onPointerMove={(event) => gesture.current && event.buttons === 1 && onAt(under(event))}
              onPointerUp={() => (gesture.current = false)}
            >
              {day.moments.slice(0, -1).map((one, index) => (
                <rect
                  key={one.at}
                  x={x(index)}
                  y={SKY_H - 4 * (cover[one.sky] ?? 0)}
                  width={step + 0.5}
                  height={4 * (cover[one.sky] ?? 0)}
                  className="strip-sky"
                />
              ))}
              {day.moments.map((one, index) =>
                index === 0 || day.moments[index - 1]!.sky !== one.sky ? (
                  <text key={one.at} x={x(index) + 3} y={SKY_H + 10} className="strip-soft">
                    {skies.find((each) => each.value === one.sky)?.words}
                  </text>
                ) : null,
              )}
              <rect x={left} y={y(0)} width={width - left} height={sunTop + SUN_H - y(0)} className="strip-night" />
              {day.moments.map((one, index) =>
                one.shaded ? (
                  <line
                    key={one.at}
                    x1={x(index)}
                    y1={y(one.altitude_deg)}
                    x2={x(index)}
                    y2={y(0)}
                    className="strip-shade"
                  />
                ) : null,
              )}
              <path d={sun.join("")} className="strip-sun" />
              <line x1={left} y1={y(0)} x2={width} y2={y(0)} className="strip-rule" />
              {day.sun.events
                .filter((one) => one.kind === "rise" || one.kind === "set")
                .filter((one) => xOf(one.at) >= left && xOf(one.at) <= width)
                .map((one) => (
                  <g key={one.at}>
                    <circle cx={xOf(one.at)} cy={y(-0.83)} r={5} className="strip-event" />
                    <text
                      x={Math.min(width - 78, xOf(one.at) + 9)}
                      y={y(0) - 6}
                      className="strip-soft"
                    >{`${one.kind === "rise" ? "rises" : "sets"} ${clockAt(one.at)}`}</text>
                  </g>
                ))}
              {hours.map(({ step: hour, one }, index) => (
                <g key={one.at}>
                  <line x1={x(hour)} y1={sunTop} x2={x(hour)} y2={height} className="strip-hour" />
                  {index % everyHour === 0 && (
                    <text
                      x={Math.min(width - 18, Math.max(left + 16, x(hour)))}
                      y={SKY_H + SUN_H + 18}
                      textAnchor="middle"
                      className="strip-soft"
                    >
                      {clockAt(one.at)}
                    </text>
                  )}
                  {index % everyHour === 0 && x(hour) < width - 30 && (
                    <text x={x(hour) + 4} y={sunTop + SUN_H - 4} className="strip-ev">
                      {one.ev100.toFixed(1)}
                    </text>
                  )}
                </g>
              ))}
              {day.rushes.map((rush, index) => {
                const rowTop = rows[index]!.top;
                return (
                  <g key={rush.id} onPointerDown={() => onPick(rush.id)}>
                    <rect x={0} y={rowTop} width={width} height={rowH} className="row-hit" />
                    {rush.bands.map((band) => segment(band, rowTop))}
                  </g>
                );
              })}
              {hasReach && (
                <g>
                  <path
                    d={`${day.moments.map((one, index) => `${index === 0 ? "M" : "L"}${x(index).toFixed(1)} ${reachY(one.reach_m).toFixed(1)}`).join("")}L${width} ${reachTop + rowH - 3}L${left} ${reachTop + rowH - 3}Z`}
                    className="strip-reach"
                  />
                  {hours
                    .filter((_, index) => index % (2 * everyHour) === 0)
                    .map(({ step: hour, one }) =>
                      one.reach_m === null || x(hour) > width - 50 ? null : (
                        <text key={one.at} x={x(hour) + 4} y={reachTop + rowH - 7} className="band-hold">
                          {show(one.reach_m, "length", units, 2)}
                        </text>
                      ),
                    )}
                </g>
              )}
              {hasWater && (
                <g>
                  <path
                    d={day.moments
                      .map((one, index) =>
                        one.water_m === null ? "" : `L${x(index).toFixed(1)} ${waterY(one.water_m).toFixed(1)}`,
                      )
                      .join("")
                      .replace("L", "M")}
                    className="strip-water"
                  />
                  {day.cut_off.map((one) => (
                    <g key={`${one.spot}${one.from}`}>
                      <rect
                        x={xOf(one.from)}
                        y={waterTop + bandTop}
                        width={Math.max(2, xOf(one.until) - xOf(one.from))}
                        height={22}
                        className="band-lost band"
                      />
                      <text x={xOf(one.from) + 4} y={waterTop + bandTop + 13} className="band-letters">
                        {place.spots.find((spot) => spot.id === one.spot)?.name} cut off
                      </text>
                    </g>
                  ))}
                </g>
              )}
              {day.order.stays.length > 0 && (
                <g>
                  {day.order.stays.map((one) => {
                    const [from, until] = [xOf(one.from), xOf(one.until)];
                    const name = until - from < 60 ? "" : (day.rushes.find((rush) => rush.id === one.rush)?.name ?? "");
                    return (
                      <g key={one.from}>
                        <rect
                          x={from}
                          y={orderTop + bandTop}
                          width={Math.max(2, until - from - 1)}
                          height={20}
                          className="stay"
                        />
                        <clipPath id={`stay-${stepOf(day, one.from)}`}>
                          <rect x={from} y={orderTop + bandTop} width={Math.max(2, until - from - 4)} height={20} />
                        </clipPath>
                        <text
                          x={from + 5}
                          y={orderTop + bandTop + 14}
                          className="stay-name"
                          clipPath={`url(#stay-${stepOf(day, one.from)})`}
                        >
                          {name}
                        </text>
                      </g>
                    );
                  })}
                </g>
              )}
              {!narrow &&
                names.map((one) => (
                  <text
                    key={one.top}
                    x={0}
                    y={one.top + 16}
                    className={one.picked ? "row-name row-name-picked" : "row-name"}
                  >
                    {shortened(one.name)}
                  </text>
                ))}
              <g
                className="strip-hand"
                role="slider"
                tabIndex={0}
                aria-label="Moment of the day"
                aria-valuemin={0}
                aria-valuemax={last}
                aria-valuenow={at}
                aria-valuetext={says}
                onKeyDown={onKeyDown}
              >
                <line x1={x(at)} y1={0} x2={x(at)} y2={height} />
                <rect x={x(at) - 11} y={y(now.altitude_deg) - 11} width={22} height={22} className="strip-grip" />
                <circle cx={x(at)} cy={y(now.altitude_deg)} r={7} />
              </g>
            </svg>
          )}
        </div>
      </div>
      <p className="strip-key note">
        {[...new Set(day.rushes.flatMap((rush) => rush.bands.flatMap((band) => band.gave_way.map((one) => one.step))))]
          .filter((one) => gives[one] !== undefined)
          .map((one) => (
            <span key={one}>
              <b>{gives[one]!.letter}</b> {gives[one]!.words}
            </span>
          ))}
        <span>the deeper a band, the more frames come out; hatched: next to none</span>
      </p>
    </div>
  );
}
