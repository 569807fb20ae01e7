/** Working loads wire is sold by, kg. Typical, from memory: the packet's figure wins. */
export const WIRE_CLASSES = [5, 10, 20, 35, 50, 75];
