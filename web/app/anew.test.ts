/** A change that comes while something is read for the first time. */
import { expect, test } from '@jest/globals';
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { readAnew } from './anew';

/** A page that shows what the server has; each answer is on its way until it is let through. */
function page() {
  const client = new QueryClient();
  const server = { value: 1 };
  const answers: (() => void)[] = [];
  const observer = new QueryObserver<number>(client, {
    queryKey: ['/things', 'x'],
    queryFn: () => {
      const { value } = server;
      return new Promise((resolve) => answers.push(() => resolve(value)));
    },
  });
  const close = observer.subscribe(() => undefined);
  const shown = (): number | undefined => observer.getCurrentResult().data;
  const pass = async (): Promise<void> => {
    answers.shift()?.();
    for (let i = 0; i < 20; i++) await Promise.resolve();
    await new Promise((done) => setImmediate(done));
  };
  return { client, server, answers, shown, pass, close };
}

test('answered before the change, here after it: it is read once more', async () => {
  const { client, server, answers, shown, pass, close } = page();
  server.value = 2;
  readAnew(client, ['/things']);
  readAnew(client, ['/things']);
  await pass();
  expect(shown()).toBe(1);
  await pass();
  expect(shown()).toBe(2);
  expect(answers).toHaveLength(0);
  close();
});

test('changes that never end do not keep it from coming', async () => {
  const { client, server, shown, pass, close } = page();
  for (let i = 0; i < 10; i++) {
    server.value++;
    readAnew(client, ['/things']);
  }
  await pass();
  expect(shown()).toBe(1);
  close();
});

test('what is here already is read at once, and other things are left alone', async () => {
  const { client, server, answers, shown, pass, close } = page();
  await pass();
  server.value = 2;
  readAnew(client, ['/others']);
  expect(answers).toHaveLength(0);
  readAnew(client, ['/things']);
  await pass();
  expect(shown()).toBe(2);
  close();
});
