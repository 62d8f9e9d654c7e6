import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** The first tables, with the rules that hold whatever the program does. */
const STATEMENTS = [
  `CREATE TABLE IF NOT EXISTS \`school\` (
    id uuid NOT NULL,
    name varchar(100) NOT NULL,
    PRIMARY KEY (id)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`teacher\` (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    email varchar(200) NOT NULL,
    name varchar(100) NOT NULL,
    password_hash varchar(200) NOT NULL,
    UNIQUE INDEX teacher_email (email),
    PRIMARY KEY (id)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`class_group\` (
    id uuid NOT NULL,
    school_id uuid NOT NULL,
    teacher_id uuid NOT NULL,
    name varchar(40) NOT NULL,
    grade_band varchar(10) NOT NULL,
    time_zone varchar(60) NOT NULL,
    join_code char(6) NOT NULL,
    UNIQUE INDEX class_group_join_code (join_code),
    PRIMARY KEY (id),
    CONSTRAINT class_group_rule_1 CHECK (grade_band IN ('early', 'primary', 'middle', 'upper'))
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`team\` (
    id uuid NOT NULL,
    class_id uuid NOT NULL,
    emblem varchar(12) NOT NULL,
    nickname varchar(40) NOT NULL,
    sealed_pin varchar(120) NOT NULL,
    UNIQUE INDEX team_class_emblem (class_id, emblem),
    PRIMARY KEY (id)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`access_session\` (
    token_hash char(64) NOT NULL,
    teacher_id uuid NULL,
    team_id uuid NULL,
    expires_at datetime(3) NOT NULL,
    INDEX access_session_expires (expires_at),
    PRIMARY KEY (token_hash),
    CONSTRAINT access_session_rule_1 CHECK ((teacher_id IS NULL) <> (team_id IS NULL))
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`failed_attempt\` (
    id uuid NOT NULL,
    attempt_key varchar(220) NOT NULL,
    at datetime(3) NOT NULL,
    INDEX failed_attempt_key_at (attempt_key, at),
    PRIMARY KEY (id)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`investigation\` (
    id uuid NOT NULL,
    class_id uuid NOT NULL,
    version int NOT NULL DEFAULT '1',
    question varchar(200) NOT NULL,
    factor varchar(60) NOT NULL,
    phase varchar(10) NOT NULL,
    origin varchar(10) NOT NULL,
    species_id varchar(60) NOT NULL,
    method_id varchar(60) NULL,
    sown_on date NOT NULL,
    resolution varchar(12) NOT NULL,
    before_sprouting varchar(10) NOT NULL,
    draw_seed int NOT NULL,
    split_sentence varchar(400) NOT NULL,
    shared_with_teams tinyint NOT NULL DEFAULT 0,
    removed_at datetime(3) NULL,
    request_hash char(64) NOT NULL,
    INDEX investigation_class (class_id),
    PRIMARY KEY (id),
    CONSTRAINT investigation_rule_1 CHECK (phase IN ('growing', 'finished')),
    CONSTRAINT investigation_rule_2 CHECK (origin IN ('planned', 'imported')),
    CONSTRAINT investigation_rule_3 CHECK (before_sprouting IN ('exclude', 'zero')),
    CONSTRAINT investigation_rule_4 CHECK (version > 0)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`treatment\` (
    id uuid NOT NULL,
    investigation_id uuid NOT NULL,
    code char(1) NOT NULL,
    label varchar(60) NOT NULL,
    is_control tinyint NOT NULL,
    UNIQUE INDEX treatment_code (investigation_id, code),
    PRIMARY KEY (id),
    CONSTRAINT treatment_rule_1 CHECK (code BETWEEN 'A' AND 'F')
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`container\` (
    id uuid NOT NULL,
    investigation_id uuid NOT NULL,
    treatment_id uuid NOT NULL,
    team_id uuid NULL,
    block varchar(60) NULL,
    code varchar(40) COLLATE utf8mb4_bin NOT NULL,
    \`position\` int NOT NULL,
    seeds_sown int NOT NULL,
    INDEX container_team (team_id),
    UNIQUE INDEX container_position (investigation_id, \`position\`),
    UNIQUE INDEX container_code (investigation_id, code),
    PRIMARY KEY (id),
    CONSTRAINT container_rule_1 CHECK (\`position\` >= 0),
    CONSTRAINT container_rule_2 CHECK (seeds_sown >= 0)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`plant_check\` (
    id uuid NOT NULL,
    container_id uuid NOT NULL,
    team_id uuid NULL,
    day date NOT NULL,
    recorded_at datetime(3) NOT NULL,
    received_at datetime(3) NOT NULL,
    source varchar(10) NOT NULL,
    request_hash char(64) NOT NULL,
    INDEX plant_check_container_day (container_id, day),
    PRIMARY KEY (id),
    CONSTRAINT plant_check_rule_1 CHECK (source IN ('bench', 'import', 'simulated'))
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`reading\` (
    id uuid NOT NULL,
    check_id uuid NOT NULL,
    plant varchar(20) NOT NULL,
    state varchar(12) NOT NULL,
    value_mm double NULL,
    typed varchar(40) NULL,
    leaves int NULL,
    lost_reason varchar(20) NULL,
    note varchar(500) NULL,
    supersedes_id uuid NULL,
    INDEX reading_check (check_id),
    PRIMARY KEY (id),
    CONSTRAINT reading_rule_1 CHECK (state IN ('measured', 'not-up', 'lost', 'not-checked')),
    CONSTRAINT reading_rule_2 CHECK ((state = 'measured') = (value_mm IS NOT NULL)),
    CONSTRAINT reading_rule_3 CHECK (value_mm IS NULL OR value_mm > 0),
    CONSTRAINT reading_rule_4 CHECK ((state = 'lost') = (lost_reason IS NOT NULL)),
    CONSTRAINT reading_rule_5 CHECK (leaves IS NULL OR leaves >= 0),
    CONSTRAINT reading_rule_6 CHECK (supersedes_id IS NULL OR supersedes_id <> id)
  ) ENGINE=InnoDB`,
  `CREATE TABLE IF NOT EXISTS \`change_log\` (
    id uuid NOT NULL,
    kind varchar(30) NOT NULL,
    class_id uuid NOT NULL,
    investigation_id uuid NULL,
    at datetime(3) NOT NULL,
    INDEX change_log_at (at),
    PRIMARY KEY (id)
  ) ENGINE=InnoDB`,
  'ALTER TABLE teacher ADD CONSTRAINT FK_a1399028f9db85c88f2cf3f0b38 FOREIGN KEY IF NOT EXISTS (school_id) REFERENCES school(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE class_group ADD CONSTRAINT FK_8ac356e72e5bfbff21c69c025fa FOREIGN KEY IF NOT EXISTS (school_id) REFERENCES school(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE class_group ADD CONSTRAINT FK_2d069935a1c91298d8718b0be0e FOREIGN KEY IF NOT EXISTS (teacher_id) REFERENCES teacher(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE team ADD CONSTRAINT FK_68c93426c202c830e308992308f FOREIGN KEY IF NOT EXISTS (class_id) REFERENCES class_group(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE access_session ADD CONSTRAINT FK_9e3572b345e6091b978ebd1e8d0 FOREIGN KEY IF NOT EXISTS (teacher_id) REFERENCES teacher(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE access_session ADD CONSTRAINT FK_2f7eaa98d480b6e8294666218a3 FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE treatment ADD CONSTRAINT FK_264c94b991420194fc74cb2ece6 FOREIGN KEY IF NOT EXISTS (investigation_id) REFERENCES investigation(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE investigation ADD CONSTRAINT FK_c473a43c239a1edfa038ad1d6b2 FOREIGN KEY IF NOT EXISTS (class_id) REFERENCES class_group(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE container ADD CONSTRAINT FK_05111266a70e7eb6b5431d9afd6 FOREIGN KEY IF NOT EXISTS (investigation_id) REFERENCES investigation(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE container ADD CONSTRAINT FK_b859257a69c26a235716c279a81 FOREIGN KEY IF NOT EXISTS (treatment_id) REFERENCES treatment(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE container ADD CONSTRAINT FK_4a0cb8d97d5f1bf5e64d52bef8b FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE RESTRICT ON UPDATE NO ACTION',
  'ALTER TABLE plant_check ADD CONSTRAINT FK_c0e08900ad39de590e862dbee9e FOREIGN KEY IF NOT EXISTS (container_id) REFERENCES container(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE plant_check ADD CONSTRAINT FK_1f69d85b337d656f9eb8396c7fc FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE SET NULL ON UPDATE NO ACTION',
  'ALTER TABLE reading ADD CONSTRAINT FK_bfc13d20cdb41f87e9dff7095c3 FOREIGN KEY IF NOT EXISTS (check_id) REFERENCES plant_check(id) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE reading ADD CONSTRAINT FK_4ec662fcabb5a51fa032800c712 FOREIGN KEY IF NOT EXISTS (supersedes_id) REFERENCES reading(id) ON DELETE CASCADE ON UPDATE NO ACTION',
];

export class FirstTables1763900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of STATEMENTS) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [
      'change_log',
      'reading',
      'plant_check',
      'container',
      'treatment',
      'investigation',
      'failed_attempt',
      'access_session',
      'team',
      'class_group',
      'teacher',
      'school',
    ]) {
      await runner.query(`DROP TABLE \`${table}\``);
    }
  }
}
