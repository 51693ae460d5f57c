import { asBody } from "./asBody";
import { api } from "./client";

/** The body in a vehicle file, as the server reads it. */
export const readVehicleFile = (file: File) =>
  api.POST("/api/preview/vehicle-file", asBody(file, "application/json"));
