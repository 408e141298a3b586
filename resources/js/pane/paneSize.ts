/** How tall a frame may be drawn, against the width there is for it. */
const TALLEST = 0.8;

/**
 * The size a frame is drawn at, in pixels.
 *
 * @param room width there is for it
 * @param ratio height of the frame over its width; a camera held upright has one over 1
 */
export const paneSize = (room: number, ratio: number): { width: number; height: number } => {
  const width = Math.round(Math.min(room, (TALLEST * room) / ratio));
  return { width, height: Math.round(width * ratio) };
};
