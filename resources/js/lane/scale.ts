import type { Plan } from "../api/types";
import { isTelling } from "../hold/hold";

/** Positions on a logarithmic distance axis. */
export type Scale = { x: (metres: number) => number; metres: (x: number) => number; least: number; most: number };

export const logScale = (least: number, most: number, from: number, to: number): Scale => {
  const span = Math.log(most / least);
  return {
    least,
    most,
    x: (metres) => from + ((to - from) * Math.log(Math.min(most, Math.max(least, metres)) / least)) / span,
    metres: (x) => least * Math.exp((span * (Math.min(to, Math.max(from, x)) - from)) / (to - from)),
  };
};

/** Ends of the axis that hold everything worth showing, on 1-2-5 steps so that they do not move with every change. */
export const laneEnds = (closest: number, near: number, far: number): [number, number] => {
  const down = (value: number): number => stepsFrom(value).findLast((mark) => mark <= value) ?? value;
  const up = (value: number): number => stepsFrom(value).find((mark) => mark >= value) ?? value;
  return [Math.max(0.05, down(Math.min(closest, near) * 0.6)), up(Math.max(far * 2.4, closest * 20))];
};

const stepsFrom = (value: number): number[] => {
  const decade = 10 ** Math.floor(Math.log10(value));
  return [0.5, 1, 2, 5, 10, 20].map((part) => part * decade);
};

/** Labelled marks of the axis: 1, 2, 5 in every decade, in the unit shown. */
export const ticks = (
  least: number,
  most: number,
  unit: number,
): { metres: number; label: string; major: boolean }[] => {
  const found: { metres: number; label: string; major: boolean }[] = [];
  for (let decade = 10 ** Math.floor(Math.log10(least / unit)); decade <= most / unit; decade *= 10) {
    for (let part = 1; part < 10; part++) {
      const shown = part * decade;
      const metres = shown * unit;
      if (metres >= least * 0.999 && metres <= most * 1.001) {
        found.push({
          metres,
          label: String(Number(shown.toPrecision(3))),
          major: part === 1 || part === 2 || part === 5,
        });
      }
    }
  }
  return found;
};

export type Tip = {
  x: number;
  metres: number;
  direction: string;
  text: string;
  textX: number;
};

/** Rough width of a label, in pixels. */
const widthOf = (text: string): number => text.length * 6.4;

/** Tipping points of distance as marks on the strip: the nearest two on each side, labelled where there is room. */
export const placedTips = (tipping: Plan["tipping"], scale: Scale): Tip[] => {
  const marks = tipping
    .filter((tip) => tip.dimension === "distance" && isTelling(tip))
    .map((tip) => ({ ...tip, metres: Number(tip.value) }))
    .filter((tip) => tip.metres > scale.least && tip.metres < scale.most);
  const near = marks.filter((tip) => tip.direction === "below").slice(0, 2);
  const far = marks.filter((tip) => tip.direction === "above").slice(0, 2);
  const right = scale.x(scale.most);
  let taken = 0;
  return [...near.toReversed(), ...far].map((tip) => {
    const x = scale.x(tip.metres);
    const text = `${tip.condition.charAt(0).toLowerCase()}${tip.condition.slice(1)}: ${tip.change.split(", ")[0] ?? ""}`;
    const w = widthOf(text);
    // centred over its mark where that is free, else pushed along, but never off its mark: then the list tells it
    const start = Math.max(taken, Math.min(x - w / 2, right - w));
    const fits = start <= x + 3 && start + w <= right + 16;
    if (fits) taken = start + w + 14;
    return { x, metres: tip.metres, direction: tip.direction, text: fits ? text : "", textX: start };
  });
};
