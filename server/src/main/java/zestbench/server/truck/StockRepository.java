package zestbench.server.truck;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Stock as kept. */
interface StockRepository extends JpaRepository<StockItem, String> {
    List<StockItem> findByKindAndDepotOrderById(String kind, String depot);

    List<StockItem> findByKindAndDepotNotOrderById(String kind, String depot);

    Optional<StockItem> findFirstByPartNumberAndDepot(String partNumber, String depot);

    @Modifying(clearAutomatically = true, flushAutomatically = true)
    @Query(
            "update StockItem s set s.quantity = s.quantity + :by, s.version = s.version + 1 where s.id = :id and s.quantity + :by >= 0")
    int change(String id, int by);
}
