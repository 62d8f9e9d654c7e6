import { type ColumnMapping } from '@bright-sprout/core/formats/columnMapping';
import { Form } from 'react-bootstrap';
import { DayInput } from '../../entry/DayInput';
import { Field } from '../../entry/Field';
import { type MappingProps } from './mappingProps';

/** How numbers and dates are written, when it was sown, and which treatment is the control. */
export function WritingFields({ csv, mapping, onChange }: MappingProps) {
  const { treatment } = mapping.columns;
  const treatments = treatment ? [...new Set(csv.rows.map((r) => r.cells[treatment]!.trim()))].filter(Boolean) : [];
  return (
    <section className="section">
      <h2>How is it written?</h2>
      <div className="import-pairs">
        <Field label="Heights are in">
          {(props) => (
            <Form.Select
              value={mapping.lengthUnit}
              onChange={(e) => onChange({ ...mapping, lengthUnit: e.target.value as ColumnMapping['lengthUnit'] })}
              {...props}
            >
              <option value="mm">millimetres</option>
              <option value="cm">centimetres</option>
              <option value="in">inches</option>
            </Form.Select>
          )}
        </Field>
        <Field label="Dates are written">
          {(props) => (
            <Form.Select
              value={mapping.dateOrder}
              onChange={(e) => onChange({ ...mapping, dateOrder: e.target.value as ColumnMapping['dateOrder'] })}
              {...props}
            >
              <option value="year-month-day">year, month, day</option>
              <option value="day-month-year">day, month, year</option>
              <option value="month-day-year">month, day, year</option>
            </Form.Select>
          )}
        </Field>
        <Field label="Sown on">
          {(props) => (
            <DayInput value={mapping.sownOn ?? ''} onChange={(day) => onChange({ ...mapping, sownOn: day || null })} {...props} />
          )}
        </Field>
        <Field label="The control is">
          {(props) => (
            <Form.Select
              value={mapping.control ?? ''}
              onChange={(e) => onChange({ ...mapping, control: e.target.value || null })}
              {...props}
            >
              <option value="">as the file says, or the first</option>
              {treatments.slice(0, 12).map((t) => (
                <option key={t}>{t}</option>
              ))}
            </Form.Select>
          )}
        </Field>
      </div>
    </section>
  );
}
