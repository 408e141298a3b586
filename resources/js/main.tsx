import "./theme/fonts.css";
import "./theme/global.css";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";
import { carry } from "./offline/kept";

createRoot(document.getElementById("root")!).render(<App />);
carry();
