type Merged<A, B> = { [K in keyof A | keyof B]: K extends keyof B ? B[K] : K extends keyof A ? A[K] : never };

/**
 * One object out of two, the second over the first, as a spread makes it; but what is a getter stays one, so that its words are said when
 * somebody reads them and not when the file is loaded.
 * @example merged({ get name() { return say('measures.height'); } }, { step: 1 })
 */
export function merged<A extends object, B extends object>(first: A, second: B): Merged<NoInfer<A>, NoInfer<B>> {
  return Object.defineProperties(
    {},
    { ...Object.getOwnPropertyDescriptors(first), ...Object.getOwnPropertyDescriptors(second) },
  ) as Merged<NoInfer<A>, NoInfer<B>>;
}
