// The language first: sentences are written as their files are read.
import "./styles/index.css";
import { readCatalogue } from "./ui/catalogue";

void readCatalogue().then(() => import("./app/start"));
