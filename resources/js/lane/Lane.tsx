import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Plan, Rush, SubjectKind, Units } from "../api/types";
import { show, step } from "../units/quantity";
import { newGesture } from "../sentence/gesture";
import { laneEnds, logScale, ticks } from "./scale";
import { Silhouette } from "./silhouettes";

type Props = {
  rush: Rush;
  kind: SubjectKind;
  closestM: number;
  plan: Plan | null;
  units: Units;
  /** The subject was moved to this distance; moves of one drag carry one gesture. */
  onMove: (distanceM: number, gesture: string) => void;
};

const HEIGHT = 122;
const AXIS = 86;
const LEFT = 48;
const RIGHT = 18;

const useWidth = (): [React.RefObject<HTMLDivElement | null>, number] => {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    if (box.current === null) return;
    const watch = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return [box, width];
};

/** The distance axis, camera at the left: what is too close, where the subject may be, what is sharp. */
export function Lane({ rush, kind, closestM, plan, units, onMove }: Props) {
  const [box, width] = useWidth();
  const [drag, setDrag] = useState<{ to: number; ends: [number, number] } | null>(null);
  const gesture = useRef("");
  const { near_m, work_m, far_m } = rush.distance;
  const distance = drag?.to ?? work_m;

  // the ends stand still while the subject is dragged, or it would run from under the finger
  const ends = useMemo(() => laneEnds(closestM, near_m, far_m), [closestM, near_m, far_m]);
  const [least, most] = drag?.ends ?? ends;
  const scale = logScale(least, most, LEFT, Math.max(LEFT + 100, width - RIGHT));
  const unit = units === "imperial" ? 0.3048 : 1;
  const x = scale.x(distance);

  const at = (event: PointerEvent): number => {
    const left = box.current?.getBoundingClientRect().left ?? 0;
    return Number(scale.metres(event.clientX - left).toPrecision(3));
  };

  const onPointerDown = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    gesture.current = newGesture("drag");
    const to = at(event);
    setDrag({ to, ends: [least, most] });
    onMove(to, gesture.current);
  };
  const onPointerMove = (event: PointerEvent): void => {
    if (drag === null) return;
    const to = at(event);
    setDrag({ ...drag, to });
    onMove(to, gesture.current);
  };
  const onPointerUp = (): void => setDrag(null);

  const onKeyDown = (event: KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key] as 1 | -1 | undefined;
    if (by === undefined) return;
    event.preventDefault();
    if (!gesture.current.startsWith("keys")) gesture.current = newGesture("keys");
    onMove(step(work_m, by, "length", units), gesture.current);
  };

  const depth = plan?.numbers.depth;
  const bandLeft = depth ? scale.x(depth.near_m) : 0;
  const bandRight = depth ? scale.x(depth.far_m ?? most) : 0;
  const sharp = depth
    ? `sharp ${show(depth.near_m, "length", units, 4)} – ${show(depth.far_m, "length", units, 4)}`
    : distance < closestM
      ? `${show(distance, "length", units)}: too close to focus`
      : "";
  const labelRight = x < width - 230;
  const hyperfocal = plan?.numbers.hyperfocal_m ?? Infinity;
  const closeX = scale.x(closestM);
  const text = `${show(distance, "length", units)} away`;

  return (
    <div ref={box} className="lane" data-testid="lane">
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          onPointerDown={onPointerDown}
          onPointerMove={onPointerMove}
          onPointerUp={onPointerUp}
          onPointerCancel={onPointerUp}
          role="group"
          aria-label="Distances from the camera"
        >
          <defs>
            <pattern id="lane-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <line x1="0" y1="0" x2="0" y2="7" className="lane-hatch" />
            </pattern>
          </defs>
          <path d={`M6 ${AXIS} v-12 h5 v-4 h9 v4 h12 v3 h10 v9 z`} className="lane-camera" />
          {closeX - LEFT > 3 && (
            <g>
              <rect
                x={LEFT}
                y={AXIS - 34}
                width={closeX - LEFT}
                height={34}
                fill="url(#lane-hatch)"
                className="lane-close"
              />
              <text
                x={Math.max(LEFT, Math.min(closeX - 4, (LEFT + closeX) / 2))}
                y={AXIS - 40}
                textAnchor={closeX - LEFT > 130 ? "middle" : "start"}
                className="lane-fail"
              >
                {closeX - LEFT > 130 || width > 600
                  ? `too close: under ${show(closestM, "length", units)}`
                  : show(closestM, "length", units)}
              </text>
            </g>
          )}
          {depth && (
            <rect
              x={Math.min(bandLeft, x - 1.5)}
              y={AXIS - 62}
              width={Math.max(3, bandRight - bandLeft)}
              height={62}
              className="lane-band"
            />
          )}
          <line x1={0} y1={AXIS} x2={width} y2={AXIS} className="lane-axis" />
          {ticks(least, most, unit).map((tick) => {
            const tx = scale.x(tick.metres);
            return (
              <g key={tick.label}>
                <line x1={tx} y1={AXIS} x2={tx} y2={AXIS + (tick.major ? 9 : 5)} className="lane-tick" />
                {tick.major && tx < width - 34 && (
                  <text x={tx} y={AXIS + 24} textAnchor="middle" className="lane-soft">
                    {tick.label}
                  </text>
                )}
              </g>
            );
          })}
          <text x={width} y={AXIS + 24} textAnchor="end" className="lane-soft">
            {units === "imperial" ? "ft" : "m"}
          </text>
          <g className="lane-range">
            <line x1={scale.x(near_m)} y1={AXIS - 9} x2={scale.x(far_m)} y2={AXIS - 9} />
            <line x1={scale.x(near_m)} y1={AXIS - 16} x2={scale.x(near_m)} y2={AXIS} />
            <line x1={scale.x(far_m)} y1={AXIS - 16} x2={scale.x(far_m)} y2={AXIS} />
          </g>
          {scale.x(far_m) - x > 150 && (
            <text x={(x + scale.x(far_m)) / 2 + 10} y={AXIS - 15} textAnchor="middle" className="lane-soft">
              where it may be
            </text>
          )}
          {hyperfocal < most && hyperfocal > least && (
            <g>
              <line x1={scale.x(hyperfocal)} y1={AXIS - 46} x2={scale.x(hyperfocal)} y2={AXIS} className="lane-mark" />
              <circle cx={scale.x(hyperfocal)} cy={AXIS - 50} r={4} className="lane-mark" />
              <text
                x={scale.x(hyperfocal)}
                y={AXIS - 60}
                textAnchor={scale.x(hyperfocal) > width - 110 ? "end" : "middle"}
                className="lane-soft"
              >
                hyperfocal {show(hyperfocal, "length", units)}
              </text>
            </g>
          )}
          {hyperfocal >= most && plan && width > 700 && (
            <text x={width} y={AXIS - 8} textAnchor="end" className="lane-soft">
              hyperfocal at {show(hyperfocal, "length", units)} →
            </text>
          )}
          <g
            className="lane-subject"
            role="slider"
            tabIndex={0}
            aria-label="Distance of the subject"
            aria-valuemin={least}
            aria-valuemax={most}
            aria-valuenow={distance}
            aria-valuetext={text}
            onKeyDown={onKeyDown}
          >
            <line
              x1={x}
              y1={AXIS - 62}
              x2={x}
              y2={AXIS}
              className={distance < closestM ? "lane-fail-line" : "lane-now"}
            />
            <rect x={x - 30} y={AXIS - 84} width={60} height={84} className="lane-grip" />
            <g transform={`translate(${x} ${AXIS - 62})`}>
              <Silhouette
                kind={kind}
                still={rush.motion.pattern === "still" || rush.motion.speed_mps < 0.3}
                className="lane-silhouette"
              />
            </g>
          </g>
          <text
            x={labelRight ? x + 38 : x - 38}
            y={AXIS - 56}
            textAnchor={labelRight ? "start" : "end"}
            className={distance < closestM ? "lane-fail lane-strong" : "lane-sharp"}
          >
            {sharp}
          </text>
        </svg>
      )}
    </div>
  );
}
