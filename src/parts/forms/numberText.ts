import * as z from 'zod';
import { type QuantityAsk, readAnswer } from '@/core/units';
import { FORM_TEXT } from './text';

/**
 * A text field that is read as a number, the way people write it; what cannot be read says why beside the field.
 *
 * @param ask - what is asked for
 * @param otherwise - stands for an empty field; without it the field has to be filled in
 * @returns a schema from text to a number in the base unit of its kind
 */
export const numberText = (ask: QuantityAsk, otherwise?: number) =>
  z.string().transform((text, context): number => {
    const answer = readAnswer(text, ask);
    if (answer.kind === 'value') return answer.value;
    if (answer.kind === 'empty' && otherwise !== undefined) return otherwise;
    context.addIssue({ code: 'custom', message: answer.kind === 'unclear' ? answer.text : FORM_TEXT.needed });
    return z.NEVER;
  });
