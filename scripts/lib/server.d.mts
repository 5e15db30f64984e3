export interface RunningServer {
  url: string;
  folder: string;
  stop: () => Promise<void>;
  kill: () => Promise<void>;
}

export function startServer(options?: { demo?: boolean; env?: Record<string, string>; folder?: string | null }): Promise<RunningServer>;
