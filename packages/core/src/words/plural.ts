/**
 * A noun for several of them: `cups`, `boxes`, `entries`.
 * @example plural('box') // 'boxes'
 */
export function plural(noun: string): string {
  if (/[^aeiou]y$/.test(noun)) return `${noun.slice(0, -1)}ies`;
  return /(s|x|ch|sh)$/.test(noun) ? `${noun}es` : `${noun}s`;
}

/**
 * A number with its noun: `1 cup`, `28 boxes`.
 * @example counted(1, 'box') // '1 box'
 */
export function counted(n: number, noun: string): string {
  return `${n} ${n === 1 ? noun : plural(noun)}`;
}
