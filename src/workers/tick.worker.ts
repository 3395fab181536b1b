// A page in the background is woken seldom; a worker goes on, so that a clock rings when it should.
const TICK_MS = 250;
setInterval(() => postMessage(null), TICK_MS);
