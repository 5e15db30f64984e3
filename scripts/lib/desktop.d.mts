export interface DesktopPlaces {
  node: string;
  root: string;
  home: string;
}
export interface DesktopEntry {
  path: string;
  text: string;
  mode: number;
  words: string;
}
export function desktopEntry(platform: string, places: DesktopPlaces): DesktopEntry | null;
export function hasScreen(platform: string, env: Record<string, string | undefined>): boolean;
