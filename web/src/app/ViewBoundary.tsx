import { Component, type ReactNode } from "react";
import { Button } from "../ui/Button";
import { Message } from "../ui/Message";
import { t } from "../ui/words";

interface Around {
  /** The address of the view: another one is tried anew. */
  at: string;
  children: ReactNode;
}

/** Around a view: when it breaks, what stands around it stays, and it says what is safe. */
export class ViewBoundary extends Component<Around, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError(): { broken: boolean } {
    return { broken: true };
  }

  override componentDidUpdate({ at }: Around): void {
    if (this.state.broken && at !== this.props.at) this.setState({ broken: false });
  }

  override render(): ReactNode {
    if (!this.state.broken) return this.props.children;
    return (
      <div className="max-w-xl p-6">
        <Message tone="stop">
          {t("This view broke. What you logged is kept in this browser and on the server.")}
          <Button className="mt-2" onClick={() => window.location.reload()}>
            {t("Load it again")}
          </Button>
        </Message>
      </div>
    );
  }
}
