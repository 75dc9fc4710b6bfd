/** Pages outside of themes. */
export const PLACES = [
  { to: "/", name: "Shelf" },
  { to: "/people", name: "People" },
  { to: "/record", name: "Record" },
  { to: "/account", name: "Account" },
] as const;
