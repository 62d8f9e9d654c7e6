/** Where devices in the room reach this server. */
export interface ReachView {
  /** The likeliest first, such as `http://192.168.1.20:4310`; empty where it listens to its own machine only. */
  addresses: string[];
}
