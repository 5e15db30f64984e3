import { describe, expect, test } from '@jest/globals';
import { pieceFromTemplate, plainStep, templateById, type Piece } from '@eveningtide/core/subjects';
import { act, screen, within } from '@testing-library/react';
import { editorActions } from '../store/editor.js';
import { useAppSelector } from '../store/store.js';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { ShapeDialog } from './shape-dialog.js';

const wall: Piece = {
  ...pieceFromTemplate(templateById('wall'), { id: 'wall', name: 'Quay wall', scaleRatio: 76 }),
  steps: [plainStep({ id: 's', technique: 'wash', material: 'wash-enamel', zones: ['crown'] })],
};

function OnTheBench() {
  const piece = useAppSelector((state) => state.editor.piece);
  return piece && <ShapeDialog piece={piece} zoneId={null} onClose={() => undefined} />;
}

/** The dialog on a piece that lies open. */
function shown(piece = wall) {
  new FakeServer({});
  const page = showPage(<OnTheBench />);
  act(() => {
    page.store.dispatch(editorActions.opened({ stored: { version: 1, piece }, draft: null }));
  });
  const now = () => page.store.getState().editor.piece!;
  const type = async (label: string, text: string): Promise<void> => {
    await page.hands.clear(screen.getByLabelText(label));
    await page.hands.type(screen.getByLabelText(label), text);
  };
  const press = (name: string | RegExp) => page.hands.click(screen.getByRole('button', { name }));
  const tick = (name: RegExp) => page.hands.click(screen.getByRole('checkbox', { name }));
  const said = () => within(screen.getByRole('dialog')).getByRole('status').textContent;
  return { ...page, now, type, press, tick, said };
}

describe('the shape of a piece', () => {
  test('a zone is cut at a height: shown first, then made; the keys go to what can be cut next; undone in place', async () => {
    const { now, type, press, tick, said } = shown();
    expect(said()).toBe('Tick the zones that are cut.');
    await tick(/^Face/);
    await type('Height above its foot (mm)', '35');
    // 24.5 of its 59.5 mm
    expect(said()).toMatch(/^50\.7 cm², 41 % of what is ticked\.$/);
    expect(now().zones).toHaveLength(3);
    await type('The new zone is called', 'Damp foot');
    await type('Things alike in it', '12');
    await press('Cut it off');
    expect(now().zones.map(({ name, count }) => [name, count])).toEqual([
      ['Face', 1],
      ['Damp foot', 12],
      ['Crown', 1],
      ['Foot', 1],
    ]);
    expect(document.activeElement?.getAttribute('type')).toBe('checkbox');
    await press('Undo');
    expect(now().zones).toHaveLength(3);
  });

  test('what is not there is told by name, and cannot be pressed', async () => {
    const { type, tick, said } = shown();
    await tick(/^Crown/);
    await type('Height above its foot (mm)', '5');
    expect(said()).toBe('Not so: nothing of Crown lies there.');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Cut it off' }).disabled).toBe(true);
  });

  test('corners are typed: a rectangle, and an outline of four', async () => {
    const { now, hands, type, press, tick, said } = shown();
    await tick(/^Face/);
    const cut = screen.getByLabelText('Cut');
    await hands.selectOptions(cut, 'A rectangle');
    for (const [label, mm] of [
      ['One corner, from the left (mm)', '20'],
      ['One corner, from above (mm)', '10'],
      ['Across, from the left (mm)', '80'],
      ['Across, from above (mm)', '40'],
    ] as const)
      await type(label, mm);
    expect(screen.getByText('60 mm × 30 mm')).toBeTruthy();
    // 1800 of 10,710 mm²
    expect(said()).toContain('17 % of what is ticked');
    await hands.selectOptions(cut, 'An outline, corner by corner');
    for (const [at, [x, y]] of [
      [0, 0],
      [90, 0],
      [90, 59.5],
      [0, 59.5],
    ].entries()) {
      await press('Add a corner');
      await type(`Corner ${String(at + 1)}, from the left (mm)`, String(x));
      await type(`Corner ${String(at + 1)}, from above (mm)`, String(y));
    }
    expect(said()).toContain('50 % of what is ticked');
    await press('Cut it off');
    expect(now().zones).toHaveLength(4);
  });

  test('zones are taken away: what goes with them is told before; the last one stays', async () => {
    const { now, press, tick, said } = shown();
    await press('Join, take away, add');
    await tick(/^Crown/);
    expect(said()).toBe('One step is done there only, and goes along.');
    await press('Take them away');
    expect(now().steps).toEqual([]);
    await tick(/^Face/);
    await tick(/^Foot/);
    expect(said()).toBe('Not so: a piece needs at least one zone that is painted.');
  });

  test('what no drawing shows is told by name and surface; its fields are empty for the next one', async () => {
    const { now, type, press } = shown();
    await press('Join, take away, add');
    await type('It is called', 'Ladder');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add it' }).disabled).toBe(true);
    await type('Its surface (cm²)', '2.4');
    await press('Add it');
    expect(now().zones.at(-1)).toMatchObject({ name: 'Ladder', areaMm2: 240 });
    expect(screen.getByLabelText<HTMLInputElement>('Its surface (cm²)').value).toBe('');
    expect(screen.getByRole<HTMLInputElement>('checkbox', { name: /^Ladder/ }).checked).toBe(true);
  });

  test('a body comes with its areas; a figure in its size at the scale', async () => {
    const { now, hands, press, said } = shown();
    await press('Put a body to it');
    await hands.selectOptions(screen.getByLabelText('Body'), 'Figure, standing');
    // 1.75 m at 1 : 76
    expect(screen.getByLabelText<HTMLInputElement>('Height (mm)').value).toBe('23');
    expect(said()).toMatch(/^Figure, standing, coat and shirt/);
    await press('Put it there');
    expect(now().parts.at(-1)?.name).toBe('Figure, standing');
    // another one goes beside it: it is a part of its own
    await press('Put it there');
    expect(new Set(now().parts.map(({ id }) => id)).size).toBe(3);
  });
});
