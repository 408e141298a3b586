import { aims, focusTargets, lockOnStart } from "../../generated/vocabulary";
import type { Rush, SubjectKind } from "../../api/types";
import { useWidth } from "../../ui/useWidth";
import { headFrom, shapeOf, Silhouette } from "../../lane/silhouettes";
import { frameAt, stepAt, type FocusTarget, type Take } from "./rehearsal";
import { VerdictPath } from "./Verdicts";
import { Ground } from "../../pane/Clutter";
import { hexagon } from "../../pane/Pane";
import { paneSize } from "../../pane/paneSize";

type Props = { take: Take; rush: Rush; kind: SubjectKind; time: number };

/** The frame while a pass is played: the subject where the aim leaves it, what sweeps by, and what the area holds. */
export function PassPane({ take, rush, kind, time }: Props) {
  const [attach, room] = useWidth();
  const { pass, scene } = take;
  const main = take.tried ?? take;
  const at = stepAt(take, time);
  const { width, height } = paneSize(room, scene.frame_ratio);
  const distance = pass.distance_m[at]!;
  const grow = scene.work_m / distance;
  const size = { width: scene.subject.width * grow * width, height: scene.subject.height * grow * height };
  // what is aimed at is left behind by what the aim strays, and the rest of it hangs by that
  const aimX = scene.aim.x * width;
  const aimY = scene.aim.y * height;
  const x = aimX - pass.aside[at]! * width;
  const y = aimY + pass.above[at]! * height;
  const pattern = main.hold.area.pattern;
  const held = main.held[at] as FocusTarget;
  const lockOn = pattern === "lock-on";
  const box = lockOn
    ? {
        width: Math.max(lockOnStart.width * width, size.width * 0.6),
        height: Math.max(lockOnStart.height * height, size.height * 0.6),
      }
    : { width: main.area.width * width, height: main.area.height * height };
  const [areaX, areaY] = lockOn && held === 1 ? [x, y] : [scene.place.x * width, scene.place.y * height];
  const shape = shapeOf(kind, scene.posture, scene.end_on);
  const onHead = aims.some((aim) => aim.value === main.hold.aim && aim.onHead);
  const [headX, headY] = onHead ? headFrom(shape, size, scene.way) : [0, 0];
  const arrived = time >= scene.arrives_s;
  const aimAzimuth = pass.azimuth[at]! + pass.aside[at]!;
  const strips = pass.obstacles
    .map((one) => aimX + (one.azimuth + one.per_s * (time - one.at_s) - aimAzimuth) * width)
    .filter((middle) => middle > -width * 0.2 && middle < width * 1.2);
  const thick = Math.max(2, scene.obstacle_width * width);
  const before = scene.obstacle_m !== null && distance > scene.obstacle_m;
  const standing = strips.map((middle) => (
    <rect key={middle} x={middle - thick / 2} y={-2} width={thick} height={height + 4} className="strip" />
  ));
  const frame = frameAt(main, time);
  return (
    <figure className="pane pass-pane" data-testid="pass-pane" data-held={held}>
      <div ref={attach}>
        {width > 0 && (
          <svg
            width={width}
            height={height}
            role="img"
            aria-label={`The focus ${held === 0 ? "" : "is "}${focusTargets[held]}.${frame === null ? "" : ` Frame: ${frame.verdict}.`}`}
          >
            <defs>
              <clipPath id="pass-frame">
                <rect width={width} height={height} />
              </clipPath>
            </defs>
            <Ground clutter={rush.clutter} width={width} height={height} />
            <g clipPath="url(#pass-frame)">
              {/* what stands is before it or behind it, as the distances have it */}
              {!before && standing}
              {arrived && (
                <Silhouette
                  shape={shape}
                  mirrored={scene.way < 0}
                  box={{ x: x - headX - size.width / 2, y: y - headY - size.height / 2, ...size }}
                  className={held === 1 || held === 5 ? "pane-subject" : "pane-subject pane-lost"}
                />
              )}
              {before && standing}
            </g>
            {held !== 5 && (
              <path
                d={hexagon(areaX, areaY, box.width, box.height, width, height)}
                className={held === 1 ? "area-shape" : "area-shape area-lost"}
              />
            )}
            <circle cx={aimX} cy={aimY} r={5} className="aim-ring" />
            {frame !== null && (
              <g>
                <rect
                  x={1.5}
                  y={1.5}
                  width={width - 3}
                  height={height - 3}
                  className={frame.verdict === "sharp" ? "taken" : "taken taken-lost"}
                />
                <VerdictPath verdict={frame.verdict} x={width - 22} y={22} />
              </g>
            )}
          </svg>
        )}
      </div>
    </figure>
  );
}
