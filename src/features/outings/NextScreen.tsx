import { Redirect } from "expo-router";
import { Message } from "@/ui/controls/Message";
import { useMinuteClock } from "../outing/use-minute-clock";
import { useOutings } from "../store/outings";
import { inOrder } from "./in-order";

/** The card of the outing that comes next: where the shortcut on a home screen leads. Without one, the list. */
export function NextScreen() {
  const { data } = useOutings();
  const now = useMinuteClock();
  if (!data) return <Message title="One moment" />;
  const { next } = inOrder(data.outings, now);
  return <Redirect href={next ? `/outing/${next.id}/run` : "/outings"} />;
}
