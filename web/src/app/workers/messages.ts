import type { TaskMap, TaskName } from './tasks';

/** To the worker: start a task, ask it to stop with what it has, or forget it. */
export type Order<T extends TaskName = TaskName> =
  | { readonly kind: 'start'; readonly id: number; readonly task: T; readonly input: TaskMap[T]['input'] }
  | { readonly kind: 'stop'; readonly id: number }
  | { readonly kind: 'drop'; readonly id: number };

/** From the worker. */
export type Report<T extends TaskName = TaskName> =
  | { readonly kind: 'progress'; readonly id: number; readonly value: TaskMap[T]['progress'] }
  | { readonly kind: 'done'; readonly id: number; readonly value: TaskMap[T]['result'] }
  | { readonly kind: 'failed'; readonly id: number; readonly reason: string };
