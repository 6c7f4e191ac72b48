package zestbench.server.truck;

import org.springframework.data.jpa.repository.JpaRepository;

/** Depots as kept. */
interface DepotRepository extends JpaRepository<Depots.Depot, String> {}
