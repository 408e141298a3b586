import { useEffect } from "react";

export type Paper = "a6" | "a5" | "a4" | "letter";
export const papers: { value: Paper; words: string; size: string; scale: number }[] = [
  { value: "a6", words: "A6", size: "105mm 148mm", scale: 1 },
  { value: "a5", words: "A5", size: "148mm 210mm", scale: 1.38 },
  { value: "a4", words: "A4", size: "210mm 297mm", scale: 1.8 },
  { value: "letter", words: "letter", size: "8.5in 11in", scale: 1.8 },
];

/** Tells the printer which paper, and makes the type as large as that allows. */
export const usePaper = (paper: Paper): void => {
  useEffect(() => {
    const chosen = papers.find((one) => one.value === paper)!;
    const rules = new CSSStyleSheet();
    rules.replaceSync(
      `@page { size: ${chosen.size}; margin: ${5 * chosen.scale}mm } @media print { html { font-size: ${7.6 * chosen.scale}pt } }`,
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, rules];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== rules);
    };
  }, [paper]);
};
