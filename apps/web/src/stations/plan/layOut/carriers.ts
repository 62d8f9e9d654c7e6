import { type LayoutForm } from '@bright-sprout/core/plan/layout/layoutForm';

/** What containers stand on, as a heading. */
export const CARRIERS: Record<LayoutForm['id'], string> = {
  sill: 'Tray',
  jars: 'Sill',
  pane: 'Window pane',
  cells: 'Cell tray',
  sections: 'Pan',
  rows: 'Box',
};
