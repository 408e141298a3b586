import { useEffect } from "react";
import { useLocation } from "react-router-dom";
import rooms from "../../rooms.json";

const PRODUCT = "Rush Hold";

/**
 * Names the page in the browser's tab and history: what is open, the room, the product.
 *
 * @param open what is open there; null where a room shows no record
 * @param place what the page is called that is no room
 */
export const useTitle = (open: string | null, place?: string): void => {
  const { pathname } = useLocation();
  const room = place ?? rooms.find(({ id }) => id === pathname.split("/")[1])?.name;
  useEffect(() => {
    document.title = [open, room, PRODUCT].filter((part) => part !== null && part !== undefined).join(" · ");
  }, [open, room]);
};
