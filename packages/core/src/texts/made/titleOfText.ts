/** What an exercise made of a text is called. */

/**
 * The first words of a text, to the end of its first sentence, without a word at their end that only leads on; those
 * before its first number, where there are three or more: numbers may vary. "A press worth $20,000" is a press.
 */
export const titleOf = (text: string): string => {
  const own = text.replace(/^[\W\d]+/, '');
  const led = own.replace(/[\s(]*(?:\p{Sc}|[A-Z]{3}\s)?\d[^]*$/u, '');
  const named = /^((?:an?|the)\s+\S+)\s+(?:worth|costing|priced|valued)(?:\s+at)?$/iu.exec(led)?.[1];
  const beforeNumbers = firstWords(led);
  return named ?? ((/\S\s+\S+\s+\S/.test(beforeNumbers) ? beforeNumbers : firstWords(own)) || 'A problem');
};

const firstWords = (text: string): string =>
  text
    // "The equipment costs $48,000. A bank": three words or more make a title.
    .replace(/^((?:\S+\s+){2,}?\S*[^\s.?!])[.?!]\s[^]*$/, '$1')
    .split(/\s+/)
    .slice(0, 6)
    .join(' ')
    // "The weavers' guild, which has": what only says more of it is left out.
    .replace(/^(\S[^,]*),\s(?:which|who|whose|that)(?:\s[^]*)?$/iu, '$1')
    .replace(
      /(?:[^\p{L}\p{N}%]*\s(?:which|who|that|the|an?|of|at|for|and|on|in|to|is|are|was|were|has|have|had|by|with|from|aged|at the (?:end|beginning|start|close)))*[^\p{L}\p{N}%]*$/iu,
      '',
    )
    .slice(0, 60);
