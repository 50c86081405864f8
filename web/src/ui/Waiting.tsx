import { Problem } from "../api/client";
import { Button } from "./Button";
import { Message } from "./Message";

/** What stands in a view's place until its data is there, or when it cannot be had. */
export function Waiting({ error, retry }: { error: Error | null; retry: () => void }) {
  if (!error) return <p className="p-6 text-soft">Opening …</p>;
  return (
    <div className="max-w-xl p-6">
      <Message tone="stop">
        <p>{error instanceof Problem ? error.message : "This view could not be opened."}</p>
        <Button className="mt-2" onClick={retry}>
          Try again
        </Button>
      </Message>
    </div>
  );
}
