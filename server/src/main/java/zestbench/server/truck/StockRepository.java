package zestbench.server.truck;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;

/** Stock as kept. */
interface StockRepository extends JpaRepository<StockItem, String> {
    List<StockItem> findByKindAndDepotOrderById(String kind, String depot);

    List<StockItem> findByKindAndDepotNotOrderById(String kind, String depot);

    Optional<StockItem> findFirstByPartNumberAndDepot(String partNumber, String depot);

    @Modifying(clearAutomatically = true, flushAutomatically = true)
    @NativeQuery(
            "update stock_item set quantity = quantity + :by, version = version + 1 where id = :id and quantity + :by >= 0")
    int change(String id, int by);
}
