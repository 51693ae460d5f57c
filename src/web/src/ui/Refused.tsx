/** What the server said to a request that it did not take. */
export function Refused({ said }: { said: string | undefined }) {
  return said ? (
    <p role="alert" className="border-l-4 border-oxide pl-3 font-semibold text-oxide">
      {said}
    </p>
  ) : null;
}
