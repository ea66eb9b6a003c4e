const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Where an arrow key leads, one step to the right and down; nothing for any other key. */
export function arrow(key: string): { right: number; down: number } | undefined {
  const [right, down] = ARROWS[key] ?? [];
  return right === undefined || down === undefined ? undefined : { right, down };
}
