/** Frames as a person counts them: whole from ten on, one decimal below. */
export const count = (frames: number): string =>
  frames >= 9.95 || Math.abs(frames - Math.round(frames)) < 0.05 ? String(Math.round(frames)) : frames.toFixed(1);

export const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** "8 to 11", or "8" where there is no spread. */
export const spread = (least: number, most: number): string => (least === most ? String(least) : `${least} to ${most}`);
