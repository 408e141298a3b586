// Every answer takes its own time, and what is only read comes latest of all. Whatever is watched must not go back once it has come.
(() => {
  const real = window.fetch.bind(window);
  let seed = 20261125 % 2147483647;
  const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
  const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
  window.underWay = 0;
  window.wentBack = [];
  window.fetch = async (address, init) => {
    window.underWay += 1;
    try {
      const read = (init?.method ?? "GET") === "GET";
      await wait((read ? 50 : 150) * random());
      const answer = await real(address, init);
      await wait(read ? 1500 * random() ** 2 : 250 * random());
      return answer;
    } finally {
      window.underWay -= 1;
    }
  };
  window.watch = (name, holds) => {
    let came = false;
    const timer = setInterval(() => {
      const now = holds();
      if (came && !now) window.wentBack.push(name);
      came ||= now;
    }, 15);
    return () => (clearInterval(timer), came);
  };
})();
