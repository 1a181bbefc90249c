import { useState } from "react";
import type { LayoutChangeEvent } from "react-native";

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** The size of a laid-out view in px; undefined before the first layout. */
export function useSize(): [Size | undefined, (event: LayoutChangeEvent) => void] {
  const [size, setSize] = useState<Size>();
  const onLayout = ({ nativeEvent }: LayoutChangeEvent): void => {
    const { width, height } = nativeEvent.layout;
    setSize((old) => (old?.width === width && old.height === height ? old : { width, height }));
  };
  return [size, onLayout];
}
