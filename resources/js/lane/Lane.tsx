import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Plan, Rush, SubjectKind, Units } from "../api/types";
import { useWidth } from "../ui/useWidth";
import { limiterText } from "../hold/hold";
import { newGesture } from "../autosave/gesture";
import { hasObstacles, obstacleAt } from "../sentence/surroundings";
import { figures, show, step } from "../units/quantity";
import { laneEnds, logScale, placedTips, type Scale } from "./scale";
import { fitted, shapeOf, Silhouette } from "./silhouettes";
import { Ticks } from "./Ticks";

export type Grip = "work" | "near" | "far" | "obstacle";

type Props = {
  rush: Rush;
  kind: SubjectKind;
  closestM: number;
  plan: Plan | null;
  units: Units;
  /** Something was moved to this distance; moves of one drag carry one gesture. Absent, nothing can be moved. */
  onMove?: (grip: Grip, distanceM: number, gesture: string) => void;
};

const HEIGHT = 128;
const AXIS = 92;
const LEFT = 48;
const RIGHT = 18;
const TOP = 20;

const gripNames: Record<Grip, string> = {
  work: "Distance of the subject",
  near: "Nearest it may come",
  far: "Farthest it may be",
  obstacle: "Distance of what is in front",
};

/** The distance axis, camera at the left: what is too close, where things stand, what is sharp, where the answer changes. */
export function Lane({ rush, kind, closestM, plan, units, onMove }: Props) {
  const [attach, width, box] = useWidth();
  const [drag, setDrag] = useState<{ grip: Grip; to: number; ends: [number, number] } | null>(null);
  const gesture = useRef("");
  const { near_m, work_m, far_m } = rush.distance;
  const obstacles = hasObstacles(rush);
  // a thumb is wider than an arrow
  const grasp = width < 500 ? 44 : 24;
  const now: Record<Grip, number> = {
    work: work_m,
    near: near_m,
    far: far_m,
    obstacle: obstacleAt(rush),
  };
  const where = (grip: Grip): number => (drag?.grip === grip ? drag.to : now[grip]);
  const distance = where("work");

  // the ends stand still while something is dragged, or it would run from under the finger
  const ends = useMemo(() => laneEnds(closestM, near_m, far_m), [closestM, near_m, far_m]);
  const [least, most] = drag?.ends ?? ends;
  const scale = logScale(least, most, LEFT, Math.max(LEFT + 100, width - RIGHT));
  const x = scale.x(distance);

  const under = (event: PointerEvent): number => {
    const left = box?.getBoundingClientRect().left ?? 0;
    return Number(scale.metres(event.clientX - left).toPrecision(3));
  };
  const onPointerDown = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.button !== 0 || onMove === undefined) return;
    const grip = ((event.target as Element).closest("[data-grip]")?.getAttribute("data-grip") ?? "work") as Grip;
    event.currentTarget.setPointerCapture(event.pointerId);
    gesture.current = newGesture(`drag-${grip}`);
    const to = under(event);
    setDrag({ grip, to, ends: [least, most] });
    onMove(grip, to, gesture.current);
  };
  const onPointerMove = (event: PointerEvent): void => {
    if (drag === null || onMove === undefined) return;
    const to = under(event);
    setDrag({ ...drag, to });
    onMove(drag.grip, to, gesture.current);
  };
  const onKeyDown =
    (grip: Grip) =>
    (event: KeyboardEvent): void => {
      const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key] as 1 | -1 | undefined;
      if (by === undefined || onMove === undefined) return;
      event.preventDefault();
      if (!gesture.current.startsWith(`keys-${grip}`)) gesture.current = newGesture(`keys-${grip}`);
      onMove(grip, step(now[grip], by, "length", units), gesture.current);
    };
  const slider = (grip: Grip): Record<string, unknown> =>
    onMove === undefined
      ? {}
      : {
          "data-grip": grip,
          role: "slider",
          tabIndex: 0,
          "aria-label": gripNames[grip],
          "aria-valuemin": least,
          "aria-valuemax": most,
          "aria-valuenow": where(grip),
          "aria-valuetext": `${show(where(grip), "length", units)} away`,
          onKeyDown: onKeyDown(grip),
        };

  const depth = plan?.numbers.depth;
  const sharp = depth
    ? `sharp ${show(depth.near_m, "length", units, 4)} – ${show(depth.far_m, "length", units, 4)}`
    : distance < closestM
      ? `${show(distance, "length", units)}: too close to focus`
      : "";
  const tips = useMemo(
    () => (plan === null || width < 500 ? [] : placedTips(plan.tipping, scale)),
    // the scale follows from its ends and the width
    // oxlint-disable-next-line react-hooks/exhaustive-deps
    [plan, least, most, width],
  );
  const labelRight = x < width - 230;
  const shape = shapeOf(kind, plan?.pane.posture ?? null, plan?.pane.end_on);
  const mark = fitted(shape, 54, 34);
  const members = groupAt(rush);

  return (
    <div ref={attach} className="lane" data-testid="lane">
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          onPointerDown={onPointerDown}
          onPointerMove={onPointerMove}
          onPointerUp={() => setDrag(null)}
          onPointerCancel={() => setDrag(null)}
          role="group"
          aria-label="Distances from the camera"
        >
          <defs>
            <pattern id="lane-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <line x1="0" y1="0" x2="0" y2="7" className="lane-hatch" />
            </pattern>
          </defs>
          <path d={`M6 ${AXIS} v-12 h5 v-4 h9 v4 h12 v3 h10 v9 z`} className="lane-camera" />
          <TooClose scale={scale} closestM={closestM} width={width} units={units} />
          <Behind rush={rush} scale={scale} most={most} units={units} width={width} />
          {depth && (
            <rect
              x={Math.min(scale.x(depth.near_m), x - 1.5)}
              y={AXIS - 52}
              width={Math.max(3, scale.x(depth.far_m ?? most) - scale.x(depth.near_m))}
              height={52}
              className="lane-band"
            />
          )}
          <line x1={0} y1={AXIS} x2={width} y2={AXIS} className="lane-axis" />
          <Ticks scale={scale} units={units} width={width} axis={AXIS} />
          <Shimmer plan={plan} scale={scale} most={most} units={units} width={width} />
          {plan !== null && <Limiter range={plan.hold.limiter_m} scale={scale} units={units} />}
          {tips.map((tip) => (
            <g key={`${tip.direction}${tip.metres}`} className="lane-tip">
              <line x1={tip.x} y1={TOP + 3} x2={tip.x} y2={AXIS} />
              <circle cx={tip.x} cy={TOP} r={3.5} />
              {tip.text !== "" && (
                <text x={tip.textX} y={TOP - 7}>
                  {tip.text}
                </text>
              )}
            </g>
          ))}
          <g className="lane-range">
            <line x1={scale.x(where("near"))} y1={AXIS - 9} x2={scale.x(where("far"))} y2={AXIS - 9} />
            {(["near", "far"] as const).map((grip) => (
              <g key={grip} className="lane-handle" {...slider(grip)}>
                <rect
                  x={scale.x(where(grip)) - grasp / 2}
                  y={AXIS - 30}
                  width={grasp}
                  height={grasp + 10}
                  className="lane-grip"
                />
                <line x1={scale.x(where(grip))} y1={AXIS - 18} x2={scale.x(where(grip))} y2={AXIS} />
              </g>
            ))}
          </g>
          {scale.x(far_m) - x > 150 && width > 600 && behindFrom(rush) > far_m && (
            <text x={(x + scale.x(far_m)) / 2 + 10} y={AXIS - 15} textAnchor="middle" className="lane-soft">
              where it may be
            </text>
          )}
          {plan?.hand?.trap && plan.hold.manual_technique === "trap" && (
            <TrapMark trap={plan.hand.trap} scale={scale} units={units} />
          )}
          {obstacles && (
            <g className="lane-handle lane-obstacle" {...slider("obstacle")}>
              <rect
                x={scale.x(where("obstacle")) - grasp / 2 - 2}
                y={AXIS - 50}
                width={grasp + 4}
                height={52}
                className="lane-grip"
              />
              <path
                d={[-5, 0, 5]
                  .map(
                    (dx, at) =>
                      `M${scale.x(where("obstacle")) + dx} ${AXIS}v${[-30, -40, -26][at]}m0 8l${at % 2 === 0 ? 4 : -4} -5`,
                  )
                  .join("")}
              />
            </g>
          )}
          <g className="lane-subject" {...slider("work")}>
            <line
              x1={x}
              y1={AXIS - 52}
              x2={x}
              y2={AXIS}
              className={distance < closestM ? "lane-fail-line" : "lane-now"}
            />
            <rect x={x - 30} y={AXIS - 70} width={60} height={70} className="lane-grip" />
            {members.map((metres) => (
              <line key={metres} x1={scale.x(metres)} y1={AXIS - 5} x2={scale.x(metres)} y2={AXIS + 5} />
            ))}
            <Silhouette
              shape={shape}
              box={{ x: x - mark.width / 2, y: AXIS - 50 - mark.height / 2, ...mark }}
              className="lane-silhouette"
            />
          </g>
          <text
            x={labelRight ? x + 38 : x - 38}
            y={AXIS - 44}
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

/** Where each one of a group stands when they are spread evenly; no more marks than can be told apart. */
const groupAt = (rush: Rush): number[] => {
  const { count, depth_spread_m: spread } = rush.subject;
  if (count < 2 || spread <= 0) return [];
  const shown = Math.min(count, 12);
  return Array.from({ length: shown }, (_, at) =>
    Math.max(0.05, rush.distance.work_m - spread / 2 + (spread * at) / (shown - 1)),
  );
};

function TooClose({ scale, closestM, width, units }: { scale: Scale; closestM: number; width: number; units: Units }) {
  const closeX = scale.x(closestM);
  const wide = closeX - LEFT > 130;
  if (closeX - LEFT <= 3) return null;
  return (
    <g>
      <rect x={LEFT} y={AXIS - 34} width={closeX - LEFT} height={34} fill="url(#lane-hatch)" className="lane-close" />
      {(wide || width > 600) && (
        <text
          x={wide ? (LEFT + closeX) / 2 : LEFT}
          y={AXIS - 40}
          textAnchor={wide ? "middle" : "start"}
          className="lane-fail"
        >
          too close: under {show(closestM, "length", units)}
        </text>
      )}
    </g>
  );
}

/** Where the background begins, in metres; a clean one is nowhere. */
const behindFrom = ({ clutter, distance }: Rush): number =>
  clutter.background === "clean" ? Infinity : distance.work_m + clutter.background_gap_m;

/** The background, where it begins; with more gap than the strip holds it is told at the end. */
function Behind(props: { rush: Rush; scale: Scale; most: number; units: Units; width: number }) {
  const { rush, scale, most, units, width } = props;
  const metres = behindFrom(rush);
  if (metres >= most) return null;
  const from = scale.x(metres);
  return (
    <g className="lane-behind">
      <path
        d={Array.from(
          { length: Math.max(1, Math.floor((width - from) / 16)) },
          (_, at) => `M${from + at * 16 + 2} ${AXIS}q6 -${14 + ((at * 7) % 11)} 12 0`,
        ).join("")}
      />
      {width - from > 150 && (
        <text x={from + 2} y={AXIS - 20} className="lane-soft">
          background {show(metres, "length", units)}
        </text>
      )}
    </g>
  );
}

/** Beyond what distance the trembling of the air alone takes all that may blur. */
function Shimmer(props: { plan: Plan | null; scale: Scale; most: number; units: Units; width: number }) {
  const { plan, scale, most, units, width } = props;
  const metres = plan?.numbers.shimmer_reach_m ?? null;
  if (metres === null || metres >= most) return null;
  const x = Math.max(LEFT, scale.x(metres));
  const left = width - x < 150;
  return (
    <g className="lane-shimmer">
      <path
        d={Array.from(
          { length: Math.max(1, Math.floor((width - x) / 24)) },
          (_, at) => `M${x + at * 24} ${AXIS - 6}c4 -5 8 5 12 0s8 -5 12 0`,
        ).join("")}
      />
      <text x={left ? x - 4 : x} y={AXIS - 62} textAnchor={left ? "end" : "start"} className="lane-soft">
        shimmer beyond {show(metres, "length", units, 2)}
      </text>
    </g>
  );
}

function Limiter({ range, scale, units }: { range: Plan["hold"]["limiter_m"]; scale: Scale; units: Units }) {
  if (range === null) return null;
  const [near, far] = range as [number, number | null];
  const from = scale.x(near);
  const to = scale.x(far ?? scale.most);
  const left = from - LEFT > 130;
  return (
    <g className="lane-limiter">
      <rect x={from} y={AXIS + 28} width={Math.max(2, to - from)} height={5} />
      {/* the label has a line of its own under the near end */}
      <text x={left ? from - 6 : from + 4} y={AXIS + 35} textAnchor={left ? "end" : "start"} className="lane-soft">
        {left ? `limiter ${limiterText([near, far], units)}` : ""}
      </text>
    </g>
  );
}

function TrapMark(props: { trap: NonNullable<NonNullable<Plan["hand"]>["trap"]>; scale: Scale; units: Units }) {
  const { trap, scale, units } = props;
  const x = scale.x(trap.distance_m);
  return (
    <g className="lane-trap">
      <path d={`M${x} ${AXIS - 26}l7 13l-7 13l-7 -13z`} />
      <text
        x={x - LEFT > 190 ? x - 12 : x + 12}
        y={AXIS - 20}
        textAnchor={x - LEFT > 190 ? "end" : "start"}
        className="lane-soft"
      >
        trap {show(trap.distance_m, "length", units)}
        {trap.time_s === null ? "" : `, ${figures(trap.time_s * 1000, 2)} ms sharp`}
      </text>
    </g>
  );
}
