export class PlainError extends Error {}
export function which(...names: string[]): string | null;
export function installPackages(packages: string[], what: string): void;
export function portIsFree(port: number, host?: string): Promise<boolean>;
export function freePort(): Promise<number>;
export interface PrivateDatabase {
  port: number;
  pid: number;
  url: (database: string) => string;
  exited: Promise<number>;
  stop: () => Promise<void>;
}
export function startMariadb(options: { dataDir: string; port: number }): Promise<PrivateDatabase>;
