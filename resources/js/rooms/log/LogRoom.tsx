import { useParams } from "react-router-dom";
import { BurstGate } from "./BurstGate";
import { Shelf } from "./Shelf";
import "./log.css";

/** What came home: taken in, measured, judged by eye. */
export default function LogRoom() {
  const { id } = useParams();
  return id === undefined ? <Shelf /> : <BurstGate key={id} id={id} />;
}
