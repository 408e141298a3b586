/** A name for one go of changes, such as a drag or an open editor; all of it is undone together. */
export const newGesture = (what: string): string => `${what}-${Date.now().toString(36)}`;
