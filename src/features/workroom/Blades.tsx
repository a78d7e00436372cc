'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { KitRecord } from '@/core/file';
import { type Blade, BLADE, BLADES, bladeStanding } from '@/core/kit';
import { lengthAsk } from '@/core/units';
import { newId, nowText, sayWhen, useUnits } from '@/parts/workspace';
import { QuantityField, Select } from '@/ui';
import type { ChangeKit } from './changeKit';
import { TOOL_TEXT } from './text';

type OwnedBlade = KitRecord['blades'][number];

/** What fabric is cut with, and how far each edge is through its life. */
export function Blades({ kit: { blades }, change }: { kit: KitRecord; change: ChangeKit }) {
  const [kind, setKind] = useState<Blade>('shears');
  const edit = (id: string, to: (blade: OwnedBlade) => OwnedBlade | null) =>
    change((now) => ({ blades: now.blades.flatMap((one) => (one.id === id ? (to(one) ?? []) : [one])) }));
  const add = () =>
    change((now) => ({ blades: [...now.blades, { id: newId(), kind, freshAt: nowText(), cut: [], notes: '' }] }));
  return (
    <section aria-labelledby="blades">
      <Typography variant="h2" id="blades">
        {TOOL_TEXT.blades}
      </Typography>
      <Box component="ul" sx={{ p: 0, m: 0, listStyle: 'none' }}>
        {blades.map((blade) => (
          <OneBlade key={blade.id} blade={blade} onChange={(to) => edit(blade.id, to)} />
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mt: 2, maxWidth: 440 }}>
        <Select
          label={TOOL_TEXT.kind}
          value={kind}
          options={BLADES.map((id) => [id, BLADE[id].name] as const)}
          onPick={setKind}
        />
        <Button variant="outlined" onClick={add} sx={{ flexShrink: 0 }}>
          {TOOL_TEXT.add}
        </Button>
      </Box>
    </section>
  );
}

interface OneProps {
  blade: OwnedBlade;
  onChange: (to: (blade: OwnedBlade) => OwnedBlade | null) => void;
}

/** From 1 m to 5 km; metres inside, mm in the fields. */
const METRES = { least: 1000, most: 5_000_000 };

function OneBlade({ blade, onChange }: OneProps) {
  const { system, metres } = useUnits();
  const { cutM, keepsM, share, due } = bladeStanding(blade);
  const { name, then } = BLADE[blade.kind];
  const said = TOOL_TEXT.cutOf(metres(cutM * 1000), metres(keepsM * 1000), blade.freshAt && sayWhen(blade.freshAt));
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: 'minmax(220px, 1fr) 150px 460px' },
        gap: 2,
        alignItems: 'center',
        py: 1.5,
        borderBottom: '1px solid var(--rule)',
      }}
    >
      <div>
        <strong>{name}</strong>
        <Typography sx={{ fontSize: 'var(--type-note)', color: due ? 'error.main' : 'text.secondary' }}>
          {said}
          {due && ` ${TOOL_TEXT.due[then]}`}
        </Typography>
        <LinearProgress
          variant="determinate"
          value={100 * share}
          color={due ? 'error' : 'success'}
          aria-label={TOOL_TEXT.worn(name)}
          sx={{ height: 6, borderRadius: 1, mt: 0.5, bgcolor: 'var(--rule)' }}
        />
      </div>
      <QuantityField
        label={TOOL_TEXT.keeps}
        ask={lengthAsk(system, 100_000, METRES)}
        value={keepsM * 1000}
        onValue={(mm) => onChange((now) => ({ ...now, keepsM: mm / 1000 }))}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Cut name={name} onCut={(by) => onChange((now) => ({ ...now, cut: [...now.cut, cutNow(by)] }))} />
        <Button
          variant={due ? 'contained' : 'outlined'}
          onClick={() => onChange((now) => ({ ...now, freshAt: nowText() }))}
        >
          {TOOL_TEXT.fresh[then]}
        </Button>
        <Button aria-label={TOOL_TEXT.deleteOf(name)} onClick={() => onChange(() => null)}>
          {TOOL_TEXT.delete}
        </Button>
      </Box>
    </Box>
  );
}

const cutNow = (by: number) => ({ id: newId(), at: nowText(), by });

/** What was cut without Bobbet watching. */
function Cut({ name, onCut }: { name: string; onCut: (metres: number) => void }) {
  const { system } = useUnits();
  const [open, setOpen] = useState(false);
  const [mm, setMm] = useState(10_000);
  if (!open)
    return (
      <Button variant="outlined" aria-label={TOOL_TEXT.cutWith(name)} onClick={() => setOpen(true)}>
        {TOOL_TEXT.cut}
      </Button>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', width: 250 }}>
      <QuantityField
        label={TOOL_TEXT.howMuch}
        ask={lengthAsk(system, 100_000, METRES)}
        value={mm}
        onValue={setMm}
        autoFocus
      />
      <Button
        variant="contained"
        onClick={() => {
          onCut(mm / 1000);
          setOpen(false);
        }}
      >
        {TOOL_TEXT.addCut}
      </Button>
    </Box>
  );
}
