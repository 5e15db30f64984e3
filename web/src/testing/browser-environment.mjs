import { TestEnvironment } from 'jest-environment-jsdom';

/** Addresses without a host are this page's own, as in a browser. */
class PageRequest extends Request {
  constructor(input, init) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost').href : input, init);
  }
}

/** A page without a screen (jsdom), with what browsers have and jsdom lacks taken from Node. */
export default class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    const { global } = this;
    Object.assign(global, {
      fetch,
      Request: PageRequest,
      Response,
      Headers,
      AbortController,
      AbortSignal,
      TextEncoder,
      TextDecoder,
      structuredClone,
    });
    global.IS_REACT_ACT_ENVIRONMENT = true;
    // drawn nowhere: what asks for sizes and places gets none
    global.Element.prototype.scrollIntoView ??= () => undefined;
    Object.assign(global.Element.prototype, { hasPointerCapture: () => false, setPointerCapture() {}, releasePointerCapture() {} });
    global.ResizeObserver ??= class {
      observe() {}
      unobserve() {}
      disconnect() {}
    };
    global.matchMedia ??= () => ({ matches: false, addEventListener() {}, removeEventListener() {} });
  }
}
