declare module 'express-mysql-session' {
  import type { Store } from 'express-session';

  interface StoreOptions {
    createDatabaseTable?: boolean;
    endConnectionOnClose?: boolean;
    /** Milliseconds. */
    expiration?: number;
    schema?: { tableName: string; columnNames: { session_id: string; expires: string; data: string } };
  }
  type MySQLStore = Store & { close(): Promise<void> };
  const create: (session: unknown) => new (options: StoreOptions, pool: unknown) => MySQLStore;
  export default create;
}

declare module '*.md?raw' {
  const text: string;
  export default text;
}
