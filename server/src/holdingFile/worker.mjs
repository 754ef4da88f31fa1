/* A thread does not inherit what the process was started with: it learns TypeScript here before it begins. */
import { register } from 'tsx/esm/api';

register();
await import('./worker.ts');
