package zestbench.server.shop;

import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

/** The sets as kept. */
interface ShopRulesRepository extends JpaRepository<Shop.Kept, Long> {

    Shop.@Nullable Kept findFirstByOrderByIdDesc();
}
