/** Of weld metal, kg/m³. Source: usual handbook figures of mild steel and of aluminum. */
export const STEEL_KG_M3 = 7850;
export const ALUMINUM_KG_M3 = 2700;
