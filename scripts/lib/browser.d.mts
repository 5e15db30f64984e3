export const BROWSER_FLAGS: string[];
export function installedChromium(): string | undefined;
export function chromiumPath(): Promise<string>;
