import { randomBytes } from 'node:crypto';
import { DataSource } from 'typeorm';

/** The address of a new, empty database. */
export async function emptyDatabase(): Promise<string> {
  const name = `made_${randomBytes(6).toString('hex')}`;
  const server = new URL(process.env.TEST_DATABASE_SERVER!);
  const connection = await new DataSource({ type: 'mariadb', url: `${server.href}information_schema` }).initialize();
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await connection.destroy();
  return `${server.href}${name}`;
}
