import { config } from 'zod/mini';

/* The interface is served with a policy that forbids making code at run time: the schema is told so before it is built. */
config({ jitless: true });
