export {
  type Answer,
  answerOf,
  EXERCISE_IDS,
  type ExerciseId,
  type MeasureKind,
  swingLeft,
  type Tried,
  tryExercise,
} from './exercises.js';
