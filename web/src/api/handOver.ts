/** Hands a file over as the browser keeps files, under the name the server gave it. */
export function handOver(file: Blob, response: Response, otherwise: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = /filename="?([^";]+)/.exec(response.headers.get('Content-Disposition') ?? '')?.[1] ?? otherwise;
  link.click();
  setTimeout(() => { URL.revokeObjectURL(link.href); }, 60_000);
}
