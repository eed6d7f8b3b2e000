/** Help in place, opened with `?`: what this page is for, its words, and the shortcuts. */
import { Kbd, Modal } from '@mantine/core';
import { useLocation } from 'react-router';
import { helpFor } from '../help/pageHelp.ts';
import { tradeWords, type TradeWord } from '../help/tradeWords.ts';
import { shortcutGroups } from './shortcuts.ts';
import { say } from '../words/say.ts';

interface HelpProps {
  /** Open, and about which word; closed without it. */
  readonly about: { readonly word?: TradeWord } | undefined;
  readonly onClose: () => void;
}

export function Help({ about, onClose }: HelpProps) {
  const { title, says, words, keys } = helpFor(useLocation().pathname);
  const here = shortcutGroups.filter(({ where }) => where === 'Everywhere' || where === keys);
  const others = shortcutGroups.filter((group) => !here.includes(group));
  return (
    <Modal opened={about !== undefined} onClose={onClose} title={say('Help: {{title}}', { title })} size="lg">
      {about?.word && (
        <p className="doubt" style={{ margin: '0 0 10px' }}>
          <strong>{about.word}</strong>: {tradeWords[about.word]}
        </p>
      )}
      {says.map((sentence) => (
        <p key={sentence} style={{ margin: '0 0 6px' }}>
          {sentence}
        </p>
      ))}
      <h2 className="label" style={{ marginTop: 14 }}>
        {say('Words')}
      </h2>
      <dl style={{ margin: '6px 0' }}>
        {words.map((word) => (
          <div key={word} style={{ margin: '0 0 6px' }}>
            <dt>
              <strong>{word}</strong>
            </dt>
            <dd style={{ margin: 0 }}>{tradeWords[word]}</dd>
          </div>
        ))}
      </dl>
      {here.map((group) => (
        <Keys key={group.where} {...group} />
      ))}
      <details>
        <summary>{say('Shortcuts elsewhere')}</summary>
        {others.map((group) => (
          <Keys key={group.where} {...group} />
        ))}
      </details>
    </Modal>
  );
}

function Keys({ where, keys }: (typeof shortcutGroups)[number]) {
  return (
    <section>
      <h2 className="label" style={{ marginTop: 10 }}>
        {say('Shortcuts: {{where}}', { where })}
      </h2>
      <dl style={{ display: 'grid', gridTemplateColumns: '150px 1fr', gap: '4px 12px', margin: '6px 0' }}>
        {keys.map(([key, does]) => (
          <div key={does} style={{ display: 'contents' }}>
            <dt>
              <Kbd>{key}</Kbd>
            </dt>
            <dd style={{ margin: 0 }}>{does}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
