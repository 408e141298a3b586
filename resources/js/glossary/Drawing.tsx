import type { ReactNode } from "react";
import { shapes } from "../lane/shapes";
import type { DrawingName } from "./terms";

const WIDE = 132;
const HIGH = 68;

/** A bird of this product's own, with its middle at a place. */
function Bird({ x, y, size = 26, faint = false }: { x: number; y: number; size?: number; faint?: boolean }) {
  const shape = shapes["gull-flying"];
  const [left, top, width, height] = shape.box;
  const scale = size / width;
  return (
    <g
      className={faint ? "g-faint" : "g-fill"}
      transform={`translate(${x - size / 2} ${y - (height * scale) / 2}) scale(${scale}) translate(${-left} ${-top})`}
    >
      {shape.parts.map((part) => (
        <path key={part} d={part} />
      ))}
    </g>
  );
}

const camera = <path d="M6 46h22v14H6zM12 42h9v4h-9z" className="g-fill" />;
const ground = <path d="M4 60H128" />;
const posts = <path d="M70 12V60M78 16V60" className="g-thick" />;
const plane = (x: number): ReactNode => <path d={`M${x} 8V60`} className="g-live" />;
const box = (x: number, y: number, w: number, h: number): ReactNode => (
  <rect x={x} y={y} width={w} height={h} className="g-live" />
);
const frame = <rect x="18" y="5" width="96" height="58" />;
const blocks = (on: number, x: number): ReactNode =>
  Array.from({ length: 5 }, (_, at) => (
    <rect key={at} x={x + at * 13} y={48} width={9} height={9} className={at < on ? "g-fill" : ""} />
  ));

const drawings: Record<DrawingName, () => ReactNode> = {
  rush: () => (
    <>
      {camera}
      {ground}
      <path d="M34 44L84 26" className="g-dash" />
      <Bird x={98} y={22} size={34} />
    </>
  ),
  hold: () => (
    <>
      <text x="12" y="30">
        1/4000
      </text>
      <text x="74" y="30">
        f/5.6
      </text>
      {box(14, 40, 30, 18)}
      {blocks(3, 58)}
    </>
  ),
  follow: () => (
    <>
      {camera}
      {ground}
      <Bird x={110} y={20} size={20} faint />
      <Bird x={86} y={26} size={25} faint />
      <Bird x={56} y={33} size={32} />
      {plane(56)}
    </>
  ),
  lock: () => (
    <>
      {camera}
      {ground}
      <Bird x={96} y={26} size={24} faint />
      <Bird x={56} y={33} size={32} />
      {plane(96)}
    </>
  ),
  areas: () => (
    <>
      {frame}
      {box(62, 30, 8, 8)}
      {box(52, 22, 28, 24)}
      {box(32, 12, 68, 44)}
    </>
  ),
  "lock-on": () => (
    <>
      {frame}
      <path d="M34 48C50 44 62 30 84 26" className="g-dash" />
      <Bird x={90} y={25} size={26} />
      {box(78, 15, 24, 20)}
      {box(28, 42, 12, 12)}
    </>
  ),
  aim: () => (
    <>
      {frame}
      <Bird x={66} y={34} size={54} />
      <circle cx="86" cy="36" r="5" className="g-live" />
    </>
  ),
  stay: () => (
    <>
      {ground}
      {posts}
      <Bird x={98} y={26} size={22} />
      <Bird x={74} y={27} size={22} faint />
      <path d="M20 26H56" className="g-dash" />
      <text x="14" y="20">
        waits …
      </text>
    </>
  ),
  pace: () => (
    <>
      <path d="M12 58C50 56 74 44 122 8" className="g-live" />
      <path d="M12 58L122 30" className="g-dash" />
      <text x="12" y="20">
        speed
      </text>
    </>
  ),
  pick: () => (
    <>
      {frame}
      <Bird x={44} y={24} size={18} faint />
      <Bird x={66} y={38} size={30} />
      <Bird x={96} y={22} size={16} faint />
      {box(50, 25, 32, 26)}
    </>
  ),
  burst: () => (
    <>
      {[14, 22, 30, 66, 74, 82, 112].map((x) => (
        <path key={x} d={`M${x} 24V52`} className="g-thick" />
      ))}
      <path d="M8 58H126" />
    </>
  ),
  steady: () => (
    <>
      <path d="M10 22q8 -14 16 0t16 0 16 0 16 0 16 0 16 0" className="g-dash" />
      <path d="M10 48H124" className="g-live" />
    </>
  ),
  limiter: () => (
    <>
      {camera}
      {ground}
      <path d="M32 60V30H64V60" className="g-dash" />
      <path d="M64 50H126M126 44V56M64 44V56" className="g-live" />
    </>
  ),
  buttons: () => (
    <>
      <rect x="24" y="16" width="84" height="42" rx="8" />
      <rect x="34" y="8" width="22" height="8" className="g-fill" />
      <circle cx="90" cy="32" r="7" className="g-live" />
      <circle cx="72" cy="46" r="5" />
    </>
  ),
  bearing: () => (
    <>
      {camera}
      <path d="M34 52L104 16M104 16L92 16M104 16L98 26" className="g-live" />
      <path d="M34 52H124" className="g-dash" />
      <path d="M66 52A34 34 0 0 0 63 37" />
    </>
  ),
  light: () => (
    <>
      {[0, 1, 2, 3, 4].map((at) => (
        <rect
          key={at}
          x={16 + at * 22}
          y={52 - at * 9}
          width="12"
          height={6 + at * 9}
          className={at > 2 ? "g-fill" : ""}
        />
      ))}
    </>
  ),
  shutter: () => (
    <>
      <Bird x={40} y={34} size={40} />
      <Bird x={92} y={34} size={40} faint />
      <Bird x={98} y={34} size={40} faint />
      <Bird x={104} y={34} size={40} faint />
    </>
  ),
  aperture: () => (
    <>
      <circle cx="38" cy="34" r="24" />
      <circle cx="38" cy="34" r="20" className="g-fill" />
      <circle cx="96" cy="34" r="24" />
      <circle cx="96" cy="34" r="7" className="g-fill" />
    </>
  ),
  iso: () => (
    <>
      {Array.from({ length: 40 }, (_, at) => (
        <rect
          key={at}
          x={10 + ((at * 37) % 112)}
          y={8 + ((at * 53) % 52)}
          width={2 + ((at * 37) % 112) / 60}
          height={2 + ((at * 37) % 112) / 60}
          className="g-fill"
        />
      ))}
    </>
  ),
  depth: () => (
    <>
      {camera}
      {ground}
      <rect x="72" y="12" width="22" height="48" className="g-wash" />
      <Bird x={83} y={28} size={26} />
      <path d="M72 12V60M94 12V60" className="g-live" />
    </>
  ),
  air: () => (
    <>
      {camera}
      {ground}
      <Bird x={108} y={26} size={24} />
      <path
        d="M44 52c4 -5 8 5 12 0s8 -5 12 0s8 5 12 0s8 -5 12 0M48 42c4 -5 8 5 12 0s8 -5 12 0s8 5 12 0"
        className="g-live"
      />
    </>
  ),
  budget: () => (
    <>
      <rect x="10" y="28" width="112" height="14" />
      <rect x="10" y="28" width="46" height="14" className="g-fill" />
      <rect x="56" y="28" width="26" height="14" className="g-wash" />
      <path d="M104 20V50" className="g-live" />
    </>
  ),
  residual: () => (
    <>
      <Bird x={60} y={36} size={44} />
      <path d="M86 34H118M118 34L110 28M118 34L110 40" className="g-live" />
      <path d="M60 16V4M60 4L55 10M60 4L65 10" className="g-live" />
    </>
  ),
  trap: () => (
    <>
      {camera}
      {ground}
      <Bird x={108} y={26} size={24} faint />
      {plane(74)}
      <path d="M98 28H82M82 28L88 23M82 28L88 33" />
    </>
  ),
  pull: () => (
    <>
      {camera}
      {ground}
      <Bird x={80} y={28} size={26} />
      {plane(52)}
      <path d="M56 14H112M112 14L104 9M112 14L104 19" className="g-live" />
    </>
  ),
  school: () => (
    <>
      <path d="M20 34H56C72 34 74 16 96 16H118" />
      <path d="M56 34C72 34 74 52 96 52H118" className="g-live" />
    </>
  ),
  standard: () => (
    <>
      <circle cx="28" cy="34" r="18" className="g-wash" />
      <circle cx="74" cy="34" r="9" className="g-wash" />
      <circle cx="108" cy="34" r="3" className="g-fill" />
    </>
  ),
  streak: () => (
    <>
      {[14, 24, 44, 54].map((y) => (
        <path key={y} d={`M8 ${y}H124`} className="g-dash" />
      ))}
      <Bird x={66} y={34} size={46} />
    </>
  ),
  lane: () => (
    <>
      {camera}
      {ground}
      <path d="M62 50H112M62 44V56M112 44V56" />
      {plane(84)}
      <Bird x={84} y={24} size={26} />
    </>
  ),
  tip: () => (
    <>
      {ground}
      <path d="M88 60V18" className="g-dash" />
      <circle cx="88" cy="14" r="4" className="g-live" />
      <text x="12" y="34">
        this
      </text>
      <text x="98" y="34">
        that
      </text>
    </>
  ),
  pass: () => (
    <>
      {frame}
      <path d="M22 20C48 22 70 50 110 46" className="g-dash" />
      <Bird x={40} y={22} size={18} faint />
      <Bird x={66} y={36} size={22} />
      <Bird x={96} y={46} size={18} faint />
    </>
  ),
  sweep: () => (
    <>
      {Array.from({ length: 15 }, (_, at) => (
        <rect
          key={at}
          x={30 + (at % 5) * 15}
          y={10 + Math.floor(at / 5) * 17}
          width="12"
          height="13"
          className={at === 8 ? "g-fill" : at % 3 === 1 ? "g-wash" : ""}
        />
      ))}
    </>
  ),
  odds: () => (
    <>
      {Array.from({ length: 10 }, (_, at) => (
        <rect
          key={at}
          x={16 + (at % 5) * 21}
          y={12 + Math.floor(at / 5) * 26}
          width="16"
          height="18"
          className={at < 7 ? "g-fill" : ""}
        />
      ))}
    </>
  ),
  card: () => (
    <>
      <rect x="38" y="5" width="56" height="58" />
      <path d="M46 18H86M46 28H78M46 38H86M46 48H70" />
    </>
  ),
  bundle: () => (
    <>
      <circle cx="30" cy="34" r="9" className="g-live" />
      <path d="M42 34H64" className="g-dash" />
      <rect x="68" y="10" width="52" height="48" />
      {box(76, 18, 16, 12)}
      <path d="M76 40H112M76 50H100" />
    </>
  ),
  frame: () => (
    <>
      <rect x="14" y="18" width="56" height="36" />
      <rect x="84" y="5" width="36" height="56" className="g-live" />
    </>
  ),
  behind: () => (
    <>
      {ground}
      <path d="M14 60L22 12M30 60L26 8M112 60L104 14M122 60L124 10" className="g-thick" />
      <path d="M44 60C50 40 86 40 92 60" className="g-dash" />
      <Bird x={68} y={28} size={30} />
    </>
  ),
};

/** The small drawing of a craft word. */
export function Drawing({ name }: { name: DrawingName }) {
  return (
    <svg className="g-drawing" viewBox={`0 0 ${WIDE} ${HIGH}`} width={WIDE} height={HIGH} aria-hidden="true">
      {drawings[name]()}
    </svg>
  );
}
