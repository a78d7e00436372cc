import { plainSetup } from '../setup/plainSetup.testing';
import { type DiagnoseInput, diagnoseInputSchema } from './input';

/** A line of poplin that puckers a little, but for what is given. */
export const line = (more: object): DiagnoseInput =>
  diagnoseInputSchema.parse({
    cloth: { structure: 'woven', family: 'poplin' },
    operation: { kind: 'join' },
    setup: plainSetup(),
    findings: [{ sign: 'pucker-line', severity: 2 }],
    ...more,
  });
