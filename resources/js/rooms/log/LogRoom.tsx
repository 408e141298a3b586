import { useParams } from "react-router-dom";
import { AfterPage } from "./AfterPage";
import { BurstGate } from "./BurstGate";
import { CountsPage } from "./CountsPage";
import { PromisesPage } from "./PromisesPage";
import { Shelf } from "./Shelf";
import { YoursPage } from "./YoursPage";
import "./log.css";
import "./counts.css";

/** What came home: taken in, measured, judged by eye, counted, and held against what was promised. */
export default function LogRoom() {
  const { id } = useParams();
  if (id === "counts") return <CountsPage />;
  if (id === "after") return <AfterPage />;
  if (id === "yours") return <YoursPage />;
  if (id === "promises") return <PromisesPage />;
  return id === undefined ? <Shelf /> : <BurstGate key={id} id={id} />;
}
