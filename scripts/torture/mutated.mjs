/** A text with some bytes, or a number, or a list changed. */
export function mutated(text, random) {
  const at = Math.floor(random() * text.length)
  switch (Math.floor(random() * 6)) {
    case 0:
      return text.slice(0, at)
    case 1:
      return text.slice(0, at) + String.fromCharCode(32 + Math.floor(random() * 90)) + text.slice(at + 1)
    case 2:
      return (
        text.slice(0, at) +
        text
          .slice(at)
          .replace(
            /-?\d+(\.\d+)?/,
            () => ['0', '-1', '1e9', '1e308', 'null', '"x"'][Math.floor(random() * 6)],
          )
      )
    case 3:
      return (
        text.slice(0, at) +
        text
          .slice(at)
          .replace(
            /"[a-z-]+"/,
            () => ['"constructor"', '"__proto__"', '""', 'null', '[]', '{}'][Math.floor(random() * 6)],
          )
      )
    case 4:
      return text.slice(0, at) + text.slice(at, at + 400) + text.slice(at)
    default:
      return text.slice(0, at) + '['.repeat(1 + Math.floor(random() * 5000)) + text.slice(at)
  }
}
