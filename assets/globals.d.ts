/** What htmx and its morphing put on the window. */
interface Window {
  htmx: {
    trigger(target: Element, event: string): void;
    ajax(verb: string, path: string, context: { source: Element; target: string; swap: string }): Promise<void>;
  };
  Idiomorph: {
    defaults: {
      ignoreActiveValue: boolean;
      callbacks: {
        beforeNodeMorphed?: (shown: Node, answered: Node) => boolean;
        beforeAttributeUpdated?: (name: string, element: Element) => boolean;
      };
    };
  };
}
