/** Reads an answer of lines of JSON as they come, until it ends. */
export async function readLines<Line>(response: Response, tell: (line: Line) => void): Promise<void> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = (rest + part.value).split('\n');
    rest = lines.pop() ?? '';
    lines.filter((line) => line !== '').forEach((line) => { tell(JSON.parse(line) as Line); });
  }
}
