import { say } from '@bright-sprout/words/say';
import { type LayoutForm } from '@bright-sprout/core/plan/layout/layoutForm';

/** What containers stand on, as a heading. */
export const CARRIERS: Record<LayoutForm['id'], string> = {
  get sill() {
    return say('layOut.tray');
  },
  get jars() {
    return say('layOut.sill');
  },
  get pane() {
    return say('layOut.windowPane');
  },
  get cells() {
    return say('layOut.cellTray');
  },
  get sections() {
    return say('layOut.pan');
  },
  get rows() {
    return say('layOut.box');
  },
};
