import { nounOf } from '../../words/plural';
import { type GrowingMethod, methodById } from '../../seeds/catalogue';
import { type OwnCarrier } from '../document/planDocument';

/** How containers of a growing method stand together, and how that is drawn. */
export interface LayoutForm {
  id: GrowingMethod['stands'];
  /** What carries them: `sill`, `window pane`, `cell tray`, `pan`, `box`. */
  carrier: string;
  /** Rows from the window (or from the top of a pane) for that many on one carrier. */
  rows: (each: number) => number;
  /** Columns of a carrier of one's own; left out where it is as wide as it has to be. */
  columns?: number;
  /** As many as one carrier holds. */
  most: number;
  /** Room that one of them takes, with a finger's width around it, mm; seen from above, on a pane from the front. */
  footprint: (fillMl: number) => Footprint;
}

export interface Footprint {
  wideMm: number;
  deepMm: number;
}

const FINGER_MM = 10;
/** A pot is about as wide as it is high: the cylinder of its filling, a little wider at the rim. */
const RIM = 1.15;

/** Round pots: as wide as their filling lets expect. */
function round(fillMl: number): Footprint {
  const mm = 10 * Math.cbrt((4 * Math.max(1, fillMl)) / Math.PI) * RIM;
  return { wideMm: Math.round(mm) + FINGER_MM, deepMm: Math.round(mm) + FINGER_MM };
}

const fixed = (wideMm: number, deepMm: number) => () => ({ wideMm, deepMm });

const FORMS: Record<GrowingMethod['stands'], LayoutForm> = {
  sill: {
    id: 'sill',
    get carrier() {
      return nounOf('tray');
    },
    rows: (each) => Math.min(2, Math.max(1, each)),
    most: 48,
    footprint: round,
  },
  pane: {
    id: 'pane',
    get carrier() {
      return nounOf('pane');
    },
    rows: (each) => (each > 12 ? 3 : each > 4 ? 2 : 1),
    most: 24,
    footprint: fixed(190, 210),
  },
  jars: {
    id: 'jars',
    get carrier() {
      return nounOf('sill');
    },
    rows: (each) => (each > 8 ? 2 : 1),
    most: 24,
    footprint: fixed(90, 90),
  },
  cells: {
    id: 'cells',
    get carrier() {
      return nounOf('cellTray');
    },
    rows: (each) => (each > 24 ? 6 : each > 8 ? 4 : 2),
    most: 72,
    footprint: fixed(45, 45),
  },
  sections: {
    id: 'sections',
    get carrier() {
      return nounOf('pan');
    },
    rows: (each) => (each > 3 ? 2 : 1),
    most: 6,
    footprint: fixed(120, 150),
  },
  rows: {
    id: 'rows',
    get carrier() {
      return nounOf('box');
    },
    rows: (each) => Math.max(1, each),
    most: 6,
    footprint: fixed(600, 60),
  },
};

/** How containers of a method stand; one whole pan or box carries as many as it has parts, one's own as many as it has places. */
export function layoutForm(methodId: string, own: OwnCarrier | null = null): LayoutForm {
  const method = methodById(methodId);
  const form = FORMS[method?.stands ?? 'sill'];
  if (own)
    return {
      ...form,
      rows: () => own.rows,
      columns: own.columns,
      most: own.columns * own.rows,
      footprint: fixed(own.wideMm, own.deepMm),
    };
  return method && method.perWhole > 1 ? { ...form, most: method.perWhole } : form;
}
