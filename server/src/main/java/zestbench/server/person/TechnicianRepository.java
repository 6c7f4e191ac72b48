package zestbench.server.person;

import org.springframework.data.jpa.repository.JpaRepository;

/** The technicians as kept. */
interface TechnicianRepository extends JpaRepository<Technician, Long> {}
