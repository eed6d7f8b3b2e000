/** A formula typeset by KaTeX, which is fetched when the first one is shown. */
import type { default as KatexDefault } from 'katex';
import { useEffect, useState } from 'react';

type Katex = typeof KatexDefault;
let loading: Promise<Katex> | undefined;

function loadKatex(): Promise<Katex> {
  loading ??= Promise.all([import('katex'), import('katex/dist/katex.min.css')]).then(([module]) => module.default);
  return loading;
}

export function Formula({ tex, inline = false }: { readonly tex: string; readonly inline?: boolean }) {
  const [katex, setKatex] = useState<Katex>();
  useEffect(() => {
    let wanted = true;
    void loadKatex().then((loaded) => wanted && setKatex(() => loaded));
    return () => {
      wanted = false;
    };
  }, []);
  if (!katex) return <code>{tex}</code>;
  if (inline) return <span dangerouslySetInnerHTML={{ __html: katex.renderToString(tex, { throwOnError: false }) }} />;
  // KaTeX writes MathML beside its own boxes, so that the formula is read out too.
  return (
    <div
      style={{ overflowX: 'auto', overflowY: 'hidden' }}
      dangerouslySetInnerHTML={{ __html: katex.renderToString(tex, { displayMode: true, throwOnError: false }) }}
    />
  );
}
