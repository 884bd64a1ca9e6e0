import type { Drawing } from '../drawing';
import { outline, oval, slices, stroke } from '../outline';

const SLICES = slices(118, 470, 10, 94, 250);

export const stripLoin: Drawing = {
  sides: [
    {
      name: 'fat side up',
      seen: 'strip loin from the side, fat cap up, rib end on the left, oval of the sirloin muscle on the right',
      viewBox: [640, 310],
      tenCm: 125,
      regions: {
        'rib-end': outline('84,104! 118,99! 126,172 118,246! 88,252 56,236 42,172 56,114'),
        steaks: outline('118,99! 200,92 340,88 470,94! 480,172 470,250! 340,256 200,254 118,246! 126,172'),
        'sirloin-end': outline('470,94! 550,108 606,128! 616,180 596,228! 540,246 470,250! 480,172'),
        'fat-cap': outline(
          '76,92! 130,72 220,58 340,54 480,62 575,88 606,128! 550,108 470,94! 340,88 200,92 118,99! 84,104!',
        ),
        underside: outline(
          '118,246! 200,254 340,256 470,250! 540,246 596,228! 602,248 540,266 470,272! 340,278 200,276 118,264!',
        ),
      },
      stuff: { 'fat-cap': 'fat' },
      parts: {
        steaks: ['steaks'],
        roast: ['steaks'],
        ends: ['rib-end', 'sirloin-end'],
        'fat-cap': ['fat-cap'],
        'strip-and-tail': ['underside'],
      },
      sliced: { regions: ['steaks'], from: 118, to: 476 },
      landmarks: [
        {
          of: 'face',
          on: 'rib-end',
          d: outline('72,108 96,118 106,150 106,196 98,232 80,246 58,228 46,172 56,124'),
        },
        {
          of: 'fat',
          on: 'rib-end',
          d: outline('72,108 96,118 106,150 108,176 100,158 90,134 74,124 58,130'),
        },
        { of: 'fat', on: 'rib-end', d: outline('72,168 84,176 88,190 78,184') },
        { of: 'grain', on: 'rib-end', d: stroke('60,160 76,154 90,166') },
        { of: 'grain', on: 'rib-end', d: stroke('58,192 72,200 96,206') },
        { of: 'grain', on: 'rib-end', d: stroke('66,216 80,222 92,220') },
        { of: 'grain', on: 'steaks', d: stroke('150,124 250,116 350,118') },
        { of: 'grain', on: 'steaks', d: stroke('170,160 290,154 420,160') },
        { of: 'grain', on: 'steaks', d: stroke('150,204 260,208 380,204') },
        { of: 'grain', on: 'steaks', d: stroke('260,182 360,180 448,184') },
        { of: 'grain', on: 'fat-cap', d: stroke('150,82 250,70 340,68') },
        { of: 'grain', on: 'fat-cap', d: stroke('390,72 480,78 560,100') },
        { of: 'silver-skin', on: 'underside', d: stroke('150,264 300,268 470,262 570,244') },
        { of: 'stop', on: 'sirloin-end', d: oval(546, 176, 30, 40) },
        { of: 'grain', on: 'sirloin-end', d: stroke('532,160 552,172 556,194') },
      ],
      cuts: {
        'trim-fat': [stroke('84,104 118,99 200,92 340,88 470,94 550,108 606,128')],
        'trim-under': [stroke('118,246 200,254 340,256 470,250 540,246 596,228')],
        'square-off': [stroke('118,80 126,172 118,262')],
        'roast-off': [stroke('300,70 308,172 300,268')],
        slice: SLICES,
        'slice-and-trim': SLICES,
        stop: [stroke('472,70 482,172 472,264')],
      },
      labels: [
        { x: 62, y: 74, text: 'rib end' },
        { x: 320, y: 42, text: 'fat cap' },
        { x: 546, y: 298, text: 'stop at the oval' },
      ],
    },
    {
      name: 'turned over',
      seen: 'strip loin turned over, the silvery strip along the lower edge, tail tip on the right',
      viewBox: [640, 310],
      tenCm: 125,
      regions: {
        'rib-end': outline('66,92! 112,86! 118,150 112,214! 66,212! 50,152'),
        steaks: outline('112,86! 290,76 470,86! 478,150 470,218! 290,222 112,214! 118,150'),
        'sirloin-end': outline('470,86! 550,98 604,136! 606,172! 550,204 470,218! 478,150'),
        strip: outline(
          '66,212! 112,214! 290,222 470,218! 550,204 606,172! 620,196 570,236 470,256 290,262 120,252',
        ),
      },
      parts: {
        steaks: ['steaks'],
        roast: ['steaks'],
        ends: ['rib-end', 'sirloin-end'],
        'strip-and-tail': ['strip'],
      },
      sliced: { regions: ['steaks'], from: 112, to: 474 },
      landmarks: [
        { of: 'grain', on: 'steaks', d: stroke('140,116 240,106 340,108') },
        { of: 'grain', on: 'steaks', d: stroke('160,150 280,144 420,150') },
        { of: 'grain', on: 'steaks', d: stroke('140,186 260,190 400,188') },
        { of: 'silver-skin', on: 'strip', d: stroke('90,228 200,238 320,242 440,238 560,214') },
        { of: 'silver-skin', on: 'strip', d: stroke('120,242 220,250 340,252 460,246 580,216') },
        { of: 'stop', on: 'sirloin-end', d: oval(545, 150, 28, 36) },
      ],
      cuts: {
        'trim-under': [stroke('66,212 112,214 290,222 470,218 550,204 606,172')],
        'square-off': [stroke('112,70 118,150 112,240')],
      },
      labels: [
        { x: 60, y: 68, text: 'rib end' },
        { x: 300, y: 294, text: 'silvery strip' },
        { x: 566, y: 284, text: 'tail tip' },
      ],
    },
  ],
};
