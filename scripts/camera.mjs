#!/usr/bin/env node
// A simulated camera: pictures of the demo's pan, with perspective, changing light and a truth that is written beside them.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import sharp from 'sharp';
import { demoPictures, sidePictureOf } from '../apps/server/dist/demo/cameraFiles.js';

const { values } = parseArgs({
  options: {
    out: { type: 'string', default: 'pictures' },
    sown: { type: 'string', default: new Date().toISOString().slice(0, 10) },
    days: { type: 'string', default: '0-15' },
    light: { type: 'string' },
    tilt: { type: 'string' },
    warmth: { type: 'string' },
    blur: { type: 'string' },
    hand: { type: 'string' },
    width: { type: 'string' },
    // A plant of so many millimetres beside a ruler, from the side, instead of the pan.
    side: { type: 'string' },
  },
});

const number = (text) => (text === undefined ? undefined : Number(text));
const [first, last = first] = values.days.split('-').map(Number);
const width = number(values.width);
const shot = {
  light: number(values.light),
  warmth: number(values.warmth),
  blur: number(values.blur),
  hand: number(values.hand),
  tilt: values.tilt === undefined ? undefined : [Number(values.tilt), 0],
  width,
  height: width && Math.round((width * 3) / 4),
};
const change = Object.fromEntries(Object.entries(shot).filter(([, v]) => v !== undefined));

mkdirSync(values.out, { recursive: true });
const truth = [];
const jpeg = ({ width, height, data }) => sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } }).removeAlpha();
if (values.side !== undefined) {
  const { picture, ...known } = sidePictureOf(Number(values.side));
  await jpeg(picture).jpeg({ quality: 90 }).toFile(join(values.out, 'side.jpg'));
  writeFileSync(join(values.out, 'side.json'), `${JSON.stringify(known, null, 2)}\n`);
  console.log(`A plant of ${values.side} mm beside a ruler in ${values.out}.`);
  process.exit(0);
}
for (const { day, date, picture, percentGreen, corners } of demoPictures(values.sown, first, last, change)) {
  const file = `pan-day-${String(day).padStart(2, '0')}.jpg`;
  const taken = `${date.replaceAll('-', ':')} 10:40:00`;
  await jpeg(picture)
    .withExif({ IFD0: { Make: 'simulated camera' }, IFD2: { DateTimeOriginal: taken } })
    .jpeg({ quality: 92, chromaSubsampling: '4:4:4' })
    .toFile(join(values.out, file));
  truth.push({ file, day, date, percentGreen, corners });
}
writeFileSync(join(values.out, 'truth.json'), `${JSON.stringify(truth, null, 2)}\n`);
console.log(`${truth.length} pictures in ${values.out}, and their truth in truth.json.`);
