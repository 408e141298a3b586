import { useCatalogue } from "../../session/boot";
import { areaNames } from "../../hold/hold";
import { Silhouette, shapeOf } from "../../lane/silhouettes";
import type { Figure } from "./card";
import { hexagon } from "../../pane/Pane";

const WIDTH = 360;

/** The frame small and plain: how large the subject is, where the AF area lies, where to aim. */
export function AimFigure({ figure, aim }: { figure: Figure; aim: string }) {
  const kinds = useCatalogue();
  const kind = kinds.find((one) => one.id === figure.kind) ?? kinds[0]!;
  const height = (WIDTH * figure.frame_height_m) / figure.frame_width_m;
  const pattern = figure.pattern as keyof typeof areaNames;
  const shape = shapeOf(kind, figure.posture, figure.end_on);
  const size = { width: figure.subject.width * WIDTH, height: figure.subject.height * height };
  const [aimX, aimY] = [figure.aim.x * WIDTH, figure.aim.y * height];
  const [x, y] = figure.on_head
    ? [
        aimX - ((shape.head[0] - shape.box[0]) / shape.box[2] - 0.5) * size.width * figure.way,
        aimY - ((shape.head[1] - shape.box[1]) / shape.box[3] - 0.5) * size.height,
      ]
    : [figure.subject.x * WIDTH, figure.subject.y * height];
  return (
    <svg
      className="aim-figure"
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`Aim at the ${aim} with the ${areaNames[pattern].toLowerCase()}; the subject takes ${Math.round(figure.subject.width * 100)} % of the frame's width.`}
    >
      <rect x="1" y="1" width={WIDTH - 2} height={height - 2} className="aim-frame" />
      <Silhouette
        shape={shape}
        mirrored={figure.way < 0}
        box={{ x: x - size.width / 2, y: y - size.height / 2, ...size }}
        className="pane-subject"
      />
      <path
        d={hexagon(
          figure.area.x * WIDTH,
          figure.area.y * height,
          figure.area.width * WIDTH,
          figure.area.height * height,
          WIDTH,
          height,
        )}
        className="aim-area"
      />
      <circle cx={aimX} cy={aimY} r={6} className="aim-ring" />
    </svg>
  );
}
