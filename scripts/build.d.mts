export function buildIfStale(): Promise<void>;
export function bundlePrograms(folder: string, programs: string[]): Promise<void>;
