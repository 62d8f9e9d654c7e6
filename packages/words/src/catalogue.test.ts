import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { merged } from './merged';
import { readWords } from './readWords';
import { canBeSaid, type Key, partsOf, say, sayTold, told } from './say';
import { speak, spellAmerican } from './words';

const ROOT = join(__dirname, '..', '..', '..');
const FOLDER = join(ROOT, 'packages', 'words', 'en');

const messages = readdirSync(FOLDER).flatMap((file) =>
  Object.entries(JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as Record<string, string>).map(
    ([key, text]): [string, string] => [`${file.replace('.json', '')}.${key}`, text],
  ),
);

/** Something for every parameter that a message takes. */
function given(elements: readonly MessageFormatElement[], found: Record<string, unknown> = {}): Record<string, unknown> {
  for (const e of elements) {
    if (e.type === TYPE.argument) found[e.value] ??= 'Wren';
    if (e.type === TYPE.number || e.type === TYPE.plural) found[e.value] = 2;
    if (e.type === TYPE.select) found[e.value] = Object.keys(e.options)[0];
    if (e.type === TYPE.tag) found[e.value] = (inside: unknown[]) => inside.join('');
    if ('options' in e) Object.values(e.options).forEach((option) => given(option.value, found));
    if ('children' in e) given(e.children, found);
  }
  return found;
}

test('every message can be said, in English and in the pseudo-language, where it is marked and longer', () => {
  const pseudo = readWords('en-XA');
  const english = readWords('en');
  const said = (words: typeof english) => {
    speak(() => words);
    return messages.map(([key, text]) => String(partsOf(key as Key, given(parse(text)))));
  };
  const [plain, marked] = [said(english), said(pseudo)];
  speak(() => english);
  expect(plain.filter((text) => /⟦|undefined|\[object/.test(text))).toEqual([]);
  expect(marked.filter((text) => !text.startsWith('⟦') || !text.endsWith('⟧'))).toEqual([]);
  const letters = (texts: readonly string[]) => texts.join('').length;
  expect(letters(marked) / letters(plain)).toBeGreaterThan(1.3);
});

test('a subject has no two messages that say the same, and no message is left that nobody says', () => {
  const twice = messages.filter(([key, text], i) =>
    messages.some(([other, same], j) => j < i && same === text && other.split('.')[0] === key.split('.')[0]),
  );
  expect(twice.map(([key]) => key)).toEqual([]);
  const where = [
    '--include=*.ts',
    '--include=*.tsx',
    '--exclude=messages.ts',
    '--exclude-dir=dist',
    '--exclude-dir=node_modules',
  ];
  const code = execFileSync('grep', ['-rhoE', '[\'"`][a-zA-Z]+[.][a-zA-Z0-9_-]*', ...where, 'packages', 'apps'], {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 1 << 27,
  });
  const named = new Set(code.split('\n').map((found) => found.slice(1)));
  expect(messages.map(([key]) => key).filter((key) => !named.has(key) && !named.has(`${key.split('.')[0]}.`))).toEqual([]);
});

test('a class that measures in inches is spoken to as in America, and nothing British is left', () => {
  const all = () => messages.map(([key, text]) => String(partsOf(key as Key, given(parse(text)))));
  const british = /colour|metre|litre|mould|grey|neighbour|labelled|catalogue|draught|learnt|brollies/i;
  expect(say('measures.colourLeaves')).toBe('colour of the leaves');
  spellAmerican(true);
  const spelt = all();
  expect([say('measures.colourLeaves'), say('refusals.brollies')]).toEqual(['color of the leaves', 'Umbrellas']);
  spellAmerican(false);
  expect(spelt.filter((text) => british.test(text))).toEqual([]);
  expect(all().filter((text) => british.test(text)).length).toBeGreaterThan(30);
});

test('every message has a word of its own: lines of drawings and mere joints stand in the code', () => {
  const without = messages.filter(([, text]) => !/\p{L}{2,}/u.test(text.replace(/<[^>]*>|\{\w+\}/g, ' ')));
  expect(without.map(([key]) => key)).toEqual(['refusals.asTold']);
  expect(messages.filter(([, text]) => /[MLHVCQ]\{\w+\}|\}[hv]-?\d/.test(text)).map(([key]) => key)).toEqual([]);
});

test('what comes from elsewhere is said only where its code is known and nothing in it is missing', () => {
  const good = told('refusals.thereIsNoField', { property: 'role' });
  expect([canBeSaid(good), sayTold(good)]).toEqual([true, 'There is no field “role”.']);
  for (const bad of [null, 'x', {}, { code: 'refusals.nothing' }, { code: 'refusals.thereIsNoField' }, { ...good, more: 1 }])
    expect(canBeSaid(bad)).toBe(false);
  expect(canBeSaid({ code: good.code, params: { property: { deep: 1 } } })).toBe(false);
  expect(canBeSaid({ code: good.code, params: { property: 'x'.repeat(1000) } })).toBe(false);
});

test('words that are not loaded are no silence', () => {
  const english = readWords('en');
  speak(() => ({ locale: 'en-GB', messages: {} }));
  expect(() => say('refusals.pleaseSign')).toThrow('refusals.pleaseSign');
  speak(() => english);
});

test('merged objects say their words when they are read', () => {
  let said = 0;
  const shared = {
    get name() {
      said++;
      return 'height';
    },
    step: 1,
  };
  const whole = merged(shared, { step: 2 });
  expect(said).toBe(0);
  expect([whole.name, whole.step, said]).toEqual(['height', 2, 1]);
});
