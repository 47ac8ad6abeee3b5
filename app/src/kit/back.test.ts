import { renderHook } from '@testing-library/react';
import { useGoOn, useLeave } from './back';

const mockRouter = { canGoBack: () => mockPagesBefore, back: jest.fn(), replace: jest.fn() };
let mockPagesBefore: boolean;
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));

const page = () => renderHook(() => useLeave('/drawer'));
beforeEach(() => jest.clearAllMocks());

test('a page that has done its work goes back to the page before', () => {
  mockPagesBefore = true;
  page().result.current();
  expect(mockRouter.back).toHaveBeenCalledTimes(1);
  expect(mockRouter.replace).not.toHaveBeenCalled();
});

test('one that was opened by its address goes to its list', () => {
  mockPagesBefore = false;
  page().result.current();
  expect(mockRouter.replace).toHaveBeenCalledWith('/drawer');
  expect(mockRouter.back).not.toHaveBeenCalled();
});

test('one that was left meanwhile takes nobody from where he is', () => {
  mockPagesBefore = true;
  const { result, unmount } = page();
  unmount();
  result.current();
  expect(mockRouter.back).not.toHaveBeenCalled();
  expect(mockRouter.replace).not.toHaveBeenCalled();
});

test('another page is opened in place of one that has done its work, and not once that was left', () => {
  const { result, unmount } = renderHook(() => useGoOn());
  result.current('/book');
  expect(mockRouter.replace).toHaveBeenCalledWith('/book');
  unmount();
  result.current('/drawer');
  expect(mockRouter.replace).toHaveBeenCalledTimes(1);
});
