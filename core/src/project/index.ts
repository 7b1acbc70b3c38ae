export {
  addCrossMember,
  addItem,
  changeCase,
  changeItem,
  explicitCrossMembers,
  moveCrossMember,
  overrideBar,
  pairOf,
  removeCase,
  removeCrossMember,
  removeItem,
  setAboard,
} from './edits.js';
export { MIGRATIONS, type Migration, migrate } from './migrations.js';
export {
  axleFromCatalog,
  couplingFromCatalog,
  type NewProject,
  newProject,
  tireFromCatalog,
  TONGUE_SCHOOLS,
  UNKNOWN_VEHICLE,
  USUAL_SUSPENSION,
} from './newProject.js';
export { barOf, findMaterial, findSection, isDoubled } from './parts.js';
export {
  type Bar,
  type BarGroup,
  type Coupling,
  FILE_FORMAT,
  type Frame,
  type Item,
  type LoadCase,
  type OwnMaterialRow,
  type OwnSectionRow,
  type Project,
  projectSchema,
  type RunningGear,
  SCHEMA_VERSION,
  type Tongue,
  type TongueBand,
  type TowVehicle,
} from './schema.js';
