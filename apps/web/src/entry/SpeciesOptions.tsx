import { SPECIES } from '@bright-sprout/core/seeds/catalogue';

/** The kinds of the catalogue, as options of a select. */
export function SpeciesOptions() {
  return SPECIES.map((s) => (
    <option key={s.id} value={s.id}>
      {s.name}
    </option>
  ));
}
