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
