import { useRef, type PointerEvent } from "react";

type Props = { degrees: number; onChange: (degrees: number) => void };

const R = 62;

/** Seen from above: the camera below, the way the subject goes as an arrow; drag to turn it. The number beside it is for the keyboard. */
export function BearingDial({ degrees, onChange }: Props) {
  const svg = useRef<SVGSVGElement>(null);

  const turn = (event: PointerEvent): void => {
    if (event.buttons === 0 || svg.current === null) return;
    const box = svg.current.getBoundingClientRect();
    const x = event.clientX - (box.left + box.width / 2);
    const y = event.clientY - (box.top + (box.height * 78) / 170);
    // 0° points down, at the camera; left and right are alike
    const angle = (Math.atan2(Math.abs(x), y) * 180) / Math.PI;
    onChange(Math.round(angle / 5) * 5);
  };

  const radians = (degrees * Math.PI) / 180;
  const [dx, dy] = [Math.sin(radians), Math.cos(radians)];
  return (
    <svg
      ref={svg}
      className="dial"
      viewBox="-80 -78 160 170"
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        turn(event);
      }}
      onPointerMove={turn}
    >
      <path d={`M0 ${-R} A${R} ${R} 0 0 1 0 ${R}`} className="dial-ring" />
      {[0, 30, 60, 90, 120, 150, 180].map((mark) => {
        const a = (mark * Math.PI) / 180;
        return (
          <line
            key={mark}
            x1={Math.sin(a) * (R - 6)}
            y1={Math.cos(a) * (R - 6)}
            x2={Math.sin(a) * R}
            y2={Math.cos(a) * R}
            className="dial-ring"
          />
        );
      })}
      <line x1={-dx * 18} y1={-dy * 18} x2={dx * 44} y2={dy * 44} className="dial-arrow" />
      <path
        d="M0 0 L-7 -16 L7 -16 Z"
        className="dial-head"
        transform={`translate(${dx * 54} ${dy * 54}) rotate(${-degrees})`}
      />
      <path d="M-12 92 h24 v-12 h-7 v-8 h-10 v8 h-7 z" className="dial-camera" />
    </svg>
  );
}
