import { memo } from "react";
import type { Units } from "../../api/types";
import { skies } from "../../generated/vocabulary";
import { show } from "../../units/quantity";
import { clockAt, dayAt, gives, stepOf, type Band, type Day, type Place } from "./outing";
import { waves, WaterRow } from "./WaterRow";
import { SKY_H, SUN_H, type StripScale } from "./strip";

type Props = { day: Day; place: Place; units: Units; scale: StripScale; onPick: (rush: string) => void };

/** What the sun does, as the strip says it. */
const events: Record<string, string> = {
  rise: "rises",
  set: "sets",
  over: "comes over the ridge",
  behind: "goes behind the ridge",
};

/** Tone of a sky, of five: how much of the strip's height is hatched. */
const cover: Record<string, number> = { clear: 0, hazy: 1, bright: 2, overcast: 3, heavy: 4 };

/** Steps of a rush in which nobody can stand at its spot, from and until. */
const shutRuns = (rush: Day["rushes"][number]): [number, number][] => {
  const runs: [number, number][] = [];
  rush.along.forEach((one, number) => {
    if (one === null || one.stands) return;
    const at = (rush.first ?? 0) + number;
    const last = runs.at(-1);
    if (last !== undefined && last[1] === at) last[1] = at + 1;
    else runs.push([at, at + 1]);
  });
  return runs;
};

/** As many whole words of a name as there is room for. */
const fitting = (name: string, room: number): string =>
  name
    .split(" ")
    .reduce((kept, word) => (7.4 * (kept.length + 1 + word.length) <= room ? `${kept} ${word}`.trim() : kept), "");

/** All of a day strip that stays while the hand moves: sun, sky, bands, shimmer, water, order. */
export const StripPicture = memo(function StripPicture({ day, place, units, scale, onPick }: Props) {
  const { width, height, left, rowH, bandTop, sunTop, x, xOf, y, rows } = scale;
  const { hasReach, waters, reachTop, orderTop } = scale;
  const hours = day.moments.flatMap((one, step) => (clockAt(one.at).endsWith(":00") ? [{ step, one }] : []));
  const isMidnight = (iso: string): boolean => clockAt(iso) === "00:00" && dayAt(iso, day) !== "";
  const everyHour = hours.length > 0 && (width - left) / hours.length < 46 ? 2 : 1;
  const step = (width - left) / Math.max(1, scale.last);
  const sun = day.moments.map(
    (one, at) => `${at === 0 ? "M" : "L"}${x(at).toFixed(1)} ${y(one.altitude_deg).toFixed(1)}`,
  );
  /** Of the sun at a moment between two steps, near enough to draw. */
  const altitudeAt = (iso: string): number =>
    day.moments[Math.min(scale.last, Math.max(0, Math.round(stepOf(day, iso))))]!.altitude_deg;
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
  return (
    <>
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
          <line key={one.at} x1={x(index)} y1={y(one.altitude_deg)} x2={x(index)} y2={y(0)} className="strip-shade" />
        ) : null,
      )}
      <path d={sun.join("")} className="strip-sun" />
      <line x1={left} y1={y(0)} x2={width} y2={y(0)} className="strip-rule" />
      {day.sun.events
        .filter((one) => events[one.kind] !== undefined)
        .filter((one) => xOf(one.at) >= left && xOf(one.at) <= width)
        .map((one) => (
          <g key={one.at}>
            <circle cx={xOf(one.at)} cy={y(altitudeAt(one.at))} r={5} className="strip-event" />
            <text
              x={Math.min(width - 100, xOf(one.at) + 9)}
              y={one.kind === "over" || one.kind === "behind" ? y(altitudeAt(one.at)) + 20 : y(0) - 6}
              className="strip-soft"
            >{`${events[one.kind]} ${clockAt(one.at)}`}</text>
          </g>
        ))}
      {hours.map(({ step: hour, one }, index) => (
        <g key={one.at}>
          <line
            x1={x(hour)}
            y1={sunTop}
            x2={x(hour)}
            y2={height}
            className={isMidnight(one.at) ? "strip-hour strip-midnight" : "strip-hour"}
          />
          {isMidnight(one.at) && x(hour) < width - 60 && (
            <text x={x(hour) + 5} y={sunTop + 26} className="strip-soft">
              next day
            </text>
          )}
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
              {`${index === 0 ? "EV " : ""}${one.ev100.toFixed(1)}`}
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
            {rush.first === null && (
              <text x={left + 4} y={rowTop + bandTop + 14} className="strip-soft">
                its hours lie outside of yours
              </text>
            )}
            {shutRuns(rush).map(([from, until]) => (
              <path
                key={from}
                d={waves(x(from), Math.min(x(until), width - 1), rowTop + bandTop + 4, 3)}
                className="strip-shut"
              />
            ))}
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
      {waters.map((one) => (
        <WaterRow key={one.top} day={day} place={place} scale={scale} top={one.top} spot={one.spot} />
      ))}
      {day.order.stays.length > 0 && (
        <g>
          {day.order.stays.map((one) => {
            const [from, until] = [xOf(one.from), xOf(one.until)];
            const name = fitting(day.rushes.find((rush) => rush.id === one.rush)?.name ?? "", until - from - 10);
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
    </>
  );
});
