/** How strong, in words a painter would use; the slider shows them instead of a number. */
export function strengthWords(intensity: number): string {
  if (intensity < 0.15) return 'a breath';
  if (intensity < 0.35) return 'a little';
  if (intensity < 0.6) return 'plain to see';
  if (intensity < 0.85) return 'strong';
  return 'all it may be';
}
