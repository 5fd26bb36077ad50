import { useState } from 'react';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { RichText } from '../../ui/RichText';
import { found, useLanguage } from './useLanguage';

/** The language of documents, to look things up in while one writes. */
export function HelpPane() {
  const language = useLanguage();
  const [word, setWord] = useState('');
  if (!language.isSuccess) {
    return language.isError ? <Refused by={[language]} /> : <p className="text-soft">Fetching the reference.</p>;
  }
  const topics = found(language.data, word);
  return (
    <div className="grid content-start gap-4 overflow-auto border border-rule bg-leaf p-4 lg:h-[calc(100vh-16rem)]">
      <Labelled name="Find a word">
        <input className={INPUT} type="search" value={word} onChange={(e) => setWord(e.target.value)} />
      </Labelled>
      {topics.length === 0 && <p className="text-soft">Nothing here has that word.</p>}
      {topics.map(({ title, lines }) => (
        <section key={title} aria-label={title} className="grid gap-1">
          <h2 className="border-b border-rule font-semibold">{title}</h2>
          <dl className="grid gap-x-4 gap-y-1 sm:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
            {lines.map(({ written, says, example, result }) => (
              <div key={written} className="contents">
                <dt className="font-mono text-sm break-words">{written}</dt>
                <dd>
                  {says}
                  {example !== '' && <Example example={example} result={result} />}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

/** With what comes of it, or as it is to be copied. */
function Example({ example, result }: { example: string; result: string }) {
  return result === '' ? (
    <code className="block text-sm break-words text-soft">{example}</code>
  ) : (
    <span className="text-soft">
      {' '}
      · <code className="text-sm">{example}</code> gives <RichText text={result} />
    </span>
  );
}
