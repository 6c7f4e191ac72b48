package zestbench.server.shop;

import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import zestbench.core.quantity.Quantity;

/** The meters as kept. */
interface MeterRepository extends JpaRepository<Meters.Kept, Long> {

    Meters.@Nullable Kept findFirstByQuantityOrderByIdDesc(Quantity quantity);
}
