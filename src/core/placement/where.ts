/** Whether something stands among a bag's side holes, or on its top: anywhere on it, along its edge or in a half of it. */
export const whereOf = (surface: string): "top" | "side" => (surface === "side" ? "side" : "top");
