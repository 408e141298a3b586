import type { SubjectKind, Units } from "../../api/types";
import { useWidth } from "../../ui/useWidth";
import { sharpRange, stepAt, type Take, type Tried } from "./rehearsal";
import { show } from "../../units/quantity";
import { laneEnds, logScale, type Scale } from "../../lane/scale";
import { fitted, shapeOf, Silhouette } from "../../lane/silhouettes";
import { Ticks } from "../../lane/Ticks";

const HEIGHT = 98;
const AXIS = 70;
const LEFT = 48;
const RIGHT = 18;

type Props = { take: Take; kind: SubjectKind; closestM: number; time: number; units: Units };

/** The lane while a pass is played: where it is, where the plane is and how deep it is sharp, what stands and passes. */
export function PassLane({ take, kind, closestM, time, units }: Props) {
  const [attach, width] = useWidth();
  const { pass, scene } = take;
  const nearest = Math.min(...pass.distance_m);
  const farthest = Math.max(...pass.distance_m);
  const [least, most] = laneEnds(closestM, nearest, farthest);
  const scale = logScale(least, most, LEFT, Math.max(LEFT + 100, width - RIGHT));
  const at = stepAt(take, time);
  const distance = pass.distance_m[at]!;
  const x = scale.x(distance);
  const shape = shapeOf(kind, scene.posture, scene.end_on);
  const mark = fitted(shape, 50, 30);
  const main = take.tried ?? take;
  const focus = main.focus_m[at]!;
  const [near, far] = sharpRange(focus, main.sharp_dioptres);
  const inside = distance >= near && distance <= far;
  const labelRight = scale.x(focus) < width - 240;
  return (
    <div ref={attach} className="lane pass-lane">
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`It is ${show(distance, "length", units)} away, the plane ${show(focus, "length", units)}.`}
        >
          {scene.obstacle_m !== null && (
            <path
              className="lane-obstacle-mark"
              d={[-5, 0, 5]
                .map((dx, n) => `M${scale.x(scene.obstacle_m!) + dx} ${AXIS}v${[-30, -40, -26][n]}`)
                .join("")}
            />
          )}
          {scene.behind_m < most && width > 600 && (
            <text x={scale.x(scene.behind_m)} y={AXIS - 8} className="lane-soft">
              ⌢ background
            </text>
          )}
          <path d={`M6 ${AXIS} v-12 h5 v-4 h9 v4 h12 v3 h10 v9 z`} className="lane-camera" />
          {take.tried !== null && <Band tried={take} at={at} scale={scale} ghost />}
          <Band tried={main} at={at} scale={scale} />
          <line x1={0} y1={AXIS} x2={width} y2={AXIS} className="lane-axis" />
          <line x1={scale.x(nearest)} y1={AXIS - 3} x2={scale.x(farthest)} y2={AXIS - 3} className="pass-reach" />
          <Ticks scale={scale} units={units} width={width} axis={AXIS} />
          <line x1={x} y1={AXIS - 44} x2={x} y2={AXIS} className={inside ? "lane-now" : "lane-fail-line"} />
          <Silhouette
            shape={shape}
            mirrored={scene.way < 0}
            box={{ x: x - mark.width / 2, y: AXIS - 46 - mark.height / 2, ...mark }}
            className="lane-silhouette"
          />
          <text
            x={scale.x(focus) + (labelRight ? 34 : -34)}
            y={14}
            textAnchor={labelRight ? "start" : "end"}
            className={inside ? "lane-sharp" : "lane-fail lane-strong"}
          >
            it {show(distance, "length", units, 4)} · plane {show(focus, "length", units, 4)}
          </text>
        </svg>
      )}
    </div>
  );
}

/** Where the plane is and how deep it is sharp. */
function Band({ tried, at, scale, ghost = false }: { tried: Tried; at: number; scale: Scale; ghost?: boolean }) {
  const focus = tried.focus_m[at]!;
  const [near, far] = sharpRange(focus, tried.sharp_dioptres);
  const from = scale.x(near);
  const wide = Math.max(3, scale.x(Math.min(far, scale.most)) - from);
  return (
    <g className={ghost ? "plane-ghost" : "plane"}>
      <rect x={from - (wide === 3 ? 1.5 : 0)} y={AXIS - 44} width={wide} height={44} className="lane-band" />
      <path
        d={`M${scale.x(focus)} ${AXIS - 52}l5 -8h-10zM${scale.x(focus)} ${AXIS - 52}V${AXIS}`}
        className="plane-mark"
      />
    </g>
  );
}
