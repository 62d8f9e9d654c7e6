import { openAgainOnce } from './openAgainOnce';

test('a part that could not be fetched opens the page again once, and then no more', () => {
  const reload = jest.fn();
  sessionStorage.clear();
  openAgainOnce(sessionStorage, reload);
  const failed = () => window.dispatchEvent(new Event('vite:preloadError', { cancelable: true }));
  // Handled the first time; the second goes on to be told.
  expect([failed(), failed()]).toEqual([false, true]);
  expect(reload).toHaveBeenCalledTimes(1);
});

test('without a network the page stays: nothing would come back', () => {
  const reload = jest.fn();
  sessionStorage.clear();
  const online = jest.spyOn(navigator, 'onLine', 'get').mockReturnValue(false);
  openAgainOnce(sessionStorage, reload);
  window.dispatchEvent(new Event('vite:preloadError', { cancelable: true }));
  expect(reload).not.toHaveBeenCalled();
  online.mockRestore();
});
