import { type FactorSubject, type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type ReactNode } from 'react';

/** One thing that is alike for all: its picture and words, and what it opens. */
export interface AlikeThing {
  key: string;
  glyph: ReactNode;
  says: string;
  more: string;
  /** Fields of problems behind it. */
  fields: readonly string[];
  panel: ReactNode;
  wide?: boolean;
}

/** Something that a factor of the plan changes is not alike for all. */
export const differs = (plan: PlanDocument, ...subjects: FactorSubject[]): boolean =>
  plan.factors.some((f) => subjects.includes(f.subject));
