/** A swipe over a list scrolls it; what is held that long is picked up. A mouse picks up at once. */
export const DRAG_DELAY = { touch: 350, mouse: 0 } as const;
