'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { clothOf, clothProfile } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { layersOf, OPERATION, OPERATION_GROUPS, requiredGive } from '@/core/setup';
import { formatPercent } from '@/core/units';
import { type AskedNow, askAbout } from '@/parts/workspace';
import { InlineEdit, OptionList } from '@/ui';
import styles from './Match.module.css';
import { SENTENCE_TEXT } from './text';

/** Comes with everything that reads numbers, once it is opened. */
const GiveEditor = dynamic(() => import('./GiveEditor').then((part) => part.GiveEditor), { ssr: false });

/** So does the search through the drawer. */
const Pick = dynamic(() => import('@/ui/Pick').then((part) => part.Pick<string>), { ssr: false });

const COUNT = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten', 'Eleven', 'Twelve'];

interface Props {
  asked: AskedNow;
  cloth: ClothRecord;
}

/** The question as one line of plain language, each underlined part edited in place. */
export function Sentence({ asked, cloth }: Props) {
  const { operation } = asked;

  const profile = clothProfile(clothOf(cloth));
  const layers = layersOf(profile, operation);
  const give = requiredGive(profile, operation);
  const change = (part: Partial<typeof operation>) => void askAbout({ operation: { ...operation, ...part } });
  return (
    <h1>
      <InlineEdit text={`${COUNT[layers]} ${layers === 1 ? 'layer' : 'layers'}`} name="layers">
        {(close) => (
          <OptionList
            value={String(layers)}
            options={COUNT.slice(1, 9).map((name, i) => ({ id: String(i + 1), name }))}
            onPick={(id) => {
              change({ layers: Number(id) });
              close();
            }}
          />
        )}
      </InlineEdit>{' '}
      {SENTENCE_TEXT.of}{' '}
      <InlineEdit text={cloth.cloth.name} name="fabric">
        {(close) => <ClothEditor asked={asked} cloth={cloth} close={close} />}
      </InlineEdit>
      , <SeamChoice asked={asked} /> {SENTENCE_TEXT.that} {give.percent === 0 ? '' : SENTENCE_TEXT.mustGive}
      <InlineEdit
        text={give.percent === 0 ? SENTENCE_TEXT.needNotStretch : formatPercent(give.percent, 0)}
        name="stretch"
      >
        {(close) => (
          <GiveEditor
            given={operation.requiredGive}
            onGive={(requiredGive) => change({ requiredGive })}
            close={close}
          />
        )}
      </InlineEdit>
      {give.assumed && give.percent > 0 ? SENTENCE_TEXT.assumed : ''}
      {SENTENCE_TEXT.on} <MachineChoice asked={asked} />.
    </h1>
  );
}

function SeamChoice({ asked }: { asked: AskedNow }) {
  const { kind } = asked.operation;
  return (
    <InlineEdit text={OPERATION[kind].name} name="seam">
      {(close) => (
        <div className={styles.groups}>
          {OPERATION_GROUPS.map(({ name, kinds }) => (
            <section key={name} aria-label={name}>
              <h3>{name}</h3>
              <OptionList
                value={kind}
                options={kinds.map((id) => ({ id, name: OPERATION[id].name }))}
                onPick={(picked) => {
                  void askAbout({ operation: { kind: picked } });
                  close();
                }}
              />
            </section>
          ))}
        </div>
      )}
    </InlineEdit>
  );
}

function MachineChoice({ asked }: { asked: AskedNow }) {
  return (
    <InlineEdit text={asked.machine?.machine.name ?? SENTENCE_TEXT.noMachine} name="machine">
      {(close) => (
        <OptionList
          value={asked.machine?.id ?? null}
          options={asked.machines.map(({ id, machine }) => ({ id, name: machine.name }))}
          onPick={(machineId) => {
            void askAbout({ machineId });
            close();
          }}
        />
      )}
    </InlineEdit>
  );
}

function ClothEditor({ asked, cloth, close }: { asked: AskedNow; cloth: ClothRecord; close: () => void }) {
  return (
    <>
      <Pick
        label={SENTENCE_TEXT.findAFabric}
        autoFocus
        value={cloth.id}
        options={asked.cloths.map(({ id, cloth: c }) => [id, c.name] as const)}
        onPick={(clothId) => {
          void askAbout({ clothId });
          close();
        }}
      />
      <Button component={Link} href={`/fabric?id=${cloth.id}`} onClick={close}>
        {SENTENCE_TEXT.measureThisOne}
      </Button>
      <Button
        onClick={() => {
          void askAbout({ clothId: null });
          close();
        }}
      >
        {SENTENCE_TEXT.anotherCloth}
      </Button>
    </>
  );
}
