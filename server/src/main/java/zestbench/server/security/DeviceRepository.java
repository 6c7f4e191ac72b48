package zestbench.server.security;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Devices as kept. */
interface DeviceRepository extends JpaRepository<Device, Long> {
    Optional<Device> findByPassHashAndEndedAtIsNull(String passHash);

    List<Device> findByEndedAtIsNullOrderById();
}
