import { browserText } from './browser-text';

test.each([
  [
    'Mozilla/5.0 (iPad; CPU OS 17_5 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.5 Mobile/15E148 Safari/604.1',
    'Safari on iPad',
  ],
  ['Mozilla/5.0 (Linux; Android 14; SM-X200) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/125.0.0.0 Safari/537.36', 'Chrome on Android tablet'],
  ['Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:127.0) Gecko/20100101 Firefox/127.0', 'Firefox on Windows'],
  ['curl/8.5', 'a program'],
])('%s is %s', (agent, text) => expect(browserText(agent)).toBe(text));
