import { BrakesAndPlug } from './BrakesAndPlug';
import { Chains } from './Chains';
import { CouplerStamp } from './CouplerStamp';
import { HitchAndBall } from './HitchAndBall';
import { Jack } from './Jack';

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
