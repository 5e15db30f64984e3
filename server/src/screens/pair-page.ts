/** What a screen sees that is not paired: nothing but the way to be. Needs no script, as none of the app's is given out yet. */
export interface PairPage {
  code: string;
  name: string;
  /** What was wrong with the last try; null at first. */
  problem: string | null;
}

const ENTITIES: ReadonlyMap<string, string> = new Map([
  ['&', '&amp;'],
  ['<', '&lt;'],
  ['>', '&gt;'],
  ['"', '&quot;'],
  ["'", '&#39;'],
]);
const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => ENTITIES.get(sign) ?? sign);

const STYLE = `
  :root { color-scheme: light dark; --ground: #e2e2e2; --paper: #f5f5f5; --ink: #14181f; --ink-2: #4b4f57; --line: #75797f; --brick: #8c2a1c; }
  @media (prefers-color-scheme: dark) { :root { --ground: #26282b; --paper: #1d1f21; --ink: #ececec; --ink-2: #c2c4c7; --line: #8d9196; --brick: #f0a593; } }
  * { box-sizing: border-box; }
  body { margin: 0; background: var(--ground); color: var(--ink); font: 1.125rem/1.5 system-ui, sans-serif; }
  main { max-width: 26rem; margin: 0 auto; padding: 2rem 1rem; }
  h1 { font-size: 1.75rem; margin: 0 0 .5rem; }
  label { display: block; margin: 1.25rem 0 .25rem; font-weight: 600; }
  input { width: 100%; min-height: 4rem; padding: 0 1rem; font: inherit; font-size: 1.5rem; color: inherit; background: var(--paper); border: 1px solid var(--line); border-radius: 3px; }
  #code { letter-spacing: .35em; font-variant-numeric: tabular-nums; }
  button { width: 100%; min-height: 4rem; margin-top: 1.5rem; font: inherit; font-weight: 700; color: var(--ground); background: var(--ink); border: 0; border-radius: 3px; }
  :focus-visible { outline: 3px solid var(--ink); outline-offset: 3px; }
  .problem { border-left: 4px solid var(--brick); padding-left: .75rem; color: var(--brick); font-weight: 700; }
  .note { color: var(--ink-2); font-size: 1rem; }`;

export const pairPage = ({ code, name, problem }: PairPage): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Pair this screen – Eveningtide</title>
<style>${STYLE}</style>
</head>
<body>
<main>
<h1>Pair this screen</h1>
<p>The code stands where Eveningtide was started, and there in Workshop under Second screen.</p>
${problem === null ? '' : `<p class="problem" role="alert">${escaped(problem)}</p>`}
<form method="post" action="/pair">
<label for="code">Six-digit code</label>
<input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="7" required value="${escaped(code)}">
<label for="name">What this screen is called</label>
<input id="name" name="name" maxlength="60" required autocomplete="off" value="${escaped(name)}">
<button>Pair this screen</button>
</form>
<p class="note">What goes over the network is not encrypted: use it in a network that you trust. A paired screen can do what the bench can, until it is sent away in Workshop.</p>
</main>
</body>
</html>
`;
