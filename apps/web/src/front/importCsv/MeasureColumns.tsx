import { measureOfColumn } from '@bright-sprout/core/formats/ownMeasuresInTable';
import { BUILT_IN } from '@bright-sprout/core/measures/registry';
import { Form } from 'react-bootstrap';
import { Field } from '../../entry/Field';
import { type MappingProps } from './mappingProps';

const OWN = 'own';
/** Columns of a file of ours that say something about the table, not about a plant. */
const ABOUT_THE_TABLE = /^(own_measures|.* as typed)$/;

/** The columns that are left: each may be a measure, one that is known or one of its own. */
export function MeasureColumns({ csv, mapping, onChange }: MappingProps) {
  const taken = new Set(Object.values(mapping.columns));
  const left = csv.headings.filter((h) => !taken.has(h) && !ABOUT_THE_TABLE.test(h));
  if (left.length === 0) return null;
  const set = (heading: string, code: string) => {
    const measures = mapping.measures.filter((m) => m.heading !== heading);
    const own = mapping.own.filter((m) => measures.some((c) => c.measure === m.code));
    if (code === '') return onChange({ ...mapping, measures, own });
    const defined = code === OWN ? measureOfColumn(heading, csv) : null;
    if (code === OWN && defined === null) return;
    const column = { heading, measure: defined?.code ?? code, typedHeading: null };
    onChange({ ...mapping, measures: [...measures, column], own: defined ? [...own, defined] : own });
  };
  return (
    <section className="section">
      <h2>What else was measured?</h2>
      <div className="import-pairs">
        {left.map((heading) => {
          const chosen = mapping.measures.find((m) => m.heading === heading)?.measure ?? '';
          const isOwn = mapping.own.some((m) => m.code === chosen);
          return (
            <Field key={heading} label={heading}>
              {(props) => (
                <Form.Select value={isOwn ? OWN : chosen} onChange={(e) => set(heading, e.target.value)} {...props}>
                  <option value="">leave it out</option>
                  {(isOwn || measureOfColumn(heading, csv) !== null) && <option value={OWN}>a measure of its own</option>}
                  {BUILT_IN.filter((m) => m.code !== 'height' && m.code !== 'leaves').map((m) => (
                    <option key={m.code} value={m.code}>
                      {m.name}
                    </option>
                  ))}
                </Form.Select>
              )}
            </Field>
          );
        })}
      </div>
    </section>
  );
}
