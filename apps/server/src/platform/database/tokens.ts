export const CALLBACK_POOL = Symbol('mysql2 pool with callbacks');
export const DATABASE_NAME = Symbol('name of the database');
/** What signs the cookies of this installation. */
export const SESSION_SECRET = Symbol('SESSION_SECRET');
