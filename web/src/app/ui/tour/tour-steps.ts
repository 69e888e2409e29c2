/** One stop of the tour: what is said, and where it is shown. */
export interface TourStep {
  readonly title: string;
  readonly says: string;
  /** address; {job} and {zone} stand for the first job of the list and its first zone */
  readonly to: string;
  /** what is pointed at */
  readonly at: string;
}

/** The way of one item from the door to the bench. */
export const TOUR_STEPS: readonly TourStep[] = [
  {
    title: 'One item is one job',
    says: 'New job asks what it is, how old, and what should be on it at the end, and proposes parts with typical layers. Here is one that is already there.',
    to: '/',
    at: 'a[href="/new"]',
  },
  {
    title: 'What is on it',
    says: 'Each zone is drawn through its layers, to scale. Type or drag; the whole plan follows at once. Nothing has to be saved.',
    to: '/jobs/{job}/intake?zone={zone}',
    at: 'lb-stack-editor',
  },
  {
    title: 'Next always leads on',
    says: 'What is still open is asked, the question that decides most first, with answers to touch. When nothing is open it leads to the dates.',
    to: '/jobs/{job}/intake',
    at: 'lb-next-button',
  },
  {
    title: 'Every method has its price',
    says: 'The best comes first. What is ruled out stays to be seen, with the reason and what would open it.',
    to: '/jobs/{job}/method?zone={zone}',
    at: '.methods',
  },
  {
    title: 'One order of work',
    says: 'The run sheet has every step when it can be done, with what to wear, waits, hold points and windows. Print it, or start the job: it goes to the bench.',
    to: '/jobs/{job}/run-sheet',
    at: 'main h1',
  },
  {
    title: 'Why, and where',
    says: 'A ? beside a word tells its meaning, “why” the rule behind a figure. Ctrl K finds every page, zone, action and word; ? lists the keys.',
    to: '/words',
    at: 'main',
  },
];

/** The address of a step on the shelf as it is: without a job the list, without a zone what the page shows of the whole job. */
export function addressOf({ to }: TourStep, job: string | null, zone: string | null): string {
  if (job === null && to.includes('{job}')) return '/';
  const whole = zone === null ? to.replace('?zone={zone}', '') : to.replace('{zone}', zone);
  return whole.replace('{job}', job ?? '');
}
