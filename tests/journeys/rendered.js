// Counts the components that React renders anew, by the hook that it calls with each commit: window.rendered.
(() => {
  window.rendered = 0;
  const FUNCTION = 0, CLASS = 1, FORWARDED = 11, MEMO = 14, SIMPLE_MEMO = 15, PERFORMED_WORK = 1;
  const component = [FUNCTION, CLASS, FORWARDED, MEMO, SIMPLE_MEMO];
  const walk = (first) => {
    for (let fiber = first; fiber; fiber = fiber.sibling) {
      if (component.includes(fiber.tag) && fiber.flags & PERFORMED_WORK) window.rendered += 1;
      // Below what was left alone nothing was rendered.
      if (fiber.child !== fiber.alternate?.child) walk(fiber.child);
    }
  };
  window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
    supportsFiber: true,
    inject: () => 1,
    onCommitFiberRoot: (_, root) => walk(root.current.child),
    onCommitFiberUnmount: () => undefined,
    onPostCommitFiberRoot: () => undefined,
  };
})();
