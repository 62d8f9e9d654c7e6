#!/usr/bin/env node
// Compiles the catalogues of packages/words: the types of every message's parameters, and for each language what a team's device and what
// a teacher's page loads. A pseudo-language, longer and accented, shows which words do not come from a catalogue.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import ts from 'typescript';
import { ROOT } from './project.mjs';

const PACKAGE = join(ROOT, 'packages', 'words');
const WEB = join(ROOT, 'apps', 'web', 'src');

/** The messages of a language, by key. */
function catalogueOf(language) {
  const folder = join(PACKAGE, language);
  const messages = {};
  for (const file of readdirSync(folder).sort()) {
    const subject = file.replace(/\.json$/, '');
    for (const [key, text] of Object.entries(JSON.parse(readFileSync(join(folder, file), 'utf8'))))
      messages[`${subject}.${key}`] = parsed(`${subject}.${key}`, text);
  }
  return messages;
}

function parsed(key, text) {
  try {
    return parse(text, { captureLocation: false });
  } catch (error) {
    throw new Error(`The message ${key} cannot be read: ${error.message}\n${text}`);
  }
}

/** Name and type of each parameter. */
function paramsOf(elements, found = new Map()) {
  for (const e of elements) {
    if (e.type === TYPE.argument && !found.has(e.value)) found.set(e.value, 'Text');
    if (e.type === TYPE.number) found.set(e.value, 'number');
    if (e.type === TYPE.date || e.type === TYPE.time) found.set(e.value, 'Date');
    if (e.type === TYPE.plural) found.set(e.value, 'number');
    if (e.type === TYPE.select) found.set(e.value, 'true' in e.options ? 'boolean' : 'string');
    if (e.type === TYPE.tag) found.set(e.value, 'Tag');
    for (const option of Object.values(e.options ?? {})) paramsOf(option.value, found);
    if (e.children) paramsOf(e.children, found);
  }
  return found;
}

function typesOf(messages) {
  const plain = [];
  const filled = [];
  for (const [key, elements] of Object.entries(messages)) {
    const params = [...paramsOf(elements)];
    if (params.length === 0) plain.push(`  '${key}': true;`);
    else filled.push(`  '${key}': { ${params.map(([name, type]) => `${name}: ${type}`).join('; ')} };`);
  }
  return `import { type Tag, type Text } from './params';

// Written by scripts/words.mjs from the catalogues.
export interface Plain {
${plain.join('\n')}
}

export interface Filled {
${filled.join('\n')}
}
`;
}

const ACCENTED = Object.fromEntries(
  [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((letter, i) => [
    letter,
    [...'áƀçđéƒğĥíĵķĺɱñóƥɋřšťúṽŵẋýžÁƁÇĐÉƑĞĤÍĴĶĹṀÑÓƤɊŘŠŤÚṼŴẊÝŽ'][i],
  ]),
);
const accented = (text) => [...text].map((letter) => ACCENTED[letter] ?? letter).join('');

/** The same message marked, accented and longer by 40 %. */
function pseudo(elements) {
  let letters = 0;
  const inner = (list) =>
    list.map((e) => {
      if (e.type === TYPE.literal) {
        letters += e.value.length;
        return { ...e, value: accented(e.value) };
      }
      const options =
        e.options &&
        Object.fromEntries(Object.entries(e.options).map(([name, option]) => [name, { ...option, value: inner(option.value) }]));
      return { ...e, ...(options && { options }), ...(e.children && { children: inner(e.children) }) };
    });
  const told = inner(elements);
  const more = 'é'.repeat(Math.ceil(letters * 0.4)).replace(/(.{6})(?=.)/g, '$1 ');
  return [{ type: TYPE.literal, value: '⟦' }, ...told, { type: TYPE.literal, value: `${more}⟧` }];
}

/** What is spelt in another way in America. */
const AMERICAN = [
  [/(c)olour/gi, '$1olor'],
  [/(m)etre/gi, '$1eter'],
  [/(l)itre/gi, '$1iter'],
  [/(m)ould/gi, '$1old'],
  [/(gr)ey/gi, '$1ay'],
  [/(neighb)our/gi, '$1or'],
  [/(label)led/gi, '$1ed'],
  [/(catalog)ue/gi, '$1'],
  [/(d)raught/gi, '$1raft'],
  [/(learn)t\b/gi, '$1ed'],
  [/(B)rollies/g, 'Umbrellas'],
];

/** The same message as it is spelt in America. */
function american(elements) {
  return elements.map((e) => {
    if (e.type === TYPE.literal)
      return { ...e, value: AMERICAN.reduce((text, [british, spelt]) => text.replace(british, spelt), e.value) };
    const options =
      e.options &&
      Object.fromEntries(Object.entries(e.options).map(([name, option]) => [name, { ...option, value: american(option.value) }]));
    return { ...e, ...(options && { options }), ...(e.children && { children: american(e.children) }) };
  });
}

/** Messages by key; of those that America spells in another way both. */
function spelt(keys, english, told) {
  return Object.fromEntries(
    keys.flatMap((key) => {
      const [plain, other] = [compiled(told(english[key])), compiled(told(american(english[key])))];
      return JSON.stringify(plain) === JSON.stringify(other)
        ? [[key, plain]]
        : [
            [key, plain],
            [`${key}@en-US`, other],
          ];
    }),
  );
}

/** Text where a message is nothing else, so that most need no formatting. */
function compiled(elements) {
  const joined = elements.reduce((all, e) => {
    const last = all[all.length - 1];
    if (last?.type === TYPE.literal && e.type === TYPE.literal) all[all.length - 1] = { ...last, value: last.value + e.value };
    else all.push(e);
    return all;
  }, []);
  return joined.length === 0 ? '' : joined.length === 1 && joined[0].type === TYPE.literal ? joined[0].value : joined;
}

/** A file's imports: those that come with it, and those that come when they are asked for. */
function importsOf(file) {
  const text = readFileSync(file, 'utf8').replace(/^import \{([^}]*)\} from '[^']+';/gm, (whole, names) =>
    // What is only a type brings nothing with it.
    names.split(',').every((name) => name.trim() === '' || name.trim().startsWith('type ')) ? '' : whole,
  );
  const later = [...text.matchAll(/\bimport\(\s*'([^']+)'|new URL\('([^']+)', import\.meta\.url\)/g)].map((m) => m[1] ?? m[2]);
  const all = ts.preProcessFile(text, true, true).importedFiles.map((i) => i.fileName);
  return { now: all.filter((name) => !later.includes(name)), later };
}

/** Every file of the web application that some files bring with them; `alsoLater` says which of those that come later count. */
function filesFrom(starts, alsoLater = () => false) {
  const seen = new Set();
  const open = [...starts];
  while (open.length > 0) {
    const file = open.pop();
    if (seen.has(file)) continue;
    seen.add(file);
    const { now, later } = importsOf(file);
    for (const name of [...now, ...later.filter((n) => alsoLater(file, n))]) {
      const found = resolved(file, name);
      if (found) open.push(found);
    }
  }
  return seen;
}

function resolved(from, name) {
  const own = /^@bright-sprout\/(core|contracts)\/(.*)$/.exec(name);
  const path = own ? join(ROOT, 'packages', own[1], 'src', own[2]) : name.startsWith('.') ? join(dirname(from), name) : null;
  if (!path) return null;
  return ['', '.ts', '.tsx', '/index.ts'].map((end) => path + end).find((p) => /\.tsx?$/.test(p) && existsSync(p)) ?? null;
}

/** The keys that files say, also those that are put together from a beginning. */
function keysIn(files, keys) {
  const text = [...files].map((file) => readFileSync(file, 'utf8')).join('\n');
  const whole = new Set([...text.matchAll(/['"]([a-zA-Z]+(?:\.[a-zA-Z0-9-]+)+)['"]/g)].map((m) => m[1]));
  const begun = [...text.matchAll(/`([a-zA-Z]+\.(?:[a-zA-Z0-9-]+\.)*)\$\{/g)].map((m) => m[1]);
  return new Set(keys.filter((key) => whole.has(key) || begun.some((start) => key.startsWith(start))));
}

const STARTS = [join(WEB, 'main.tsx'), join(WEB, 'App.tsx')];

/** The files of which a team’s device loads all before its first tap. */
export const filesOfBench = () => filesFrom(STARTS, (_file, name) => name.startsWith('./team/bench/'));

/** What a team's device loads before its first tap, what it loads with its other pages, and what only a teacher does. */
function partsOf(keys) {
  // What a teacher opens comes when it is opened.
  const ofTeams = (file, name) => !(file.endsWith('App.tsx') && /^\.\/(front|stations)\//.test(name));
  const bench = keysIn(filesOfBench(), keys);
  const team = keysIn(filesFrom(STARTS, ofTeams), keys);
  return {
    bench: keys.filter((k) => bench.has(k)),
    team: keys.filter((k) => team.has(k) && !bench.has(k)),
    teacher: keys.filter((k) => !team.has(k) && !bench.has(k)),
  };
}

/** Leaves a file alone that says the same already: what is built from it stays valid. */
function write(file, text) {
  if (existsSync(file) && readFileSync(file, 'utf8') === text) return;
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, text);
}

export function compileWords() {
  const english = catalogueOf('en');
  write(join(PACKAGE, 'src', 'messages.ts'), typesOf(english));
  const parts = partsOf(Object.keys(english));
  const languages = { en: (elements) => elements, 'en-XA': pseudo };
  for (const [language, told] of Object.entries(languages))
    for (const [part, keys] of Object.entries(parts)) {
      const messages = spelt(keys, english, told);
      write(join(PACKAGE, 'compiled', language, `${part}.json`), JSON.stringify(messages));
    }
  return Object.fromEntries(Object.entries(parts).map(([part, keys]) => [part, keys.length]));
}

if (process.argv[1] && relative(process.argv[1], import.meta.filename ?? '') === '') {
  const { bench, team, teacher } = compileWords();
  console.log(
    `${bench + team + teacher} messages: ${bench} before a team’s first tap, ${team} more on its other pages, ${teacher} of teachers.`,
  );
}
