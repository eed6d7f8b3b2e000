/** What the last problem left stored on the stand-in: each value may be set to anything. */
import { NumberInput } from '@mantine/core';
import { clearedDevice, type DeviceState, type EnteringStyle, type NumberStyle } from '@hardy-sextant/core';
import { Pick } from '../ui/Pick.tsx';
import styles from './DeviceWalk.module.css';
import { say } from '../words/say.ts';

/** What may have been left: a rent paid in advance with a residual. */
export const usualLeftOver: DeviceState = {
  ...clearedDevice,
  n: 36,
  rate: 8.4,
  pv: 18_500,
  pmt: -492,
  fv: -3700,
  timing: 'begin',
  paymentsPerYear: 12,
  compoundingsPerYear: 12,
};

interface LeftOverProps {
  readonly left: DeviceState;
  readonly onLeft: (left: DeviceState) => void;
  readonly entering: EnteringStyle;
  readonly style: NumberStyle;
}

const values = ['n', 'rate', 'pv', 'pmt', 'fv'] as const;
const frequencies = ['paymentsPerYear', 'compoundingsPerYear'] as const;

export function LeftOver({ left, onLeft, entering, style }: LeftOverProps) {
  const { labels, setsFrequencies, can } = entering;
  const field = (name: (typeof values)[number] | (typeof frequencies)[number] | 'memory', label: string) => (
    <NumberInput
      key={name}
      size="xs"
      label={label}
      hideControls
      decimalSeparator={style.decimal}
      value={left[name]}
      // A frequency is at least one a year; an emptied field is nothing stored.
      onChange={(value) => {
        const number = Number(value);
        const fewest = name === 'paymentsPerYear' || name === 'compoundingsPerYear' ? 1 : -Infinity;
        if (Number.isFinite(number)) onLeft({ ...left, [name]: Math.max(fewest, number) });
      }}
    />
  );
  return (
    <fieldset className={styles.left}>
      <legend>{say('Left over from the last problem')}</legend>
      {values.map((name) => field(name, labels[name]))}
      {setsFrequencies && frequencies.map((name) => field(name, labels[name]))}
      {can.includes('memory') && field('memory', 'memory')}
      <label>
        {labels.timing}{' '}
        <Pick
          label={say('left over: {{timing}}', { timing: labels.timing })}
          value={left.timing}
          options={[
            ['end', labels.end],
            ['begin', labels.begin],
          ]}
          onPick={(timing) => onLeft({ ...left, timing })}
        />
      </label>
    </fieldset>
  );
}
