import { useEffect } from "react";
import { papers } from "../../generated/vocabulary";

export type Paper = string;

/** Tells the printer which paper, and makes the type as large as that allows; the smallest has no room for the routine. */
export const usePaper = (paper: Paper): void => {
  useEffect(() => {
    const chosen = papers.find((one) => one.value === paper)!;
    const rules = new CSSStyleSheet();
    rules.replaceSync(
      `@page { size: ${chosen.size}; margin: ${5 * chosen.scale}mm } @media print {
        html { font-size: ${7.6 * chosen.scale}pt }
        ${chosen.scale > 1 ? "" : ".card-page .routine { display: none }"}
      }`,
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, rules];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== rules);
    };
  }, [paper]);
};
