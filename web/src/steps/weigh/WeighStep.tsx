export const WeighStep = () => null;
