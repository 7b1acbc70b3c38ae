import {
  BALL_ROWS,
  CHAIN_ROWS,
  COUPLER_ROWS,
  type Coupling,
  couplingFromCatalog,
  JACK_ROWS,
  RECEIVER_ROWS,
} from '@kereta/core';
import { useEditing } from '../../ui/editing';
import { CheckField, FieldGroup, SelectField } from '../../ui/fields';
import { RecordFields, type SizeOf } from '../../ui/RecordFields';
import { rowSource } from '../stepKit';

const STATES = [
  { value: 'not-decided', text: 'Not decided' },
  { value: 'fitted', text: 'Fitted' },
  { value: 'none', text: 'None' },
] as const;

const KINDS = [
  { value: 'ball', text: 'Ball' },
  { value: 'pintle', text: 'Pintle and eye' },
  { value: 'three-axis', text: 'Free in three axes' },
] as const;

const rating = (said: string): readonly SizeOf<{ ratedKg: number | null; tongueKg: number | null }>[] => [
  { field: 'ratedKg', label: 'may pull', kind: 'mass', min: 5, max: 30000, said: `${said}: may pull`, clears: true },
  {
    field: 'tongueKg',
    label: 'on the ball',
    kind: 'mass',
    min: 1,
    max: 5000,
    said: `${said}: on the ball`,
    clears: true,
  },
];

const useCoupling = (): {
  readonly coupling: Coupling;
  readonly set: (label: string, change: Partial<Coupling>) => void;
} => {
  const { project, edit } = useEditing();
  return {
    coupling: project.coupling,
    set: (label, change) => edit(label, (current) => ({ ...current, coupling: { ...current.coupling, ...change } })),
  };
};

/** The coupler and what its stamp says. */
export const CouplerField = () => {
  const { coupling, set } = useCoupling();
  return (
    <SelectField
      label="Coupler"
      hint={rowSource(COUPLER_ROWS, coupling.catalogId)}
      value={coupling.catalogId ?? ''}
      options={[{ value: '', text: 'Another one' }, ...COUPLER_ROWS.map(({ id, name }) => ({ value: id, text: name }))]}
      onCommit={(id) => {
        if (id === '') set('another coupler', { catalogId: null, name: 'Own coupler', ratedGrossKg: null });
        else {
          const { name, kind, catalogId, ratedGrossKg, ballDiameterM, massKg } = couplingFromCatalog(id);
          set(`coupler ${name}`, { name, kind, catalogId, ratedGrossKg, ballDiameterM, massKg, homeMade: false });
        }
      }}
    />
  );
};

const BALL_SIZE: SizeOf<Coupling> = {
  field: 'ballDiameterM',
  label: 'Made for a ball of',
  kind: 'length',
  min: 0.01,
  max: 0.1,
  said: 'coupler’s ball',
};

const CouplerStamp = () => {
  const { coupling, set } = useCoupling();
  return (
    <FieldGroup title="Coupler’s stamp">
      <SelectField
        label="Kind of coupling"
        value={coupling.kind}
        options={KINDS}
        onCommit={(kind) => set('kind of coupling', { kind: kind as Coupling['kind'] })}
      />
      <RecordFields
        record={coupling}
        sizes={[
          ...(coupling.kind === 'ball' ? [BALL_SIZE] : []),
          {
            field: 'ratedGrossKg',
            label: 'Coupler rated for',
            kind: 'mass',
            min: 5,
            max: 30000,
            said: 'coupler rating',
            clears: true,
          },
          {
            field: 'tongueLimitKg',
            label: 'Coupler allows on the ball',
            kind: 'mass',
            min: 1,
            max: 5000,
            said: 'coupler’s limit',
            clears: true,
            hint: 'S on a European plate',
          },
          {
            field: 'dValueN',
            label: 'D on its plate, kN',
            kind: 'number',
            min: 0,
            max: 1000,
            said: 'D of the coupling',
            clears: true,
            per: 1000,
            hint: 'European couplings',
          },
        ]}
        onChange={set}
      />
      <div className="col-span-2">
        <CheckField
          label="Home-made coupling"
          checked={coupling.homeMade}
          onCommit={(homeMade) => set('home-made coupling', { homeMade })}
        />
      </div>
    </FieldGroup>
  );
};

const HitchAndBall = () => {
  const { coupling, set } = useCoupling();
  const { receiver, ballMount, ball } = coupling;
  return (
    <FieldGroup title="Hitch, ball mount and ball">
      <SelectField
        label="Hitch on the vehicle"
        hint={rowSource(RECEIVER_ROWS, RECEIVER_ROWS.find(({ ratedKg }) => ratedKg === receiver.ratedKg)?.id ?? null)}
        value=""
        options={[{ value: '', text: 'as below' }, ...RECEIVER_ROWS.map(({ id, name }) => ({ value: id, text: name }))]}
        onCommit={(id) => {
          const row = RECEIVER_ROWS.find((candidate) => candidate.id === id);
          if (row) set(`hitch ${row.name}`, { receiver: { ratedKg: row.ratedKg, tongueKg: row.tongueKg } });
        }}
      />
      <SelectField
        label="Ball"
        hint={rowSource(
          BALL_ROWS,
          BALL_ROWS.find(({ diameterM, shankM }) => diameterM === ball.diameterM && shankM === ball.shankM)?.id ?? null,
        )}
        value={
          BALL_ROWS.find(({ diameterM, shankM }) => diameterM === ball.diameterM && shankM === ball.shankM)?.id ?? ''
        }
        options={[{ value: '', text: 'Another one' }, ...BALL_ROWS.map(({ id, name }) => ({ value: id, text: name }))]}
        onCommit={(id) => {
          const row = BALL_ROWS.find((candidate) => candidate.id === id);
          if (row)
            set(row.name, {
              ball: { ...ball, diameterM: row.diameterM, shankM: row.shankM, ratedKg: row.ratedKg },
            });
        }}
      />
      <RecordFields
        record={receiver}
        sizes={rating('hitch').map((size) => ({ ...size, label: `Hitch ${size.label}` }))}
        onChange={(said, part) => set(said, { receiver: { ...receiver, ...part } })}
      />
      <RecordFields
        record={ballMount}
        sizes={[
          {
            field: 'ratedKg',
            label: 'Ball mount may pull',
            kind: 'mass',
            min: 5,
            max: 30000,
            said: 'ball mount: may pull',
            clears: true,
          },
          {
            field: 'tongueKg',
            label: 'Ball mount on the ball',
            kind: 'mass',
            min: 1,
            max: 5000,
            said: 'ball mount: on the ball',
            clears: true,
          },
          {
            field: 'dropM',
            label: 'Ball mount’s drop',
            kind: 'length',
            min: -0.5,
            max: 0.5,
            said: 'drop of the ball mount',
            clears: true,
            hint: 'The one that is fitted now; a rise is minus',
          },
        ]}
        onChange={(said, part) => set(said, { ballMount: { ...ballMount, ...part } })}
      />
      <RecordFields
        record={ball}
        sizes={[
          {
            field: 'diameterM',
            label: 'Ball measures',
            kind: 'length',
            min: 0.01,
            max: 0.1,
            said: 'diameter of the ball',
            clears: true,
          },
          {
            field: 'ratedKg',
            label: 'Ball may pull',
            kind: 'mass',
            min: 5,
            max: 30000,
            said: 'rating of the ball',
            clears: true,
          },
          { field: 'shankM', label: 'Its shank', kind: 'length', min: 0.005, max: 0.06, said: 'shank', clears: true },
          { field: 'holeM', label: 'Hole for it', kind: 'length', min: 0.005, max: 0.08, said: 'hole', clears: true },
        ]}
        onChange={(said, part) => set(said, { ball: { ...ball, ...part } })}
      />
      <p className="narrow mute col-span-2 text-[13px]">
        Nut of the ball with its lock washer: about 160 ft·lb (215 N·m) on a 3/4 in shank, 250 (340) on 1 in, 450 (610)
        on 1-1/4 in, two threads past the nut. Its maker’s figure governs.
      </p>
    </FieldGroup>
  );
};

const Chains = () => {
  const { coupling, set } = useCoupling();
  const { safetyChain } = coupling;
  const change = (said: string, part: Partial<Coupling['safetyChain']>): void =>
    set(said, { safetyChain: { ...safetyChain, ...part } });
  return (
    <FieldGroup title="Safety chains" open>
      <SelectField
        label="Safety chains"
        value={coupling.chains}
        options={STATES}
        onCommit={(chains) => set('safety chains', { chains: chains as Coupling['chains'] })}
      />
      {coupling.chains === 'fitted' && (
        <>
          <SelectField
            label="Held on the trailer by"
            value={safetyChain.heldOn}
            options={[
              { value: 'not-decided', text: 'Not decided' },
              { value: 'own-tabs', text: 'Tabs of their own' },
              { value: 'coupler', text: 'The coupler' },
            ]}
            onCommit={(heldOn) =>
              change('how the chains are held', { heldOn: heldOn as Coupling['safetyChain']['heldOn'] })
            }
          />
          <SelectField
            label="Chain"
            hint={rowSource(CHAIN_ROWS, safetyChain.catalogId)}
            value={safetyChain.catalogId ?? ''}
            options={[
              { value: '', text: 'Another one' },
              ...CHAIN_ROWS.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onCommit={(id) => {
              const row = CHAIN_ROWS.find((candidate) => candidate.id === id);
              change(row?.name ?? 'another chain', {
                catalogId: row?.id ?? null,
                breaksAtKg: row?.breaksAtKg ?? null,
              });
            }}
          />
          <SelectField
            label="How many"
            value={String(safetyChain.count)}
            options={[
              { value: '1', text: 'One' },
              { value: '2', text: 'Two' },
            ]}
            onCommit={(count) => change('number of chains', { count: Number(count) })}
          />
          <RecordFields
            record={safetyChain}
            sizes={[
              {
                field: 'breaksAtKg',
                label: 'Each breaks at',
                kind: 'mass',
                min: 1,
                max: 60000,
                said: 'strength of the chains',
                clears: true,
                hint: 'The least of chain, hook and link',
              },
              {
                field: 'lengthM',
                label: 'From tab to hook',
                kind: 'length',
                min: 0.05,
                max: 3,
                said: 'length of the chains',
                clears: true,
              },
              {
                field: 'tabBehindBallM',
                label: 'Tabs behind the ball',
                kind: 'length',
                min: 0,
                max: 2,
                said: 'place of the tabs',
              },
              {
                field: 'hookAheadOfBallM',
                label: 'Hooks ahead of the ball',
                kind: 'length',
                min: 0,
                max: 1,
                said: 'place of the hooks',
              },
              { field: 'apartM', label: 'Tab to tab', kind: 'length', min: 0, max: 1, said: 'distance of the tabs' },
            ]}
            onChange={change}
          />
          <CheckField
            label="Crossed under the tongue"
            checked={safetyChain.crossed}
            onCommit={(crossed) => change(crossed ? 'chains crossed' : 'chains not crossed', { crossed })}
          />
        </>
      )}
    </FieldGroup>
  );
};

const BrakesAndPlug = () => {
  const { coupling, set } = useCoupling();
  return (
    <FieldGroup title="Brakes and plug">
      <SelectField
        label="Brakes"
        value={coupling.brakes}
        options={STATES}
        onCommit={(brakes) => set('brakes', { brakes: brakes as Coupling['brakes'] })}
      />
      {coupling.brakes === 'fitted' && (
        <>
          <SelectField
            label="Worked by"
            value={coupling.brakeKind}
            options={[
              { value: 'not-decided', text: 'Not decided' },
              { value: 'electric', text: 'A controller, electric' },
              { value: 'overrun', text: 'The coupling, overrun' },
            ]}
            onCommit={(brakeKind) => set('what works the brakes', { brakeKind: brakeKind as Coupling['brakeKind'] })}
          />
          <SelectField
            label="Breakaway"
            value={coupling.breakaway}
            options={STATES}
            onCommit={(breakaway) => set('breakaway', { breakaway: breakaway as Coupling['breakaway'] })}
          />
        </>
      )}
      <SelectField
        label="Plug for the lights"
        value={coupling.plug}
        options={[
          { value: 'not-decided', text: 'Not decided' },
          { value: '4-way', text: '4 ways' },
          { value: '6-way', text: '6 ways' },
          { value: '7-way', text: '7 ways' },
          { value: '13-way', text: '13 ways' },
          { value: 'none', text: 'None' },
        ]}
        onCommit={(plug) => set('plug', { plug: plug as Coupling['plug'] })}
      />
    </FieldGroup>
  );
};

const Jack = () => {
  const { coupling, set } = useCoupling();
  const { jack } = coupling;
  return (
    <FieldGroup title="Jack">
      <SelectField
        label="Jack"
        hint={rowSource(
          JACK_ROWS,
          JACK_ROWS.find(({ ratedKg, longM }) => ratedKg === jack.ratedKg && longM === jack.longM)?.id ?? null,
        )}
        value={JACK_ROWS.find(({ ratedKg, longM }) => ratedKg === jack.ratedKg && longM === jack.longM)?.id ?? ''}
        options={[{ value: '', text: 'Another one' }, ...JACK_ROWS.map(({ id, name }) => ({ value: id, text: name }))]}
        onCommit={(id) => {
          const row = JACK_ROWS.find((candidate) => candidate.id === id);
          if (row)
            set(row.name, {
              jack: { ratedKg: row.ratedKg, shortM: row.shortM, longM: row.longM },
              jackMassKg: row.massKg,
            });
        }}
      />
      <RecordFields
        record={coupling}
        sizes={[
          {
            field: 'jackBehindBallM',
            label: 'Jack behind the ball',
            kind: 'length',
            min: 0,
            max: 4,
            said: 'place of the jack',
          },
        ]}
        onChange={set}
      />
      <RecordFields
        record={jack}
        sizes={[
          {
            field: 'ratedKg',
            label: 'It may lift',
            kind: 'mass',
            min: 1,
            max: 10000,
            said: 'rating of the jack',
            clears: true,
          },
          {
            field: 'shortM',
            label: 'Foot below its mount, drawn in',
            kind: 'length',
            min: 0,
            max: 2,
            said: 'jack drawn in',
            clears: true,
          },
          {
            field: 'longM',
            label: 'Foot below its mount, run out',
            kind: 'length',
            min: 0,
            max: 2,
            said: 'jack run out',
            clears: true,
            hint: 'With its drop leg down',
          },
        ]}
        onChange={(said, part) => set(said, { jack: { ...jack, ...part } })}
      />
    </FieldGroup>
  );
};

/** Everything between vehicle and trailer that has a stamp. */
export const HardwareFields = () => (
  <>
    <Chains />
    <HitchAndBall />
    <CouplerStamp />
    <BrakesAndPlug />
    <Jack />
  </>
);
