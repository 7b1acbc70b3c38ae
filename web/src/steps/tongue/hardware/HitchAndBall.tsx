import { BALL_ROWS, type Coupling, RECEIVER_ROWS } from '@kereta/core';
import { FieldGroup, SelectField } from '../../../fields/fields';
import { RecordFields, type SizeOf } from '../../../fields/RecordFields';
import { useWorkbench } from '../../../bench/workbench';
import { rowSource } from '../../stepKit';
import { useCoupling } from './useCoupling';
import { t } from '../../../fields/language/t';

const rating = (said: string): readonly SizeOf<{ ratedKg: number | null; tongueKg: number | null }>[] => [
  {
    field: 'ratedKg',
    label: t('may pull'),
    kind: 'mass',
    of: 'coupling.receiver.ratedKg',
    said: t('{said}: may pull', { said }),
    clears: true,
  },
  {
    field: 'tongueKg',
    label: t('on the ball'),
    kind: 'mass',
    of: 'coupling.receiver.tongueKg',
    said: t('{said}: on the ball', { said }),
    clears: true,
  },
];

const MOUNT_SIZES: readonly SizeOf<Coupling['ballMount']>[] = [
  {
    field: 'ratedKg',
    label: t('Ball mount may pull'),
    kind: 'mass',
    of: 'coupling.ballMount.ratedKg',
    said: t('ball mount: may pull'),
    clears: true,
  },
  {
    field: 'tongueKg',
    label: t('Ball mount on the ball'),
    kind: 'mass',
    of: 'coupling.ballMount.tongueKg',
    said: t('ball mount: on the ball'),
    clears: true,
  },
  {
    field: 'dropM',
    label: t('Ball mount’s drop'),
    kind: 'length',
    of: 'coupling.ballMount.dropM',
    said: t('drop of the ball mount'),
    clears: true,
    hint: t('The one that is fitted now; a rise is minus'),
  },
  {
    field: 'reachM',
    label: t('Receiver’s pin to ball'),
    kind: 'length',
    of: 'coupling.ballMount.reachM',
    said: t('reach of the ball mount'),
    clears: true,
    hint: t('The mount is a lever: longer ones bear less'),
  },
  {
    field: 'ratedReachM',
    label: t('Rated at a reach of'),
    kind: 'length',
    of: 'coupling.ballMount.ratedReachM',
    said: t('reach that the ball mount is rated at'),
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
    <FieldGroup title={t('Hitch, ball mount and ball')}>
      <SelectField
        label={t('Hitch on the vehicle')}
        hint={rowSource(RECEIVER_ROWS, RECEIVER_ROWS.find(({ ratedKg }) => ratedKg === receiver.ratedKg)?.id ?? null)}
        value=""
        options={[
          { value: '', text: t('as below') },
          ...RECEIVER_ROWS.map(({ id, name }) => ({ value: id, text: name })),
        ]}
        onCommit={(id) => {
          const row = RECEIVER_ROWS.find((candidate) => candidate.id === id);
          if (row)
            set(t('hitch {name}', { name: row.name }), { receiver: { ratedKg: row.ratedKg, tongueKg: row.tongueKg } });
        }}
      />
      <SelectField
        label={t('Ball')}
        hint={rowSource(BALL_ROWS, ballRow?.id ?? null)}
        value={ballRow?.id ?? ''}
        options={[
          { value: '', text: t('Another one') },
          ...BALL_ROWS.map(({ id, name }) => ({ value: id, text: name })),
        ]}
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
        sizes={rating('hitch').map((size) => ({ ...size, label: t('Hitch {label}', { label: size.label }) }))}
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
            label: t('Ball measures'),
            kind: 'length',
            of: 'coupling.ball.diameterM',
            said: t('diameter of the ball'),
            clears: true,
          },
          {
            field: 'ratedKg',
            label: t('Ball may pull'),
            kind: 'mass',
            of: 'coupling.ball.ratedKg',
            said: t('rating of the ball'),
            clears: true,
          },
          {
            field: 'shankM',
            label: t('Its shank'),
            kind: 'length',
            of: 'coupling.ball.shankM',
            said: t('shank'),
            clears: true,
          },
          {
            field: 'holeM',
            label: t('Hole for it'),
            kind: 'length',
            of: 'coupling.ball.holeM',
            said: t('hole'),
            clears: true,
          },
        ]}
        onChange={(said, part) => set(said, { ball: { ...ball, ...part } })}
      />
      <p className="narrow mute col-span-2 text-[13px]">
        {ballRow?.nutNm
          ? t(
              'Nut of this ball, with its lock washer and two threads past it: about {nutNm}. Its maker’s figure governs.',
              { nutNm: say.torque(ballRow.nutNm) },
            )
          : t('The ball’s nut has a lock washer under it and two threads past it; its torque is its maker’s to say.')}
      </p>
    </FieldGroup>
  );
};
