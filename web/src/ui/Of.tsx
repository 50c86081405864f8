/** What a control is of, for who hears its name alone: "Accept" says "Accept: Back squat". */
export function Of({ what }: { what: string }) {
  return <span className="sr-only">: {what}</span>;
}
