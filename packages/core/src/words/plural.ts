import { say } from '@bright-sprout/words/say';
/**
 * A noun for several of them: `cups`, `boxes`, `entries`.
 * @example plural('box') // 'boxes'
 */
export function plural(noun: string): string {
  if (/[^aeiou]y$/.test(noun)) return say('words.ies', { noun: noun.slice(0, -1) });
  return /(s|x|ch|sh)$/.test(noun) ? say('words.es', { noun }) : say('words.nounS', { noun });
}

/**
 * A number with its noun: `1 cup`, `28 boxes`.
 * @example counted(1, 'box') // '1 box'
 */
export function counted(n: number, noun: string): string {
  return `${n} ${n === 1 ? noun : plural(noun)}`;
}
