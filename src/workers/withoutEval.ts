import * as z from 'zod';

// A policy without eval reports even the attempt. A worker has no page before it: this is imported before anything that
// makes a schema.
z.config({ jitless: true });
