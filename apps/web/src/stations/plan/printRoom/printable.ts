import { type LabelGrid, type PaperName } from '@bright-sprout/core/paper/labelGrid';
import { type SheetPeriod } from '@bright-sprout/core/paper/paperSheets';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
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

/** A plan with everything that was worked out of it. */
export interface Planned {
  plan: PlanDocument;
  out: WorkedOut;
}

export type SheetSize = 'usual' | 'large' | 'early';

/** How it is printed. */
export interface Choices {
  paper: PaperName;
  gridName: string;
  grid: LabelGrid;
  blind: boolean;
  size: SheetSize;
  period: SheetPeriod;
  /** Which of them, by its first day; `all` for every one. */
  from: string;
  kitchen: Kitchen;
  /** Empty for every team. */
  team: string;
}
