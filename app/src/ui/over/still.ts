/** What opens is there at once: a list that is still moving is missed by a quick hand, and by keys. */
export const STILL = { disabled: true } as const;
