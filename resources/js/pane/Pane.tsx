import { useState } from "react";
import type { Kit, Plan, Rush, SubjectKind, Units } from "../api/types";
import { useWidth } from "../ui/useWidth";
import { areaNames } from "../hold/hold";
import { headFrom, Silhouette, shapeOf } from "../lane/silhouettes";
import { newGesture } from "../autosave/gesture";
import { clutterSeen, obstacleAt } from "../sentence/surroundings";
import { figures, show } from "../units/quantity";
import { Ground, InFront } from "./Clutter";
import { paneSize } from "./paneSize";

type Props = {
  plan: Plan;
  rush: Rush;
  kind: SubjectKind;
  lens: Kit["lens"];
  /** Where the person has set the zoom; null while the plan sets it. */
  focalMm: number | null;
  units: Units;
  /** Absent, the zoom cannot be set here. */
  onFocal?: (focalMm: number | null, gesture: string) => void;
};

/** The frame at true proportions: subject, AF area, wander of the aim and clutter, all at true size. */
export function Pane({ plan, rush, kind, lens, focalMm, units, onFocal }: Props) {
  const [attach, room] = useWidth();
  const [sliding, setSliding] = useState<number | null>(null);
  const { pane, hold } = plan;
  const seen = clutterSeen(rush);
  const { width, height } = paneSize(room, pane.frame_height_m / pane.frame_width_m);
  // while the slider moves, everything but the area grows at once; the plan follows
  const grow = sliding === null ? 1 : sliding / hold.focal_mm;
  const at = (x: number, y: number): [number, number] => [
    (0.5 + (x - 0.5) * grow) * width,
    (0.5 + (y - 0.5) * grow) * height,
  ];
  const [subjectX, subjectY] = at(pane.subject.x, pane.subject.y);
  const size = { width: pane.subject.width * grow * width, height: pane.subject.height * grow * height };
  const [aimX, aimY] = at(pane.aim.x, pane.aim.y);
  const [areaX, areaY] = at(pane.area.x, pane.area.y);
  const pattern = hold.area.pattern;
  const area = { width: pane.area.width * width, height: pane.area.height * height };
  const shape = shapeOf(kind, pane.posture, pane.end_on);
  // the drawing is laid with its head under the aim, where the aim is on the head
  const [headX, headY] = headFrom(shape, size, pane.way);
  const [drawnX, drawnY] = pane.on_head ? [aimX - headX, aimY - headY] : [subjectX, subjectY];
  const wander = { x: pane.wander.x * grow * width, y: pane.wander.y * grow * height };
  const labelY = pattern === "whole-frame" ? height - 12 : Math.min(height - 10, areaY + area.height / 2 + 18);
  const crossing =
    rush.motion.pattern !== "still" &&
    rush.motion.speed_mps > 0 &&
    pane.room_s !== null &&
    Math.abs(90 - rush.motion.bearing_deg) < 75;
  const says =
    `The frame is ${show(pane.frame_width_m, "length", units)} wide at the subject; it takes ${figures(pane.subject.width * 100, 2)} % of the width. ` +
    `AF area: ${areaNames[pattern].toLowerCase()}. Your aim wanders ${figures(pane.wander.x * 100, 2)} % of the width sideways, one sigma.`;

  return (
    <figure className="pane" data-testid="pane" data-area={pattern}>
      <div ref={attach}>
        {width > 0 && (
          <svg width={width} height={height} role="img" aria-label={says}>
            <defs>
              <pattern
                id="area-hatch"
                width="9"
                height="9"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(-55)"
              >
                <line x1="0" y1="0" x2="0" y2="9" className="area-line" />
              </pattern>
            </defs>
            <Ground clutter={seen} width={width} height={height} />
            <Silhouette
              shape={shape}
              mirrored={pane.way < 0}
              box={{ x: drawnX - size.width / 2, y: drawnY - size.height / 2, ...size }}
              className="pane-subject"
            />
            <InFront
              clutter={seen}
              width={width}
              height={height}
              // how wide an obstacle looks: its own width, grown by standing nearer than the subject
              thick={
                ((rush.clutter.obstacle_width_m * rush.distance.work_m) /
                  (pane.obstacle_m ?? obstacleAt(rush)) /
                  pane.frame_width_m) *
                width *
                grow
              }
            />
            <path d={hexagon(areaX, areaY, area.width, area.height, width, height)} className="area-shape" />
            {wander.x > 0.5 && (
              <g className="wander">
                <ellipse cx={aimX} cy={aimY} rx={wander.x} ry={wander.y} />
                <ellipse cx={aimX} cy={aimY} rx={wander.x * 2} ry={wander.y * 2} className="wander-two" />
              </g>
            )}
            <circle cx={aimX} cy={aimY} r={5} className="aim-ring" />
            <Halo x={Math.min(width - 60, Math.max(60, areaX))} y={labelY}>
              {areaNames[pattern].toLowerCase()}
            </Halo>
            {crossing && <Travel pane={pane} width={width} y={drawnY} from={drawnX} half={size.width / 2} />}
          </svg>
        )}
      </div>
      <figcaption>
        <span>
          {show(pane.frame_width_m, "length", units)} × {show(pane.frame_height_m, "length", units)} at the subject;
          dotted: your aim, 1 and 2 sigma
        </span>
        <b data-field="focal_mm">
          {figures(hold.focal_mm)} mm{lens.zoom && focalMm === null ? ", set by the plan" : ""}
        </b>
      </figcaption>
      {lens.zoom && onFocal !== undefined && (
        <div className="zoom">
          <input
            type="range"
            aria-label="Focal length of the zoom, mm"
            aria-valuetext={`${figures(sliding ?? hold.focal_mm)} mm`}
            min={lens.focal_min_mm}
            max={lens.focal_max_mm}
            step={1}
            value={sliding ?? hold.focal_mm}
            onPointerDown={() => setSliding(hold.focal_mm)}
            onPointerUp={() => setSliding(null)}
            onPointerCancel={() => setSliding(null)}
            onChange={(event) => {
              const to = Number(event.target.value);
              if (sliding !== null) setSliding(to);
              onFocal(to, sliding === null ? newGesture("zoom-key") : "zoom-slide");
            }}
          />
          <span className="zoom-ends">
            {figures(lens.focal_min_mm)} – {figures(lens.focal_max_mm)} mm
          </span>
          {focalMm !== null && (
            <button type="button" className="text-button" onClick={() => onFocal(null, newGesture("zoom-free"))}>
              let the plan set it
            </button>
          )}
        </div>
      )}
    </figure>
  );
}

/** An AF area, drawn as a long hexagon of its true size; kept inside the frame by a hair so that its edge shows. */
export const hexagon = (x: number, y: number, w: number, h: number, frameW: number, frameH: number): string => {
  const left = Math.max(2, x - w / 2);
  const right = Math.min(frameW - 2, x + w / 2);
  const top = Math.max(2, y - h / 2);
  const bottom = Math.min(frameH - 2, y + h / 2);
  const nose = Math.min((right - left) * 0.22, (bottom - top) * 0.4, 30);
  const cut = Math.min((bottom - top) / 2, nose * 1.7);
  return `M${left} ${top + cut}L${left + nose} ${top}L${right - nose} ${top}L${right} ${top + cut}L${right} ${bottom - cut}L${right - nose} ${bottom}L${left + nose} ${bottom}L${left} ${bottom - cut}Z`;
};

/** Text that stays legible over textures. */
function Halo({ x, y, children }: { x: number; y: number; children: string }) {
  return (
    <text x={x} y={y} textAnchor="middle" className="pane-label">
      {children}
    </text>
  );
}

/** The way it goes, and how long its room lasts in a still frame. */
function Travel(props: { pane: Plan["pane"]; width: number; y: number; from: number; half: number }) {
  const { pane, width, y, from, half } = props;
  const start = from + pane.way * (half + 10);
  const end = pane.way > 0 ? width - 14 : 14;
  const long = Math.abs(end - start);
  if ((end - start) * pane.way < 24) return null;
  return (
    <g className="travel">
      <path
        d={`M${start} ${y}L${end} ${y}M${end - pane.way * 9} ${y - 7}L${end} ${y}L${end - pane.way * 9} ${y + 7}`}
      />
      {long > 96 && (
        <text x={(start + end) / 2} y={y - 9} textAnchor="middle" className="pane-label">
          room {pane.room_s === null ? "" : `${figures(pane.room_s, 2)} s`}
        </text>
      )}
    </g>
  );
}
