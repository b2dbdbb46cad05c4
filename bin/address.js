/**
 * The address a request came from. `hops` proxies of our own stand in front, each adding the address it was called from at
 * the right end of the list; what stands left of those the caller wrote and is not believed.
 */
export function addressOf(forwarded, socketAddress, hops) {
  const list = [forwarded ?? '']
    .flat()
    .join(',')
    .split(',')
    .map((a) => a.trim())
    .filter(Boolean);
  const told = hops > 0 ? list[list.length - hops] : undefined;
  return (told ?? socketAddress ?? 'unknown').slice(0, 64);
}
