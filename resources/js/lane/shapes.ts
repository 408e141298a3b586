import drawn from "../../shapes.json";

/** A mark of what moves, drawn for this product: parts to fill, the box they take (x, y, width, height), and where the
 * head or front is. Facing right. The drawings lie in shapes.json, which the printed card reads as well. */
export type Shape = { parts: string[]; box: [number, number, number, number]; head: [number, number] };

/** The drawing from in front or behind, for one from the side that has it. */
export const fronts: Partial<Record<string, string>> = drawn.front;

export const shapes = drawn.shapes as { [name in keyof typeof drawn.shapes]: Shape };
