'use client';

import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { inBoth } from '@/core/units';
import { spokenText } from './english';
import type { OneOf } from './Select';

interface Props<T extends string> extends OneOf<T> {
  autoFocus?: boolean;
}

/** One of many, found by a few of its letters. */
export function Pick<T extends string>({ label, value, options, onPick, help, problem, autoFocus }: Props<T>) {
  // Found by its word in either English.
  const [filter] = useState(() =>
    createFilterOptions<readonly [id: T, name: string]>({ stringify: ([, name]) => inBoth(name) }),
  );
  return (
    <Autocomplete
      size="small"
      fullWidth
      disableClearable
      autoHighlight
      openOnFocus={autoFocus}
      options={options}
      value={options.find(([id]) => id === value)}
      filterOptions={filter}
      getOptionLabel={([, name]) => spokenText(name)}
      getOptionKey={([id]) => id}
      isOptionEqualToValue={(one, other) => one[0] === other[0]}
      onChange={(_, [id]) => onPick(id)}
      renderInput={(input) => (
        <TextField
          {...input}
          label={label}
          autoFocus={autoFocus}
          // What is typed then takes the place of what is chosen.
          onFocus={(event) => (event.target as HTMLInputElement).select()}
          error={problem !== undefined}
          helperText={problem ?? help}
        />
      )}
    />
  );
}
