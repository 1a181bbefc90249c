import { Redirect, useLocalSearchParams, type Href } from "expo-router";

/** Links from before an outing was called one still open: what stood under the old name stands under the new. */
export function OldLink() {
  const { rest } = useLocalSearchParams<{ rest?: string[] }>();
  return <Redirect href={(rest ? `/outing/${rest.join("/")}` : "/outings") as Href} />;
}
