package zestbench.server.truck;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.List;
import org.springframework.data.domain.Persistable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.quantity.InputProblem;
import zestbench.server.problem.Conflict;

/** Where stock lies: the trucks, and the shop. */
@Service
public class Depots {
    /** The first truck, which every bench has. */
    public static final String FIRST = "Truck 1";

    private static final int LONGEST_NAME = 40;

    /** A truck or the shop. */
    @Entity(name = "depot")
    static class Depot implements Persistable<String> {
        @Id
        private String name = "";

        private boolean isShop;

        protected Depot() {}

        Depot(String name, boolean isShop) {
            this.name = name;
            this.isShop = isShop;
        }

        @Override
        public String getId() {
            return name;
        }

        @Override
        public boolean isNew() {
            return true;
        }
    }

    /** A depot as the screen shows it. */
    public record DepotView(String name, boolean isShop) {}

    private final DepotRepository store;

    Depots(DepotRepository store) {
        this.store = store;
    }

    public List<DepotView> all() {
        return store.findAll(Sort.by("isShop", "name")).stream()
                .map(d -> new DepotView(d.name, d.isShop))
                .toList();
    }

    /** The name of a depot; throws where there is none. */
    public String known(String name) {
        if (store.existsById(name)) {
            return name;
        }
        List<String> names = all().stream().map(DepotView::name).toList();
        throw InputProblem.of("depot", name, "give one of " + String.join(", ", names));
    }

    @Transactional
    public void add(String name, boolean isShop) {
        String stripped = name.strip();
        InputProblem.require(
                !stripped.isEmpty() && stripped.length() <= LONGEST_NAME, "name", name, "give 1 to 40 characters");
        if (store.existsById(stripped)) {
            throw new Conflict("There is a " + stripped + " already.");
        }
        store.save(new Depot(stripped, isShop));
    }
}
