/** Temperatures that decide how raw meat is kept and handled, in °C. */
export interface Temperature {
  readonly what: string;
  readonly celsius: number;
}

/**
 * Handling and keeping. Local codes and licensed practice come first.
 *
 * @source USDA FSIS and FDA Food Code (from memory): danger zone 40 to 140 °F, 2 hours in all and
 *   1 hour above 90 °F; refrigerator at or under 40 °F, freezer 0 °F; jerky 160 °F, poultry 165 °F
 *   before drying
 */
export const TEMPERATURES = {
  dangerFrom: { what: 'Danger zone begins', celsius: 4.4 },
  dangerTo: { what: 'Danger zone ends', celsius: 60 },
  hotDay: { what: 'A hot day: one hour instead of two', celsius: 32.2 },
  refrigerator: { what: 'Refrigerator, at most', celsius: 4.4 },
  freezer: { what: 'Freezer', celsius: -17.8 },
  jerky: { what: 'Meat before it is dried', celsius: 71.1 },
  jerkyPoultry: { what: 'Poultry before it is dried', celsius: 73.9 },
} as const satisfies Record<string, Temperature>;
