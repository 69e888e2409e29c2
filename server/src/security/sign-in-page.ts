/** A page of its own, so that nothing of the shop is sent before somebody has signed in. */
export const signInPage = (says: string): string => `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Lift Bare: sign in</title>
<style>
  :root { color-scheme: light dark; }
  body { margin: 0; min-height: 100vh; display: grid; place-items: center; background: #f1efe9; color: #1d2126; font: 16px/1.4 system-ui, sans-serif; }
  form { box-sizing: border-box; width: min(24rem, 92vw); display: grid; gap: 14px; padding: 28px; background: #fcfaf5; border: 1px solid #cfc9b8; border-top: 4px solid #0b5a5f; border-radius: 4px; }
  h1 { margin: 0; font-size: 22px; } p { margin: 0; } label { font-size: 14px; }
  input, button { width: 100%; box-sizing: border-box; min-height: 48px; font: inherit; border-radius: 4px; border: 1px solid #7b7768; padding: 0 12px; }
  button { background: #0b5a5f; border-color: #0b5a5f; color: #fff; font-weight: 600; cursor: pointer; }
  .wrong { color: #9c1c1c; font-weight: 600; }
  @media (prefers-color-scheme: dark) { body { background: #14171a; color: #ece8dd; } form { background: #1d2126; border-color: #3a3f45; border-top-color: #58b3b0; } input { background: #14171a; color: inherit; } .wrong { color: #ff9d94; } }
</style></head>
<body><form method="post" action="/sign-in">
  <h1>Lift Bare</h1>
  <p>This shop asks for its passphrase once on each screen.</p>
  ${says === '' ? '' : `<p class="wrong" role="alert">${says}</p>`}
  <label for="passphrase">Passphrase of the workshop</label>
  <input id="passphrase" name="passphrase" type="password" autocomplete="current-password" required autofocus>
  <button type="submit">Sign in</button>
</form></body></html>
`;
