/** An address as it is typed: browsers add http themselves, https they may not. */
export const withoutScheme = (address: string) => address.replace(/^http:\/\//, '');
