import { Txt } from "@/ui/controls/Txt";

/** What a drawing of an entry shows. */
export const Head = ({ children }: { children: string }) => (
  <Txt weight={700} role="heading" aria-level={3}>
    {children}
  </Txt>
);
