/** The look of each treatment, in one place: colour, tint and silhouette, control first. Colours are in docs/look.md. */
export interface TreatmentLook {
  colour: string;
  tint: string;
  /** Silhouette on a 24-unit grid about (12, 12); things of the job, filled and open in turn. */
  path: string;
  open: boolean;
}

const LOOKS: Record<string, TreatmentLook> = {
  // a pot seen from above: a ring of wall around the soil
  A: {
    colour: '#75717A',
    tint: '#E6E5E8',
    open: false,
    path: 'M12 2a10 10 0 1 1 0 20a10 10 0 0 1 0-20zM12 5.2a6.8 6.8 0 1 0 0 13.6a6.8 6.8 0 0 0 0-13.6zM12 7.6a4.4 4.4 0 1 1 0 8.800a4.4 4.4 0 0 1 0-8.800z',
  },
  // a stick label
  B: { colour: '#3995DD', tint: '#DCECF9', open: true, path: 'M5 2h14v12l-7 8l-7-8z' },
  // a drop
  C: { colour: '#6319CE', tint: '#E6DBF8', open: false, path: 'M12 1.5C15 7 20 11 20 15.2a8 7.3 0 0 1-16 0C4 11 9 7 12 1.5z' },
  // a funnel
  D: { colour: '#930033', tint: '#F2DBE3', open: true, path: 'M2 3h20l-7.4 9.4V22H9.4v-9.600z' },
  // a lens-shaped seed
  E: { colour: '#14236A', tint: '#DDE0EE', open: false, path: 'M1 12C5 5 19 5 23 12C19 19 5 19 1 12z' },
  // a spool waist
  F: {
    colour: '#A5771F',
    tint: '#F1E8D6',
    open: true,
    path: 'M4 2h16v3.500l-4.500 6.500l4.500 6.500V22H4v-3.500L8.500 12L4 5.500z',
  },
  // a bell of glass over a seedling
  G: {
    colour: '#30546C',
    tint: '#DCE6EC',
    open: false,
    path: 'M12 1.500a2 2 0 0 1 1.200 3.600A9 9 0 0 1 21 13.500V22H3v-8.500A9 9 0 0 1 10.800 5.100A2 2 0 0 1 12 1.500z',
  },
  // a hand fork
  H: { colour: '#302400', tint: '#E8E3D3', open: true, path: 'M3 2h18v8h-3v12h-4.500v-9h-3v9H6V10H3z' },
};

export function treatmentLook(code: string): TreatmentLook {
  return LOOKS[code] ?? LOOKS.A!;
}
