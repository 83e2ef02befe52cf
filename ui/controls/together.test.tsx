import { renderToStaticMarkup } from 'react-dom/server';
import { Together } from './together';

const markup = (text: string) => renderToStaticMarkup(<Together text={text} />);

test('a range and its unit are one piece, and the text stays what it was', () => {
  expect(markup('bark 9–15 mm, 13 cm pot')).toBe(
    'bark <span style="white-space:nowrap">9–15\u00a0mm,</span> 13\u00a0cm pot',
  );
  expect(markup('loose moss')).toBe('loose moss');
});
