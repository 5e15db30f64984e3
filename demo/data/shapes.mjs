/** A net store with a round roof and a chimney, put together from a casting and two bodies. */
export async function shapes() {
  const { keptShapeOf, pieceFromTemplate, templateById, withBody } = await import('../../core/dist/subjects/index.js');
  const store = pieceFromTemplate(templateById('block-tower'), { id: 'net-store', name: 'Net store', scaleRatio: 76 });
  const { lengthMm, widthMm } = store.sizeMm;
  const roof = { id: 'roof', kind: 'roof', name: 'Roof', size: { lengthMm, widthMm, heightMm: 14 }, surface: 'sheet', substrate: 'card' };
  const chimney = {
    id: 'chimney',
    kind: 'post',
    name: 'Chimney',
    size: { lengthMm: 7, widthMm: 7, heightMm: 18 },
    surface: 'masonry',
    substrate: 'plaster',
  };
  const whole = [roof, chimney].reduce((piece, body) => withBody(piece, { ...body, where: 'on', removable: true }), store);
  return [keptShapeOf(whole, 'net-store', 'Net store, round roof')];
}
