/** Zod would try to compile its schemas as code, which the content security policy forbids: it is told not to, before any schema is made. */
import { config } from 'zod';

config({ jitless: true });
