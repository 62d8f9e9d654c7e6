declare module 'datapackage' {
  export interface Resource {
    name: string;
    read(options: { keyed: true }): Promise<Record<string, unknown>[]>;
  }
  export class Package {
    static load(descriptor: object, options: { basePath: string }): Promise<Package>;
    readonly valid: boolean;
    readonly errors: Error[];
    readonly resources: Resource[];
    getResource(name: string): Resource;
  }
}
