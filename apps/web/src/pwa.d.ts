declare module 'virtual:pwa-register' {
  export function registerSW(options?: { onNeedRefresh?: () => void }): (reload?: boolean) => Promise<void>;
}
