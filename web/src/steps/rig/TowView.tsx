import { RampView } from './RampView';
import { Trainer } from './Trainer';
import { Turning } from './Turning';

/** The rig behind its vehicle: turned by a slider, after a flick of the wheel, and over a break of the road. */
export const TowView = () => (
  <div>
    <Turning />
    <Trainer />
    <RampView />
  </div>
);
