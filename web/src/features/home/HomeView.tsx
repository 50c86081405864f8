// A client's work at home: sheets out, results back.
import { useQuery } from "@tanstack/react-query";
import { query } from "../../api/query";
import { Part } from "../../ui/Waiting";
import { useClient } from "../clients/ClientFrame";
import { BringBack } from "./BringBack";
import { CameBack } from "./CameBack";
import { GivenSheets } from "./GivenSheets";
import { MakeSheet } from "./MakeSheet";

export function HomeView() {
  const client = useClient();
  const found = useQuery(query.home(client.id));
  return (
    <Part of={found}>
      {(view) => (
        <div className="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
          <div className="grid gap-8">
            <MakeSheet view={view} />
            <GivenSheets view={view} />
          </div>
          <div className="grid gap-8">
            <BringBack client={client.id} />
            <CameBack view={view} />
          </div>
        </div>
      )}
    </Part>
  );
}
