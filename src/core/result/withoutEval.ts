import * as z from 'zod';

// A Content-Security-Policy without eval reports even the attempt, so schemas are made without it from the start.
z.config({ jitless: true });
