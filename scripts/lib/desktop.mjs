// What stands on a desktop so that Eveningtide starts by a press: one small file, told for each kind of machine.
import { join } from 'node:path';

/** In quotes, as a line of a desktop entry wants it (freedesktop.org, Desktop Entry Specification 1.5, "The Exec key"). */
const quoted = (word) => `"${word.replace(/(["`$\\])/g, '\\$1')}"`;
/** In single quotes, as a shell wants it. */
const forShell = (word) => `'${word.replaceAll("'", `'\\''`)}'`;

const linux = ({ node, root, home }) => ({
  path: join(home, '.local', 'share', 'applications', 'eveningtide.desktop'),
  text: [
    '[Desktop Entry]',
    'Type=Application',
    'Name=Eveningtide',
    'Comment=Plans weathered finishes and carries them through real evenings',
    `Exec=${quoted(node)} ${quoted(join(root, 'scripts', 'start.mjs'))} --open`,
    `Path=${root}`,
    `Icon=${join(root, 'web', 'public', 'mark.svg')}`,
    // its messages are read there, and closing it ends the server
    'Terminal=true',
    'Categories=Graphics;Office;',
    '',
  ].join('\n'),
  mode: 0o755,
  words: 'It stands among the applications.',
});

const mac = ({ node, root, home }) => ({
  path: join(home, 'Desktop', 'Eveningtide.command'),
  text: ['#!/bin/sh', `cd ${forShell(root)} || exit 1`, `exec ${forShell(node)} scripts/start.mjs --open`, ''].join('\n'),
  mode: 0o755,
  words: 'It lies on the desktop.',
});

const windows = ({ node, root, home }) => ({
  path: join(home, 'Desktop', 'Eveningtide.cmd'),
  text: ['@echo off', 'title Eveningtide', `cd /d "${root}"`, `"${node}" scripts\\start.mjs --open`, 'if errorlevel 1 pause', ''].join(
    '\r\n',
  ),
  mode: 0o644,
  words: 'It lies on the desktop.',
});

const KINDS = { linux, darwin: mac, win32: windows };

/** The file for a kind of machine; null where there is none for it. */
export const desktopEntry = (platform, places) => KINDS[platform]?.(places) ?? null;

/** Whether a browser can be shown: on Linux only where there is a screen. */
export const hasScreen = (platform, env) =>
  env.CI === undefined && (platform !== 'linux' || env.DISPLAY !== undefined || env.WAYLAND_DISPLAY !== undefined);
