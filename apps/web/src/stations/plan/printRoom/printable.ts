import { type ReactNode } from 'react';

/** Something that can be printed: what it is called, and its pages as drawings without their paper. */
export interface Printable {
  id: PrintableId;
  name: string;
  detail: string;
  /** Each page with what it says to whoever cannot see it; a sentence where there is nothing to print. */
  pages: { label: string; content: ReactNode }[] | string;
}

export const PRINTABLES = [
  'stick-labels',
  'pot-labels',
  'record-sheets',
  'tray-map',
  'run-sheet',
  'watering',
  'shopping',
  'cautions',
  'predictions',
  'notebook',
  'ruler',
] as const;
export type PrintableId = (typeof PRINTABLES)[number];
