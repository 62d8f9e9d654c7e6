import { told } from '@bright-sprout/words/say';
import { hash, verify } from '@node-rs/argon2';
import { zxcvbn, zxcvbnOptions } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import { wrongField } from '../problems/problem';
import { Turns } from '../turns';

/** argon2id, the package's default algorithm, with the memory and passes of OWASP's recommendation. */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** Two are hashed at once; the other threads stay free for everything else. */
const turns = new Turns(2, 60, told('refusals.veryManySignMoment'));

zxcvbnOptions.setOptions({ dictionary: { ...dictionary }, graphs: adjacencyGraphs });

export const hashPassword = (password: string): Promise<string> => turns.take(() => hash(password, ARGON));

/** Verified in place of a missing account's password, so that both answers take the same time. */
const NOBODY = hash('nobody has this password', ARGON);

/** Whether a password is that of an account; for a missing account it takes as long to say no. */
export async function isPassword(kept: string | undefined, password: string): Promise<boolean> {
  const against = kept ?? (await NOBODY);
  const right = await turns.take(() => verify(against, password));
  return right && kept !== undefined;
}

/** A password that many have, or that is a row of keys or blanks, is guessed first. */
export function refuseWeak(password: string, known: readonly string[]): void {
  if (password.trim().length >= 10 && zxcvbn(password, [...known]).score >= 2) return;
  const wrong = told('refusals.passwordEasilyGuessedTake');
  throw wrongField(400, 'password', wrong);
}
