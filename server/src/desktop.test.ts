import { describe, expect, test } from '@jest/globals';
import { desktopEntry, hasScreen } from '../../scripts/lib/desktop.mjs';

const places = { node: '/opt/node 20/bin/node', root: "/home/fen/my model's plans", home: '/home/fen' };

describe('a file on the desktop that starts it', () => {
  test('Linux: quoted, in its folder, among the applications', () => {
    const { path, text } = desktopEntry('linux', places)!;
    expect(path).toBe('/home/fen/.local/share/applications/eveningtide.desktop');
    expect(text).toContain(`Exec="/opt/node 20/bin/node" "/home/fen/my model's plans/scripts/start.mjs" --open\n`);
    expect(text).toContain("Path=/home/fen/my model's plans\n");
    expect(text.startsWith('[Desktop Entry]\nType=Application\n')).toBe(true);
  });

  test('macOS: a command that a shell reads as it is meant', () => {
    const { path, text, mode } = desktopEntry('darwin', places)!;
    expect(path).toBe('/home/fen/Desktop/Eveningtide.command');
    expect(text).toContain(`cd '/home/fen/my model'\\''s plans' || exit 1\n`);
    expect(mode & 0o111).not.toBe(0);
  });

  test('Windows: stays open when it fails', () => {
    const { text } = desktopEntry('win32', places)!;
    expect(text).toContain(`"/opt/node 20/bin/node" scripts\\start.mjs --open\r\n`);
    expect(text).toContain('if errorlevel 1 pause');
  });

  test('none where it is not known how', () => {
    expect(desktopEntry('aix', places)).toBeNull();
  });
});

test('a browser is opened only where there is a screen', () => {
  expect(hasScreen('linux', {})).toBe(false);
  expect(hasScreen('linux', { DISPLAY: ':0' })).toBe(true);
  expect(hasScreen('linux', { WAYLAND_DISPLAY: 'wayland-0' })).toBe(true);
  expect(hasScreen('darwin', {})).toBe(true);
  expect(hasScreen('win32', { CI: 'true' })).toBe(false);
});
