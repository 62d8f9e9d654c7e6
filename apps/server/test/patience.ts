// A busy machine makes a database with all its migrations in several seconds.
jest.setTimeout(120_000);
