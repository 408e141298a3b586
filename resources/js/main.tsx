import "./theme/fonts.css";
import "./theme/global.css";
import { createRoot } from "react-dom/client";
import { App } from "./shell/App";

createRoot(document.getElementById("root")!).render(<App />);
