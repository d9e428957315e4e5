/** Answers asked for that will change the picture. */
let awaited = 0;

/** Until it is answered or given up, what is on the screen is not worth drawing sharp. */
export function awaits(answer: Promise<unknown>): void {
  awaited++;
  const over = () => {
    awaited--;
  };
  answer.then(over, over);
}

export const pictureAwaited = (): boolean => awaited > 0;
