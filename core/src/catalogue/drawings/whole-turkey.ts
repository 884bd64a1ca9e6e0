import type { Drawing } from '../drawing';
import { outline, oval, stroke } from '../outline';

export const wholeTurkey: Drawing = {
  sides: [
    {
      name: 'on its back, from the side',
      seen: 'turkey lying on its back, seen from the side: breast up, neck on the left, leg on the right',
      viewBox: [640, 320],
      regions: {
        breast: outline(
          '96,190! 112,122 176,66 266,44 356,64 404,118! 384,166 330,196! 262,200! 202,178 150,200!',
        ),
        thigh: outline('404,118! 456,118 502,152! 514,194! 520,226! 468,240 400,236 330,196! 384,166'),
        drum: outline('502,152! 544,124 580,86 598,54 614,44 630,56 624,84 600,116 562,164 514,194!'),
        wing: outline('150,200! 202,178 262,200! 272,228 240,250 190,246 158,230'),
        carcass: outline(
          '96,190! 150,200! 158,230 190,246 240,250 272,228 262,200! 330,196! 400,236 468,240 520,226! 548,240 490,272 380,284 240,278 140,256 104,226!',
        ),
        'neck-skin': outline('96,190! 104,226! 74,238 46,222 42,200 66,192'),
      },
      parts: {
        'breast-boneless': ['breast'],
        breast: ['breast'],
        thighs: ['thigh'],
        'thigh-meat': ['thigh'],
        drumsticks: ['drum'],
        'drum-meat': ['drum'],
        wings: ['wing'],
        carcass: ['carcass'],
        'fat-skin': ['neck-skin'],
      },
      landmarks: [
        { of: 'bone', d: stroke('130,148 190,92 270,70 350,92') },
        { of: 'joint', d: oval(508, 172, 9, 10) },
        { of: 'joint', d: oval(372, 196, 9, 10) },
        { of: 'joint', d: oval(164, 208, 8, 8) },
        { of: 'grain', d: stroke('160,150 220,118 290,110') },
        { of: 'grain', d: stroke('230,160 290,142 350,140') },
      ],
      cuts: {
        'legs-off': [stroke('412,104 404,118 384,166 330,196 318,204')],
        'thigh-drum': [stroke('496,140 504,160 514,194 524,206')],
        'bone-dark': [stroke('380,180 440,176 508,174 560,130 606,66')],
        'wings-off': [stroke('140,206 150,200 202,178 262,200')],
        'bone-breast': [
          stroke('112,140 180,84 270,60 372,86'),
          stroke('96,190 150,200'),
          stroke('262,200 330,196'),
        ],
        'back-out': [stroke('96,190 150,200 202,178 262,200 330,196')],
        'split-breast': [stroke('112,140 180,84 270,60 372,86')],
      },
      labels: [
        { x: 250, y: 140, text: 'breast' },
        { x: 444, y: 190, text: 'thigh' },
        { x: 530, y: 60, text: 'drumstick' },
        { x: 214, y: 224, text: 'wing' },
        { x: 340, y: 266, text: 'carcass' },
      ],
    },
  ],
};
