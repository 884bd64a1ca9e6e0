let last = 0;

/** An id that no other field on the page has: labels and fields find each other by it. */
export function newFieldId(): string {
  last += 1;
  return `field-${last}`;
}
