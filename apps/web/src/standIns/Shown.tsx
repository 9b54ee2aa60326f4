/** What the board shows, for whoever hears the screen instead of seeing it. */
export const Shown = ({ text }: { readonly text: string }) => (
  <output style={{ position: 'absolute', clipPath: 'inset(50%)', width: 1, height: 1 }}>{text}</output>
);
