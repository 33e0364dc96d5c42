/** What htmx and its morphing put on the window. */
interface Window {
  htmx: { trigger(target: Element, event: string): void };
  Idiomorph: { defaults: { ignoreActiveValue: boolean } };
}
