import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Rows that are carried over at a time. */
const CHUNK = 500;

type More = { countUp?: number; stage?: string; vigour?: string; rootMm?: number; own?: Record<string, number | string> };
type Row = { reading_id: string; measure: string; value: number | null; choice: string | null; typed: string | null };

/**
 * Every measure alike: what a reading found becomes rows of its own, and plans and benches name measures by the codes of the
 * registry. The old columns go last, so that it can be run again after any interruption.
 */
export class Findings1764100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS finding (
      reading_id uuid NOT NULL,
      measure varchar(40) NOT NULL,
      value double NULL,
      choice varchar(60) NULL,
      typed varchar(60) NULL,
      reading_state varchar(12) NOT NULL DEFAULT 'measured',
      PRIMARY KEY (reading_id, measure),
      CONSTRAINT finding_rule_1 CHECK ((value IS NULL) <> (choice IS NULL)),
      CONSTRAINT finding_rule_2 CHECK (reading_state = 'measured'),
      CONSTRAINT finding_rule_3 CHECK (measure <> 'height' OR value > 0)
    ) ENGINE=InnoDB`);
    for (const rule of ['reading_rule_2', 'reading_rule_3', 'reading_rule_5'])
      await runner.query(`ALTER TABLE reading DROP CONSTRAINT IF EXISTS ${rule}`);
    // A finding belongs to a reading that was measured: the key of both says so whatever the program does.
    await runner.query('ALTER TABLE reading ADD UNIQUE INDEX IF NOT EXISTS reading_id_state (id, state)');
    await runner.query(
      'ALTER TABLE finding ADD CONSTRAINT finding_reading FOREIGN KEY IF NOT EXISTS (reading_id, reading_state) REFERENCES reading (id, state) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      "ALTER TABLE investigation ADD COLUMN IF NOT EXISTS after_loss varchar(10) NOT NULL DEFAULT 'exclude', ADD COLUMN IF NOT EXISTS report varchar(16) NOT NULL DEFAULT 'container-mean'",
    );
    if (await runner.hasColumn('reading', 'value_mm')) await this.carryReadings(runner);
    await this.carryPlans(runner);
    await this.carryBenches(runner);
    await runner.query(
      'ALTER TABLE reading DROP COLUMN IF EXISTS value_mm, DROP COLUMN IF EXISTS typed, DROP COLUMN IF EXISTS leaves, DROP COLUMN IF EXISTS more',
    );
  }

  private async carryReadings(runner: QueryRunner): Promise<void> {
    await runner.query(
      `INSERT IGNORE INTO finding (reading_id, measure, value, typed)
       SELECT id, 'height', value_mm, typed FROM reading WHERE state = 'measured' AND value_mm IS NOT NULL`,
    );
    await runner.query(
      `INSERT IGNORE INTO finding (reading_id, measure, value)
       SELECT id, 'leaves', leaves FROM reading WHERE state = 'measured' AND leaves IS NOT NULL`,
    );
    const benches = new Map<string, string>();
    for (const { id, bench } of (await runner.query('SELECT id, bench FROM investigation')) as {
      id: string;
      bench: string | null;
    }[])
      benches.set(id, (JSON.parse(bench ?? '{}') as { sprouted?: string } | null)?.sprouted ?? 'shoot');
    let after = '00000000-0000-0000-0000-000000000000';
    for (;;) {
      const found = (await runner.query(
        `SELECT r.id, r.more, c.investigation_id FROM reading r
         JOIN plant_check p ON p.id = r.check_id JOIN container c ON c.id = p.container_id
         WHERE r.more IS NOT NULL AND r.state = 'measured' AND r.id > ? ORDER BY r.id LIMIT ${CHUNK}`,
        [after],
      )) as { id: string; more: string; investigation_id: string }[];
      if (found.length === 0) return;
      const rows = found.flatMap((r) => rowsOf(r.id, r.more, benches.get(r.investigation_id) ?? 'shoot'));
      for (const row of rows)
        await runner.query('INSERT IGNORE INTO finding (reading_id, measure, value, choice, typed) VALUES (?, ?, ?, ?, ?)', [
          row.reading_id,
          row.measure,
          row.value,
          row.choice,
          row.typed,
        ]);
      after = found[found.length - 1]!.id;
    }
  }

  private async carryPlans(runner: QueryRunner): Promise<void> {
    const plans = (await runner.query('SELECT id, document FROM plan')) as { id: string; document: string }[];
    for (const { id, document } of plans) {
      const plan = JSON.parse(document) as Document;
      const protocol = { ...plan.protocol, report: plan.protocol.report === 'tallest' ? 'tallest' : 'container-mean' };
      const carried = {
        ...plan,
        measures: codesOf(plan.measures, protocol.sprouted),
        ownMeasures: plan.ownMeasures.map(ownOf),
        protocol,
      };
      await runner.query('UPDATE plan SET document = ? WHERE id = ?', [JSON.stringify(carried), id]);
      await runner.query('UPDATE investigation SET after_loss = ?, report = ? WHERE id = ?', [
        protocol.afterLoss,
        protocol.report,
        id,
      ]);
    }
  }

  private async carryBenches(runner: QueryRunner): Promise<void> {
    const found = (await runner.query('SELECT id, bench FROM investigation WHERE bench IS NOT NULL')) as {
      id: string;
      bench: string;
    }[];
    for (const { id, bench } of found) {
      const kept = JSON.parse(bench) as { measures: string[]; sprouted: string; own?: OldOwn[] } | null;
      if (kept === null) continue;
      const carried = { ...kept, measures: codesOf(kept.measures, kept.sprouted), own: (kept.own ?? []).map(ownOf) };
      await runner.query('UPDATE investigation SET bench = ? WHERE id = ?', [JSON.stringify(carried), id]);
    }
  }

  async down(): Promise<void> {
    throw new Error('What findings hold has no place in the tables before: restore a backup instead.');
  }
}

interface Document {
  measures: string[];
  ownMeasures: OldOwn[];
  protocol: { sprouted: string; afterLoss: string; report: string };
}

interface OldOwn {
  id: string;
  name: string;
  kind: 'number' | 'choice';
  unit: string;
  min: number | null;
  max: number | null;
  choices: string[];
}

/** A definition in the registry's form; one that has it already stays. */
function ownOf(own: OldOwn | { code: string }): object {
  if ('code' in own) return own;
  const { id, name, kind, unit, min, max, choices } = own;
  return { code: id, name, quantity: kind, of: 'plant', unit, least: min, most: max, choices, more: '', less: '' };
}

const seedCount = (sprouted: string) => (sprouted === 'root-2mm' ? 'seeds-with-root' : 'seeds-up');

function codesOf(measures: readonly string[], sprouted: string): string[] {
  const codes: Record<string, string> = { 'count-up': seedCount(sprouted), colour: 'vigour' };
  // `colour` was asked as vigour; the registry's own colour of leaves comes only with plans made since.
  return [...new Set(measures.map((m) => codes[m] ?? m))];
}

function rowsOf(id: string, text: string, sprouted: string): Row[] {
  const more = JSON.parse(text) as More | null;
  if (more === null) return [];
  const number = (measure: string, value: number | undefined): Row[] =>
    value === undefined || value === null ? [] : [{ reading_id: id, measure, value, choice: null, typed: null }];
  const choice = (measure: string, chosen: string | undefined): Row[] =>
    chosen ? [{ reading_id: id, measure, value: null, choice: chosen, typed: null }] : [];
  return [
    ...number(seedCount(sprouted), more.countUp),
    ...choice('stage', more.stage),
    ...choice('vigour', more.vigour),
    ...number('root-length', more.rootMm),
    ...Object.entries(more.own ?? {}).flatMap(([code, v]) => (typeof v === 'number' ? number(code, v) : choice(code, String(v)))),
  ];
}
