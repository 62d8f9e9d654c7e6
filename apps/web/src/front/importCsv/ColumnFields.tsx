import { type ColumnMapping, type ColumnRole } from '@bright-sprout/core/formats/columnMapping';
import { Form } from 'react-bootstrap';
import { Field } from '../../entry/Field';
import { type MappingProps } from './mappingProps';

const NEEDED: { role: ColumnRole; label: string; optional?: boolean }[] = [
  { role: 'treatment', label: 'Treatment' },
  { role: 'unit', label: 'Container' },
  { role: 'value', label: 'Height', optional: true },
  { role: 'leaves', label: 'Number of leaves', optional: true },
  { role: 'date', label: 'Date', optional: true },
  { role: 'day', label: 'Day since sowing', optional: true },
  { role: 'block', label: 'Team or block', optional: true },
  { role: 'lengthUnit', label: 'Unit of length', optional: true },
  { role: 'plant', label: 'Plant in the container', optional: true },
  { role: 'state', label: 'State', optional: true },
  { role: 'note', label: 'Note', optional: true },
];

/** Which column tells what of a look, beside what was measured. */
export function ColumnFields({ csv, mapping, onChange }: MappingProps) {
  const set = (role: ColumnRole, heading: string) => {
    const others = Object.fromEntries(Object.entries(mapping.columns).filter(([r]) => r !== role)) as ColumnMapping['columns'];
    onChange({ ...mapping, columns: heading === '' ? others : { ...others, [role]: heading } });
  };
  return (
    <section className="section">
      <h2>Which column is what?</h2>
      <div className="import-pairs">
        {NEEDED.map(({ role, label, optional }) => (
          <Field key={role} label={label}>
            {(props) => (
              <Form.Select value={mapping.columns[role] ?? ''} onChange={(e) => set(role, e.target.value)} {...props}>
                <option value="">{optional ? 'none' : 'choose …'}</option>
                {csv.headings.map((h) => (
                  <option key={h}>{h}</option>
                ))}
              </Form.Select>
            )}
          </Field>
        ))}
      </div>
    </section>
  );
}
