// Made-up photographs, drawn by us as vector drawings with grain and light, and rendered. No real place or vehicle.
import { createHash } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';

const WIDTH = 1200;
const HEIGHT = 800;

/** Small numbers that only look random, the same every time. */
function seeded(seed) {
  let state = seed;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
}

const many = (count, draw) => Array.from({ length: count }, (_, i) => draw(i)).join('');

function scene(body, sky = '#b9c2c4', ground = '#7b7566') {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}">
  <defs>
    <linearGradient id="sky" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="${sky}"/><stop offset="1" stop-color="#dfe2dd"/></linearGradient>
    <filter id="grain"><feTurbulence type="fractalNoise" baseFrequency="0.8" numOctaves="3" seed="4"/><feColorMatrix values="0 0 0 0 0.5  0 0 0 0 0.5  0 0 0 0 0.5  0 0 0 0.16 0"/><feComposite in2="SourceGraphic" operator="in"/></filter>
    <filter id="soft"><feGaussianBlur stdDeviation="6"/></filter>
  </defs>
  <rect width="${WIDTH}" height="${HEIGHT}" fill="url(#sky)"/>
  <rect y="600" width="${WIDTH}" height="200" fill="${ground}"/>
  ${body}
  <rect width="${WIDTH}" height="${HEIGHT}" fill="#808080" opacity="0.25" filter="url(#grain)"/>
</svg>`;
}

function vanScene() {
  const random = seeded(14);
  const planks = many(
    11,
    (i) => `<rect x="160" y="${190 + i * 30}" width="880" height="28" fill="hsl(78,${20 + random() * 8}%,${33 + random() * 6}%)"/>`,
  );
  const rust = many(70, () => {
    const x = 170 + random() * 860;
    const y = 400 + random() * 110;
    return `<path d="M${x} ${y}q${random() * 6 - 3} 20 ${random() * 10 - 5} ${20 + random() * 70}" stroke="#8a4a22" stroke-width="${1 + random() * 5}" opacity="${0.2 + random() * 0.4}" fill="none"/>`;
  });
  const salt = many(
    160,
    () =>
      `<circle cx="${160 + random() * 880}" cy="${440 + random() * 80}" r="${2 + random() * 9}" fill="#d9d4c6" opacity="${0.08 + random() * 0.2}"/>`,
  );
  const wheel = (x) =>
    `<circle cx="${x}" cy="610" r="62" fill="#3a2c22"/><circle cx="${x}" cy="610" r="44" fill="#5a4232"/><circle cx="${x}" cy="610" r="12" fill="#2a2421"/>`;
  return scene(`
    <path d="M140 190Q600 110 1060 190z" fill="#8d8a80"/>
    ${planks}
    <rect x="480" y="200" width="240" height="320" fill="none" stroke="#2f3a26" stroke-width="6"/>
    <path d="M600 200v320" stroke="#2f3a26" stroke-width="5"/>
    ${many(4, (i) => `<rect x="${i % 2 ? 690 : 462}" y="${i < 2 ? 270 : 450}" width="48" height="14" fill="#4a2f1f"/>`)}
    ${salt}${rust}
    <rect x="130" y="520" width="940" height="34" fill="#3b3029"/>
    ${wheel(340)}${wheel(860)}
    <ellipse cx="600" cy="690" rx="500" ry="24" fill="#4f4a40" opacity="0.5" filter="url(#soft)"/>`);
}

function wallScene() {
  const random = seeded(7);
  let blocks = '';
  for (let row = 0; row < 9; row++) {
    let x = row % 2 ? -60 : 0;
    while (x < WIDTH) {
      const width = 100 + random() * 80;
      blocks += `<rect x="${x + 2}" y="${120 + row * 58}" width="${width - 4}" height="54" rx="4" fill="hsl(${36 + random() * 10},${10 + random() * 8}%,${48 + random() * 14}%)"/>`;
      x += width;
    }
  }
  const weed = many(
    300,
    () =>
      `<ellipse cx="${random() * WIDTH}" cy="${520 + random() * 120}" rx="${4 + random() * 18}" ry="${3 + random() * 8}" fill="#47512f" opacity="${0.25 + random() * 0.5}"/>`,
  );
  const streaks = many(24, () => {
    const x = 436 + random() * 30 - 15;
    return `<path d="M${x} 306q${random() * 8 - 4} 60 ${random() * 14 - 7} ${90 + random() * 160}" stroke="#7a3f1c" stroke-width="${1 + random() * 5}" opacity="${0.15 + random() * 0.3}" fill="none"/>`;
  });
  return scene(
    `<rect y="110" width="${WIDTH}" height="540" fill="#57524a"/>${blocks}${weed}${streaks}
    <circle cx="436" cy="290" r="26" fill="none" stroke="#3a2a22" stroke-width="9"/><rect x="424" y="252" width="24" height="22" fill="#3a2a22"/>
    <rect x="860" y="340" width="54" height="44" rx="20" fill="#1f1d1b"/>
    ${many(10, () => `<path d="M${870 + random() * 34} 380q4 40 ${random() * 8 - 4} ${60 + random() * 120}" stroke="#3d4233" stroke-width="${2 + random() * 6}" opacity="0.35" fill="none"/>`)}
    <rect y="90" width="${WIDTH}" height="34" fill="#8f887b"/>
    <rect y="650" width="${WIDTH}" height="150" fill="#59665f"/>
    ${many(30, () => `<path d="M${random() * WIDTH} ${660 + random() * 130}h${40 + random() * 120}" stroke="#aab5ae" stroke-width="2" opacity="0.35"/>`)}`,
    '#a9b4b8',
    '#59665f',
  );
}

/** The casting on the bench, bare or finished, from the same place: held one over the other they fit. */
function castingScene(finished) {
  const random = seeded(21);
  let blocks = '';
  for (let row = 0; row < 6; row++) {
    let x = row % 2 ? 130 : 190;
    while (x < 1000) {
      const width = Math.min(90 + random() * 70, 1010 - x);
      const [hue, sat, light] = [36 + random() * 10, 9 + random() * 9, 47 + random() * 13];
      const fill = finished ? `hsl(${hue},${sat}%,${light - row}%)` : `hsl(40,4%,${74 + random() * 3}%)`;
      blocks += `<rect x="${x + 3}" y="${230 + row * 60}" width="${width - 6}" height="54" rx="5" fill="${fill}"/>`;
      x += width;
    }
  }
  const weathered = finished
    ? many(
        170,
        () =>
          `<ellipse cx="${140 + random() * 870}" cy="${500 + random() * 90}" rx="${4 + random() * 15}" ry="${3 + random() * 7}" fill="#47512f" opacity="${0.2 + random() * 0.5}"/>`,
      ) +
      many(
        18,
        () =>
          `<path d="M${436 + random() * 26} 378q${random() * 8 - 4} 50 ${random() * 12 - 6} ${70 + random() * 110}" stroke="#7a3f1c" stroke-width="${1 + random() * 4}" opacity="${0.2 + random() * 0.3}" fill="none"/>`,
      )
    : '';
  return scene(
    `<ellipse cx="580" cy="640" rx="520" ry="30" fill="#3f3a33" opacity="0.5" filter="url(#soft)"/>
    <rect x="130" y="222" width="882" height="372" fill="${finished ? '#4a453d' : '#a9a69e'}"/>${blocks}
    <rect x="118" y="196" width="906" height="36" rx="4" fill="${finished ? '#8f887b' : '#c3c1bb'}"/>
    ${weathered}
    <circle cx="448" cy="366" r="20" fill="none" stroke="${finished ? '#3a2a22' : '#8f8c86'}" stroke-width="7"/>
    <rect x="760" y="400" width="44" height="36" rx="16" fill="${finished ? '#1f1d1b' : '#77746e'}"/>`,
    '#cfd0cc',
    '#8a7358',
  );
}

async function render(folder, svg) {
  const { data, info } = await sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer({ resolveWithObject: true });
  const fileName = `${createHash('sha256').update(data).digest('hex').slice(0, 32)}.jpg`;
  writeFileSync(join(folder, fileName), data);
  return { fileName, widthPx: info.width, heightPx: info.height };
}

const pin = (id, xShare, yShare, zoneId, featureId, note) => ({ id, xShare, yShare, zoneId, featureId, note });

export async function drawPictures(folder) {
  return {
    van: {
      id: 'van-at-the-pans',
      ...(await render(folder, vanScene())),
      caption: 'A van of the line at the salt pans (drawn)',
      takenOn: '2026-05-03',
      pins: [
        pin('p1', 0.42, 0.36, 'side-upper', 'feature-1', 'Rust starts at the hinges'),
        pin('p2', 0.3, 0.62, 'side-lower', null, 'Salt bleaches the lower planks, rust over it'),
        pin('p3', 0.28, 0.77, 'wheels', null, 'Wheels brown, not black'),
      ],
    },
    wall: {
      id: 'quay-at-low-tide',
      ...(await render(folder, wallScene())),
      caption: 'The fish quay at low tide (drawn)',
      takenOn: '2026-04-19',
      pins: [
        pin('p1', 0.365, 0.4, 'face', 'ring-bolt', 'Rust runs down from the ring'),
        pin('p2', 0.2, 0.72, 'base', null, 'Weed up to the tide line'),
        pin('p3', 0.74, 0.5, 'face', 'drain', 'Wet streak below the drain'),
      ],
    },
    castingBare: {
      id: 'spring-before',
      ...(await render(folder, castingScene(false))),
      caption: 'The bare casting (drawn)',
      takenOn: '2026-04-14',
      pins: [],
    },
    castingDone: {
      id: 'spring-after',
      ...(await render(folder, castingScene(true))),
      caption: 'The wall when it was done (drawn)',
      takenOn: '2026-04-22',
      pins: [],
    },
  };
}
