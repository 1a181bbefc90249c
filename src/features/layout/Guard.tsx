import { Component, type ReactNode } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";

interface Props {
  /** What stands behind it, as it is told: "Frame", "Kit". */
  readonly name: string;
  /** Beside "Try again": the way back, the record as a file. */
  readonly more?: ReactNode;
  readonly children: ReactNode;
}

interface State {
  readonly error: unknown;
}

/** Keeps a fault in a part to that part: it is told, and the rest of the application goes on. */
export class Guard extends Component<Props, State> {
  override state: State = { error: undefined };

  static getDerivedStateFromError(error: unknown): State {
    return { error: error ?? new Error("unknown") };
  }

  override render(): ReactNode {
    const { error } = this.state;
    const { name, more, children } = this.props;
    if (error === undefined) return children;
    return (
      <Message
        tone="danger"
        title={`${name} cannot be shown`}
        body={`Something in it stopped: ${error instanceof Error ? error.message : String(error)}. What is stored is safe and unchanged.`}
      >
        <View className="flex-row flex-wrap gap-2">
          <Button label="Try again" onPress={() => this.setState({ error: undefined })} />
          {more}
        </View>
      </Message>
    );
  }
}
