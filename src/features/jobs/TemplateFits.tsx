import { clothOf } from '@/core/cloth';
import { emptyJob, jobFromTemplate, type TEMPLATES, unsuitableSeams } from '@/core/job';
import { procedureName } from '@/core/procedure';
import { type AskedNow, useUnits } from '@/parts/workspace';
import { CautionAlert } from '@/ui';
import { TEMPLATE_TEXT } from './text';

interface Props {
  template: (typeof TEMPLATES)[number] | undefined;
  clothId: string;
  secondClothId: string | null;
  asked: AskedNow;
}

/** Which seams of a template are not for the fabric that was chosen, and what is sewn instead. */
export function TemplateFits({ template, clothId, secondClothId, asked }: Props) {
  const { say } = useUnits();
  const choice = { name: 'x', machineId: null, clothId: clothId || null, secondClothId, colour: '' };
  // Nothing of it is kept: only its seams are looked at.
  const made = { id: 'x', newId: () => 'x', at: '2000-01-01T00:00:00Z' };
  const { seams } = template ? jobFromTemplate(template, choice, made) : emptyJob(choice, made);
  const found = unsuitableSeams(seams, (id) => {
    const record = asked.cloths.find((one) => one.id === id);
    return record ? clothOf(record) : null;
  });
  if (found.length === 0) return null;
  return (
    <CautionAlert>
      {found.map(({ name, why, instead }, i) => (
        <p key={i}>{say(TEMPLATE_TEXT.unsuitable(name, why, instead && procedureName(instead)))}</p>
      ))}
    </CautionAlert>
  );
}
