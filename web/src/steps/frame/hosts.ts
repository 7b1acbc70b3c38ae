import { type Chassis, middleLineOf, type Speaker } from '@kereta/core';
import { nanoid } from 'nanoid';
import type { Option } from '../../fields/fields';
import { t } from '../../fields/language/t';

export const newBarId = (): string => `bar.${nanoid(8)}`;

/** Bars that others may stand on, by their names; one that is chosen and gone stays in the list and says so. */
export const hostOptions = (
  { members }: Pick<Chassis, 'members'>,
  say: Speaker,
  chosen: string | undefined,
  except?: string,
): readonly Option[] => {
  const hosts = members
    .filter((member) => member.id !== except && middleLineOf(member))
    .map(({ id }) => ({ value: id, text: say.partName(id) }));
  return chosen === undefined || hosts.some(({ value }) => value === chosen)
    ? hosts
    : [...hosts, { value: chosen, text: t('{chosen} (not there)', { chosen: say.partName(chosen) }) }];
};
