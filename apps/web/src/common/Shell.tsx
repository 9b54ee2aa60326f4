const painted = document.getElementById('root')?.innerHTML ?? '';

/** What index.html paints before any script has come, until there is something to take its place. */
export const Shell = () => <div dangerouslySetInnerHTML={{ __html: painted }} />;
