import { type PrintedLine, printWorking, type Speaker, type WorkingLine } from '@kereta/core';
import { voice } from './language/t';

const Line = ({ line }: { readonly line: PrintedLine }) => (
  <tr className={line.concludes ? 'border-t border-[var(--ink)] font-semibold' : ''}>
    <td className="py-[1px] pr-2 align-top">
      {line.label}
      {line.figures && <span className="mute block font-normal">{line.figures}</span>}
    </td>
    <td className="py-[1px] text-right align-bottom whitespace-nowrap">{line.result}</td>
  </tr>
);

/** How a figure came about, line by line. */
export const WorkingTable = ({ working, say }: { readonly working: readonly WorkingLine[]; readonly say: Speaker }) =>
  working.length === 0 ? null : (
    <table className="w-full">
      <tbody>
        {working.map((line, index) => (
          // oxlint-disable-next-line react/no-array-index-key -- lines of one working keep their order
          <Line key={index} line={printWorking(line, say.style.system, voice)} />
        ))}
      </tbody>
    </table>
  );
