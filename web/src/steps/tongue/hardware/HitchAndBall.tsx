import { BALL_ROWS, type Coupling, RECEIVER_ROWS } from '@kereta/core';
import { FieldGroup, SelectField } from '../../../fields/fields';
import { RecordFields, type SizeOf } from '../../../fields/RecordFields';
import { useWorkbench } from '../../../bench/workbench';
import { rowSource } from '../../stepKit';
import { useCoupling } from './useCoupling';

const rating = (said: string): readonly SizeOf<{ ratedKg: number | null; tongueKg: number | null }>[] => [
  {
    field: 'ratedKg',
    label: 'may pull',
    kind: 'mass',
    of: 'coupling.receiver.ratedKg',
    said: `${said}: may pull`,
    clears: true,
  },
  {
    field: 'tongueKg',
    label: 'on the ball',
    kind: 'mass',
    of: 'coupling.receiver.tongueKg',
    said: `${said}: on the ball`,
    clears: true,
  },
];

const MOUNT_SIZES: readonly SizeOf<Coupling['ballMount']>[] = [
  {
    field: 'ratedKg',
    label: 'Ball mount may pull',
    kind: 'mass',
    of: 'coupling.ballMount.ratedKg',
    said: 'ball mount: may pull',
    clears: true,
  },
  {
    field: 'tongueKg',
    label: 'Ball mount on the ball',
    kind: 'mass',
    of: 'coupling.ballMount.tongueKg',
    said: 'ball mount: on the ball',
    clears: true,
  },
  {
    field: 'dropM',
    label: 'Ball mount’s drop',
    kind: 'length',
    of: 'coupling.ballMount.dropM',
    said: 'drop of the ball mount',
    clears: true,
    hint: 'The one that is fitted now; a rise is minus',
  },
  {
    field: 'reachM',
    label: 'Receiver’s pin to ball',
    kind: 'length',
    of: 'coupling.ballMount.reachM',
    said: 'reach of the ball mount',
    clears: true,
    hint: 'The mount is a lever: longer ones bear less',
  },
  {
    field: 'ratedReachM',
    label: 'Rated at a reach of',
    kind: 'length',
    of: 'coupling.ballMount.ratedReachM',
    said: 'reach that the ball mount is rated at',
    clears: true,
  },
];

/** From the vehicle's hitch to the ball, each with its stamp. */
export const HitchAndBall = () => {
  const { coupling, set } = useCoupling();
  const { receiver, ballMount, ball } = coupling;
  const { say } = useWorkbench('say');
  const ballRow = BALL_ROWS.find(({ diameterM, shankM }) => diameterM === ball.diameterM && shankM === ball.shankM);
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
        hint={rowSource(BALL_ROWS, ballRow?.id ?? null)}
        value={ballRow?.id ?? ''}
        options={[{ value: '', text: 'Another one' }, ...BALL_ROWS.map(({ id, name }) => ({ value: id, text: name }))]}
        onCommit={(id) => {
          const chosen = BALL_ROWS.find((candidate) => candidate.id === id);
          if (chosen) {
            const { name, diameterM, shankM, ratedKg } = chosen;
            set(name, { ball: { ...ball, diameterM, shankM, ratedKg } });
          }
        }}
      />
      <RecordFields
        record={receiver}
        sizes={rating('hitch').map((size) => ({ ...size, label: `Hitch ${size.label}` }))}
        onChange={(said, part) => set(said, { receiver: { ...receiver, ...part } })}
      />
      <RecordFields
        record={ballMount}
        sizes={MOUNT_SIZES}
        onChange={(said, part) => set(said, { ballMount: { ...ballMount, ...part } })}
      />
      <RecordFields
        record={ball}
        sizes={[
          {
            field: 'diameterM',
            label: 'Ball measures',
            kind: 'length',
            of: 'coupling.ball.diameterM',
            said: 'diameter of the ball',
            clears: true,
          },
          {
            field: 'ratedKg',
            label: 'Ball may pull',
            kind: 'mass',
            of: 'coupling.ball.ratedKg',
            said: 'rating of the ball',
            clears: true,
          },
          {
            field: 'shankM',
            label: 'Its shank',
            kind: 'length',
            of: 'coupling.ball.shankM',
            said: 'shank',
            clears: true,
          },
          {
            field: 'holeM',
            label: 'Hole for it',
            kind: 'length',
            of: 'coupling.ball.holeM',
            said: 'hole',
            clears: true,
          },
        ]}
        onChange={(said, part) => set(said, { ball: { ...ball, ...part } })}
      />
      <p className="narrow mute col-span-2 text-[13px]">
        {ballRow?.nutNm
          ? `Nut of this ball, with its lock washer and two threads past it: about ${say.torque(ballRow.nutNm)}. Its maker’s figure governs.`
          : 'The ball’s nut has a lock washer under it and two threads past it; its torque is its maker’s to say.'}
      </p>
    </FieldGroup>
  );
};
