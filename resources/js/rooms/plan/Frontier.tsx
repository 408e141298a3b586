import { PopupButton } from "../../ui/PopupButton";
import { figures, shutter } from "../../units/quantity";
import type { FrontierPoint } from "./outlook";

const WIDTH = 150;
const HEIGHT = 64;
const PAD = 7;

type Props = { points: FrontierPoint[]; passes: number; onTake: (point: FrontierPoint) => void };

/** Sharp frames against ISO, small beside the settings; it opens to the numbers, and a press takes one. */
export function Frontier({ points, passes, onTake }: Props) {
  const here = points.find((point) => point.here);
  if (points.length < 2 || here === undefined) return null;
  return (
    <PopupButton
      label="Sharp frames against ISO"
      className="frontier"
      popupClass="working frontier-sheet"
      content={
        <>
          <h3>Sharp frames against ISO</h3>
          <p className="note">
            Each ISO with the shutter and aperture that bring most, over {passes} rehearsed passes. Press one to take
            it.
          </p>
          <ul className="frontier-list">
            {points.map((point) => (
              <li key={`${point.iso}-${point.shutter_s}-${point.f_number}`}>
                <button
                  type="button"
                  aria-current={point.here ? "true" : undefined}
                  disabled={point.here}
                  onClick={() => onTake(point)}
                >
                  <b>ISO {point.iso}</b>
                  <span>
                    {shutter(point.shutter_s)} f/{figures(point.f_number)}
                  </span>
                  <span>
                    {figures(point.sharp, 2)} of {figures(point.frames, 2)}
                    <span className="soft">
                      {" "}
                      {figures(point.sharp_least, 2)} – {figures(point.sharp_most, 2)}
                    </span>
                  </span>
                  <span className="soft">{point.here ? "this hold" : gained(point)}</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      }
    >
      <Curve points={points} here={here} />
    </PopupButton>
  );
}

const gained = ({ gain }: FrontierPoint): string =>
  gain.telling ? `${gain.mean > 0 ? "+" : "−"}${figures(Math.abs(gain.mean), 2)} a pass` : "no telling apart";

function Curve({ points, here }: { points: FrontierPoint[]; here: FrontierPoint }) {
  const [least, most] = [Math.log2(points[0]!.iso), Math.log2(points.at(-1)!.iso)];
  const top = Math.max(...points.map((point) => point.frames), 1);
  const x = (point: FrontierPoint): number =>
    PAD + ((Math.log2(point.iso) - least) / Math.max(0.01, most - least)) * (WIDTH - 2 * PAD);
  const y = (sharp: number): number => HEIGHT - PAD - (sharp / top) * (HEIGHT - 2 * PAD);
  const line = points.map((point) => `${x(point).toFixed(1)},${y(point.sharp).toFixed(1)}`).join(" ");
  return (
    <>
      <svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
        <line x1={PAD} x2={WIDTH - PAD} y1={HEIGHT - PAD} y2={HEIGHT - PAD} className="frontier-axis" />
        <line x1={PAD} x2={WIDTH - PAD} y1={y(top)} y2={y(top)} className="frontier-all" />
        <polyline points={line} className="frontier-line" />
        {points.map((point) => (
          <circle
            key={`${point.iso}-${point.shutter_s}`}
            cx={x(point)}
            cy={y(point.sharp)}
            r={2}
            className="frontier-dot"
          />
        ))}
        <circle cx={x(here)} cy={y(here.sharp)} r={6} className="frontier-here" />
      </svg>
      <span className="frontier-says">
        <b>
          {figures(here.sharp, 2)} of {figures(here.frames, 2)}
        </b>{" "}
        sharp, by ISO
      </span>
    </>
  );
}
