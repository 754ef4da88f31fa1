import { z } from 'zod';

const environment = z.object({
  DATABASE_URL: z.string().min(1),
  PORT: z.coerce.number().int().min(0).max(65535).default(4730),
  HOST: z.string().default('127.0.0.1'),
  PUBLIC_URL: z
    .url({ protocol: /^https?$/, error: 'must be an address such as http://192.168.0.20:4730' })
    .optional(),
  WEB_ROOT: z.string().optional(),
  COPIES: z.string().optional(),
  LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('info'),
});

export type Config = z.infer<typeof environment>;

/** @throws Error naming every variable that is wrong */
export function readConfig(env: Readonly<Record<string, string | undefined>>): Config {
  const read = environment.safeParse(env);
  if (read.success) return read.data;
  throw new Error(read.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`).join('; '));
}
