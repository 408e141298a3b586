/** The product's mark: three reeds and the water line. */
export function Logo() {
  return (
    <svg className="logo" viewBox="0 0 24 28" width="24" height="28" aria-hidden="true">
      <path d="M7 27C8 18 7 9 4 3M12 27c0-9 0-17 2-25M17 27c0-8 1-14 4-19" className="logo-reed" />
      <path d="M1 19h22" className="logo-water" />
    </svg>
  );
}
