import type { Plugin } from 'vite';

/**
 * The router names its components for debuggers after it made them, so that no bundler dares to leave those out that nobody uses: its own links and forms,
 * with all that fetches pages ahead for them.
 */
export const lightRouter = (): Plugin => ({
  name: 'light-router',
  apply: 'build',
  transform: (code, id) =>
    id.includes('/react-router/')
      ? code
          .replace(/^\w+\.displayName = "\w+";$/gm, '')
          .replace(/= (React\d*\.(?:forwardRef|memo|createContext)\()/g, '= /* @__PURE__ */ $1')
      : null,
});
