import { spoken } from '@bright-sprout/words/spoken';
import { type LayoutForm } from '@bright-sprout/core/plan/layout/layoutForm';

/** What containers stand on, as a heading. */
export const CARRIERS: Record<LayoutForm['id'], string> = spoken({
  sill: 'layOut.tray',
  jars: 'layOut.sill',
  pane: 'layOut.windowPane',
  cells: 'layOut.cellTray',
  sections: 'layOut.pan',
  rows: 'layOut.box',
});
