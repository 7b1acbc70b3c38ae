const FRACTION = /(\d+)\/(\d+)(?=["″'\s,.;:)]|$)/g;

/** Text with its fractions built: raised numerator, slash, denominator. The plain text stays for screen readers and for copying. */
export const Sized = ({ children }: { readonly children: string }) => {
  const parts: (string | readonly [string, string])[] = [];
  let end = 0;
  for (const match of children.matchAll(FRACTION)) {
    const [whole, over = '', under = ''] = match;
    // 60/40 is a rule's name, not a fraction of an inch.
    if (!['2', '4', '8', '16', '32', '64'].includes(under)) continue;
    // The fraction stays with its inches at the end of a line.
    parts.push(children.slice(end, match.index).replace(/ $/, '\u00a0'), [over, under]);
    end = match.index + whole.length;
  }
  parts.push(children.slice(end));
  if (parts.length === 1) return <>{children}</>;
  return (
    <>
      {parts.map((part, index) =>
        typeof part === 'string' ? (
          part
        ) : (
          // oxlint-disable-next-line react/no-array-index-key -- pieces of one text have no other name
          <span className="fraction" key={index}>
            <sup>{part[0]}</sup>⁄<sub>{part[1]}</sub>
          </span>
        ),
      )}
    </>
  );
};
