/** With a touch, where the browser lets it: without, the page is as large as its window. */
export function fillScreen(): void {
  if (!document.fullscreenElement) void document.documentElement.requestFullscreen?.().catch(() => undefined);
}
