import { useEffect, useMemo, useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { Units } from "../../api/types";
import { useWidth } from "../../ui/useWidth";
import { figures } from "../../units/quantity";
import { gives, momentAt, towards, type Day, type Place } from "./outing";
import { PX_A_STEP, scaleOf, type StripScale } from "./strip";
import { StripPicture } from "./StripPicture";

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

/** A name as long as there is room for beside the bands. */
const shortened = (name: string): string => (name.length > 29 ? `${name.slice(0, 28).trimEnd()}…` : name);

/** The hours of a day from left to right: the sun, the sky, a band for each rush, how far shimmer lets one shoot, the order; and a hand. */
export function DayStrip({ day, place, units, at, picked, onAt, onPick }: Props) {
  const [attach, room, box] = useWidth();
  const gesture = useRef(false);
  const slides = useRef<HTMLDivElement>(null);
  const scale = useMemo(() => scaleOf(day, place, room), [day, place, room]);
  const { narrow, width, height, left, last, x, y, rows } = scale;
  const isPicked = (one: StripScale["rows"][number]): boolean => one.rush !== undefined && one.rush === picked;

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
  const says = `${momentAt(now.at, day)}, sun ${figures(now.apparent_deg, 2)}° ${now.apparent_deg > 0 ? "up" : "under the horizon"} in the ${towards(now.azimuth_deg)}, EV ${now.ev100.toFixed(1)}`;

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
              {rows.map((one) => (
                <span key={one.top} style={{ top: one.top }} className={isPicked(one) ? "row-name-picked" : undefined}>
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
              <StripPicture day={day} place={place} units={units} scale={scale} onPick={onPick} />
              {!narrow &&
                rows.map((one) => (
                  <text
                    key={one.top}
                    x={0}
                    y={one.top + 16}
                    className={isPicked(one) ? "row-name row-name-picked" : "row-name"}
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
        <span>the deeper a band, the more frames come out; dotted: next to none</span>
        {scale.waters.some((one) => one.spot !== null) && (
          <span>waves: nobody can stand there; a question mark: nobody knows the water</span>
        )}
      </p>
    </div>
  );
}
