/** The methods of cost, by id; called schools in files since the first. */
export const COST_METHOD_IDS = ['store-value', 'by-weight', 'by-product-credit', 'by-dinner'] as const;

export type CostMethodId = (typeof COST_METHOD_IDS)[number];

/** It alone charges fillet as fillet and bones as bones. */
export const DEFAULT_COST_METHOD: CostMethodId = 'store-value';
