export {
  type Answer,
  answerOf,
  EXERCISE_IDS,
  type ExerciseId,
  type MeasureKind,
  measureOf,
  swingLeft,
  type Tried,
  tryExercise,
} from './exercises.js';
