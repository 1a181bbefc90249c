import { Redirect, useLocalSearchParams } from "expo-router";

export default function Outing() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={`/outing/${id}/ground`} />;
}
