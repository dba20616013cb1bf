export const CALLBACK_POOL = Symbol('mysql2 pool with callbacks');
export const DATABASE_NAME = Symbol('name of the database');
