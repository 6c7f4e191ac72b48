package zestbench.server.refrigerant;

import org.springframework.data.jpa.repository.JpaRepository;

/** Tables as kept. */
interface SaturationTableRepository extends JpaRepository<Refrigerants.Kept, String> {}
