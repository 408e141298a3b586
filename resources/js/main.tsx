import "./theme/fonts.css";
import "./theme/base.css";
import "./ui/ui.css";
import "./shell/shell.css";
import "./files/files.css";
import "./hold/hold.css";
import "./lane/lane.css";
import "./outline/outline.css";
import "./pane/pane.css";
import "./sentence/sentence.css";
import { createRoot } from "react-dom/client";
import { takeOverTurns } from "./api/turns";
import { App } from "./shell/App";
import { keepFocus } from "./ui/keepFocus";

takeOverTurns();
keepFocus();
createRoot(document.getElementById("root")!).render(<App />);
