export interface RunningServer {
  url: string;
  port: number;
  folder: string;
  /** What it has printed so far. */
  said: () => string;
  stop: () => Promise<void>;
  kill: () => Promise<void>;
}

export function startServer(options?: {
  demo?: boolean;
  env?: Record<string, string>;
  folder?: string | null;
  args?: readonly string[];
}): Promise<RunningServer>;
