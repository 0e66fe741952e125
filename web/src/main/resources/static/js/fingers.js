/* Tells the house once that this screen is worked with fingers: ladders are then drawn with higher lines. */
const NAME = "misura-fingers";

if (window.matchMedia("(pointer: coarse)").matches && !document.cookie.includes(NAME))
  document.cookie = NAME + "=1; path=/; max-age=31536000; SameSite=Lax";
