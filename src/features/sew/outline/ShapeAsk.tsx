import { OUTLINE_SHAPES, type OutlineSpec } from '@/core/seam';
import { Select } from '@/ui';
import { AskField } from '@/parts/asks';
import { SHAPE_ASK_TEXT } from '../text';

type Shape = Extract<OutlineSpec, { from: 'shape' }>;

/** A common shape and its sizes, at the seam line. */
export function ShapeAsk({ spec, onSpec }: { spec: Shape; onSpec: (spec: Shape) => void }) {
  const shape = OUTLINE_SHAPES.find(({ id }) => id === spec.shape) ?? OUTLINE_SHAPES[0];
  return (
    <>
      <Select
        label={SHAPE_ASK_TEXT.shape}
        value={shape.id}
        options={OUTLINE_SHAPES.map(({ id, name }) => [id, name] as const)}
        onPick={(id) => onSpec({ ...spec, shape: id, sizes: {} })}
      />
      {shape.sizes.map((size) => (
        <AskField
          key={`${shape.id} ${size.key}`}
          ask={size}
          value={spec.sizes[size.key] ?? size.usual}
          onValue={(value) => onSpec({ ...spec, sizes: { ...spec.sizes, [size.key]: value } })}
        />
      ))}
    </>
  );
}
