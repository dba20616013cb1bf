export const CALLBACK_POOL = Symbol('mysql2 pool with callbacks');
export const DATABASE_NAME = Symbol('name of the database');
/** What signs the cookies of this installation. */
export const SESSION_SECRET = Symbol('SESSION_SECRET');
/** Where the data lies, if it lies on this machine. */
export const DATA_DIR = Symbol('folder of the data');
/** Where instruments of the pass are reached, as `127.0.0.1:4390`, if any are. */
export const INSTRUMENTS = Symbol('address of the instruments');
