/** What checks use of an independent reader of data packages. */
declare module "datapackage" {
  interface Read {
    readonly valid: boolean;
    readonly errors: readonly unknown[];
    readonly resources: readonly {
      read: (options: { keyed: boolean }) => Promise<Record<string, unknown>[]>;
    }[];
  }
  const Package: { load: (path: string, options: { basePath: string; strict: boolean }) => Promise<Read> };
  export { Package };
}
