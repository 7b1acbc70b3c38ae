import { QuantityField } from '../../fields/QuantityField';
import { t } from '../../fields/language/t';

interface SpliceFieldsProps {
  /** along the bar from its front, left or ball end, m */
  readonly splicesM: readonly number[];
  readonly lengthM: number;
  readonly onCommit: (label: string, splicesM: readonly number[]) => void;
}

/** Where a bar is of several lengths welded together. */
export const SpliceFields = ({ splicesM, lengthM, onCommit }: SpliceFieldsProps) => (
  <>
    {splicesM.map((atM, index) => (
      // oxlint-disable-next-line react/no-array-index-key -- a bar's splices keep their order
      <div key={index} className="col-span-2 grid grid-cols-2 gap-2">
        <QuantityField
          label={t('Splice {index}, along the bar', { index: index + 1 })}
          kind="length"
          value={atM}
          of="frame.overrides.any.splices.atM"
          max={lengthM}
          onCommit={(next) =>
            onCommit(
              t('splice moved'),
              splicesM.map((other, i) => (i === index ? next : other)),
            )
          }
        />
        <button
          type="button"
          className="button self-end"
          onClick={() =>
            onCommit(
              t('in one piece there'),
              splicesM.filter((_, i) => i !== index),
            )
          }
        >
          {t('Not spliced there')}
        </button>
      </div>
    ))}
    {splicesM.length < 6 && (
      <button
        type="button"
        className="button self-center"
        onClick={() => onCommit(t('spliced'), [...splicesM, lengthM / 2])}
      >
        {t('Splice of two lengths')}
      </button>
    )}
  </>
);
