import type { Drawing } from './drawing';

const stripLoin: Drawing = {
  seen: 'strip loin from the side, fat cap up, rib end on the left',
  viewBox: [640, 300],
  regions: {
    'rib-end': 'M24 92C30 72 42 62 62 58V246C40 244 28 232 24 212Z',
    steaks: 'M62 84C190 74 330 74 470 86V252C330 258 190 256 62 246Z',
    'sirloin-end': 'M470 86C520 90 572 102 600 126L594 212C584 238 540 248 470 252Z',
    'fat-cap': 'M62 58C190 44 350 44 470 56C540 62 596 78 602 110L600 126C572 102 520 90 470 86C330 74 190 74 62 84Z',
    underside: 'M62 246C190 256 330 258 470 252C520 250 566 246 586 232L590 244C560 266 500 270 430 272C300 276 160 272 62 262Z',
  },
  parts: { steaks: ['steaks'], ends: ['rib-end', 'sirloin-end'], 'fat-cap': ['fat-cap'], 'strip-and-tail': ['underside'] },
  sliced: { part: 'steaks', from: 62, to: 470 },
  lines: ['M104 82V250M146 80V252M188 78V253M230 77V254M272 76V255M314 76V256M356 77V256M398 79V255M440 82V254', 'M512 168a26 38 0 1 0 52 0a26 38 0 1 0 -52 0Z'],
  labels: [
    { x: 20, y: 40, text: 'rib end' },
    { x: 300, y: 34, text: 'fat cap' },
    { x: 540, y: 296, text: 'stop at the oval' },
  ],
};

const beefTenderloin: Drawing = {
  seen: 'beef tenderloin from above, head on the left, tail on the right, chain along the lower edge',
  viewBox: [640, 300],
  regions: {
    head: 'M40 96C60 60 112 48 160 66L172 206C130 226 74 222 46 188C32 166 30 122 40 96Z',
    centre: 'M160 66C250 74 340 88 430 108L436 196C350 204 260 208 172 206Z',
    tail: 'M430 108C500 120 570 138 612 158C570 178 500 190 436 196Z',
    'silver-skin': 'M150 62C240 62 330 74 420 98L430 112C340 94 250 82 160 78Z',
    chain: 'M60 206C96 226 140 228 176 214C270 214 360 210 446 202C420 224 330 238 230 242C150 246 90 240 60 206Z',
    fat: 'M96 236C150 254 260 252 340 240C300 268 200 276 130 264C112 260 100 250 96 236ZM112 46C130 26 176 26 196 46C180 60 140 62 112 46Z',
  },
  parts: { centre: ['centre'], head: ['head'], tail: ['tail'], chain: ['chain'], 'silver-skin': ['silver-skin'], fat: ['fat'] },
  sliced: { part: 'centre', from: 160, to: 436 },
  lines: ['M208 76V206M246 80V206M284 84V205M322 90V204M360 96V202M398 104V200'],
  labels: [
    { x: 64, y: 144, text: 'head' },
    { x: 520, y: 128, text: 'tail' },
    { x: 290, y: 62, text: 'silver skin' },
    { x: 380, y: 252, text: 'chain' },
    { x: 116, y: 290, text: 'fat' },
  ],
};

const BREASTS = ['breast-left', 'breast-right'];
const THIGHS = ['thigh-left', 'thigh-right'];
const DRUMS = ['drum-left', 'drum-right'];
const WINGS = ['wing-left', 'wing-right'];
const BIRD = [...BREASTS, ...THIGHS, ...DRUMS, ...WINGS];

const wholeChicken: Drawing = {
  seen: 'chicken lying on its back, breast up, legs towards you',
  viewBox: [640, 330],
  regions: {
    back: 'M290 20C300 8 340 8 350 20L356 46H284ZM292 296L320 322L348 296Z',
    'wing-left': 'M214 66C170 60 130 84 112 122C120 138 138 142 150 132C158 152 176 158 190 146C204 128 214 100 220 78Z',
    'wing-right': 'M426 66C470 60 510 84 528 122C520 138 502 142 490 132C482 152 464 158 450 146C436 128 426 100 420 78Z',
    'breast-left': 'M318 40C262 38 220 62 212 112C206 156 226 194 268 212C290 220 306 222 318 222Z',
    'breast-right': 'M322 40C378 38 420 62 428 112C434 156 414 194 372 212C350 220 334 222 322 222Z',
    'thigh-left': 'M208 160C178 172 166 204 182 236C200 266 246 272 276 250C288 238 290 228 286 220C250 212 222 192 208 160Z',
    'thigh-right': 'M432 160C462 172 474 204 458 236C440 266 394 272 364 250C352 238 350 228 354 220C390 212 418 192 432 160Z',
    'drum-left': 'M186 244C172 262 196 290 232 292C260 294 280 302 298 306C306 308 312 302 308 294C304 286 294 284 286 276C284 268 282 262 276 252C246 274 206 268 186 244Z',
    'drum-right': 'M454 244C468 262 444 290 408 292C380 294 360 302 342 306C334 308 328 302 332 294C336 286 346 284 354 276C356 268 358 262 364 252C394 274 434 268 454 244Z',
  },
  parts: {
    breast: BREASTS,
    'breast-boneless': BREASTS,
    'breast-wing-bone': BREASTS,
    thighs: THIGHS,
    drumsticks: DRUMS,
    'leg-quarters': [...THIGHS, ...DRUMS],
    'breast-quarters': [...BREASTS, ...WINGS],
    halves: BIRD,
    flattened: BIRD,
    'boneless-bird': BIRD,
    wings: WINGS,
    'wing-drumettes': WINGS,
    back: ['back'],
    carcass: ['back'],
  },
  lines: ['M320 44V220'],
  labels: [
    { x: 66, y: 84, text: 'wing' },
    { x: 104, y: 216, text: 'thigh' },
    { x: 100, y: 296, text: 'drumstick' },
  ],
};

const DRAWINGS: Readonly<Record<string, Drawing>> = {
  'strip-loin': stripLoin,
  'beef-tenderloin': beefTenderloin,
  'whole-chicken': wholeChicken,
};

/** The drawing of a kind, or undefined for one that has none. */
export function drawingOf(kind: string | null): Drawing | undefined {
  return kind === null ? undefined : DRAWINGS[kind];
}
