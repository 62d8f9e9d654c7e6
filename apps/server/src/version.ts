/** Version of this server, shown by the health route and in the API's description. */
export const VERSION = '0.1.0';
