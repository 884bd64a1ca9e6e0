import type { Step } from './kind-schema';

/** Cautions and acts that several kinds share; common practice. */
export const FREE_HAND = 'Free hand behind the edge; slide the slice away before the next.';
export const AWAY = 'Strokes go away from the body, and the free hand stays behind the edge.';
export const IN_SIGHT = 'The edge stays in sight: lift the flap and look before you cut.';
export const RAW_BIRD = 'Raw bird: wash board, knife and hands before anything else touches them.';
export const JOINT =
  'Resistance means the joint was missed: move the limb to feel where it hinges, and cut through the gap, not the bone.';
export const SHARP_BONE = 'Cut bones are sharp: keep the free hand outside.';
export const LIQUID = 'Little free liquid in the bag: it is paid for at the price of meat.';

/** The first act of every piece in a bag. */
export function openBag(up: string): Step {
  return {
    id: 'open',
    title: 'Open the bag and drain',
    how: `Cut one end of the bag over a deep tray, ${up} up so that the liquid stays below. Lift the piece out, pour the liquid away, pat it dry on all sides. Weigh it again: this is the true start.`,
    tool: 'shears, deep tray, paper',
    caution: 'Raw juices carry germs: wash hands, tray and sink before anything else touches them.',
    frees: [],
    purpose: 'liquid is weighed out, and the seams show',
    minutes: 4,
  };
}
