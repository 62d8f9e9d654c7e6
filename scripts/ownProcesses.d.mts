export interface OwnProcess {
  pid: number;
  kind: 'start' | 'server' | 'database';
  /** Of a database. */
  port?: number;
}
export function processesOn(folder: string): OwnProcess[];
export function lives(pid: number): boolean;
export function end(pids: readonly number[], patience?: number): Promise<void>;
