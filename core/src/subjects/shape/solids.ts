import { views, type BodyKind } from './body-kind.js';
import { arc, at, courses, ellipse, girthOf, halfEllipsoidMm2, patch, rect, shown } from './geometry.js';

export const BOX: BodyKind = {
  id: 'box',
  name: 'Box',
  note: 'Its underside is not counted.',
  zones: [
    { key: 'sides', name: 'sides', role: 'face' },
    { key: 'ends', name: 'ends', role: 'ends' },
    { key: 'top', name: 'top', role: 'crown' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    return views(size, {
      side: [patch('sides', rect(0, 0, l, h))],
      end: [patch('ends', rect(0, 0, w, h))],
      top: [patch('top', rect(0, 0, l, w), 1)],
    });
  },
};

export const ROOF: BodyKind = {
  id: 'roof',
  name: 'Round roof',
  note: 'An arc across its width; at most half a circle.',
  zones: [
    { key: 'top', name: 'top', role: 'roof' },
    { key: 'ends', name: 'gables', role: 'ends' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm } = size;
    const h = Math.min(heightMm, w / 2);
    const radius = (w * w) / (8 * h) + h / 2;
    const lengthOfArc = 2 * radius * Math.asin(Math.min(1, w / (2 * radius)));
    return views(size, {
      side: [shown('top', rect(0, 0, l, heightMm))],
      end: [patch('ends', arc(w, heightMm, h))],
      top: [patch('top', rect(0, 0, l, w), 1, lengthOfArc / w)],
      lines: { top: courses(0, 0, l, w, 2) },
    });
  },
};

export const CYLINDER: BodyKind = {
  id: 'cylinder',
  name: 'Cylinder, lying',
  note: 'Boiler, barrel, pipe with its ends closed.',
  zones: [
    { key: 'upper', name: 'upper half', role: 'side-upper' },
    { key: 'lower', name: 'lower half', role: 'side-lower' },
    { key: 'ends', name: 'ends', role: 'ends' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    // a quarter of its girth, seen from the side as half its height
    const stretch = girthOf(w, h) / (2 * h);
    return views(size, {
      side: [patch('upper', rect(0, 0, l, h / 2), 2, stretch), patch('lower', rect(0, h / 2, l, h / 2), 2, stretch)],
      end: [patch('ends', ellipse(w / 2, h / 2, w / 2, h / 2))],
      top: [shown('upper', rect(0, 0, l, w))],
    });
  },
};

/** Wall of a tube against its width (from memory). */
const WALL = 0.08;

export const TUBE: BodyKind = {
  id: 'tube',
  name: 'Tube, lying',
  note: 'Open pipe: its inside is glimpsed.',
  zones: [
    { key: 'outside', name: 'outside', role: 'side-upper' },
    { key: 'mouths', name: 'mouths', role: 'ends' },
    { key: 'inside', name: 'inside', role: 'interior', seen: 'glimpsed' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    const wall = WALL * Math.min(w, h);
    const hole = ellipse(w / 2, h / 2, w / 2 - wall, h / 2 - wall);
    return views(size, {
      side: [patch('outside', rect(0, 0, l, h), 2, girthOf(w, h) / (2 * h))],
      end: [{ ...patch('mouths', ellipse(w / 2, h / 2, w / 2, h / 2)), holes: [hole] }],
      top: [shown('outside', rect(0, 0, l, w))],
      hidden: [{ zoneId: 'inside', areaMm2: girthOf(w - 2 * wall, h - 2 * wall) * l }],
    });
  },
};

export const POST: BodyKind = {
  id: 'post',
  name: 'Cylinder, standing',
  note: 'Chimney, tank, post, barrel on its head.',
  zones: [
    { key: 'shell', name: 'shell', role: 'face' },
    { key: 'top', name: 'top', role: 'crown' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    return views(size, {
      side: [patch('shell', rect(0, 0, l, h), 1, girthOf(l, w) / l)],
      end: [shown('shell', rect(0, 0, w, h))],
      top: [patch('top', ellipse(l / 2, w / 2, l / 2, w / 2), 1)],
    });
  },
};

export const WEDGE: BodyKind = {
  id: 'wedge',
  name: 'Wedge, ramp',
  note: 'Rises from nothing at the left to its height at the right.',
  zones: [
    { key: 'slope', name: 'slope', role: 'crown' },
    { key: 'sides', name: 'sides', role: 'face' },
    { key: 'end', name: 'high end', role: 'ends' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    return views(size, {
      side: [patch('sides', [at(0, h), at(l, 0), at(l, h)])],
      end: [patch('end', rect(0, 0, w, h), 1)],
      top: [patch('slope', rect(0, 0, l, w), 1, Math.hypot(l, h) / l)],
    });
  },
};

export const PLATE: BodyKind = {
  id: 'plate',
  name: 'Plate, base',
  note: 'Deck, lid, base board.',
  zones: [
    { key: 'top', name: 'top', role: 'floor', bears: true },
    { key: 'edge', name: 'edge', role: 'ends' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    return views(size, {
      side: [patch('edge', rect(0, 0, l, h))],
      end: [patch('edge', rect(0, 0, w, h))],
      top: [patch('top', rect(0, 0, l, w), 1)],
    });
  },
};

export const MOUND: BodyKind = {
  id: 'mound',
  name: 'Mound, heap',
  note: 'Half an ellipsoid.',
  zones: [{ key: 'surface', name: 'surface', role: 'load' }],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    const [a, b] = [l / 2, w / 2];
    return views(size, {
      side: [shown('surface', ellipse(a, h, a, h, 0.5, 1))],
      end: [shown('surface', ellipse(b, h, b, h, 0.5, 1))],
      top: [patch('surface', ellipse(a, b, a, b), 1, halfEllipsoidMm2(a, b, h) / (Math.PI * a * b))],
    });
  },
};
