package zestbench.server.person;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** Someone who works here. */
@Entity
public class Technician {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name = "";
    private boolean cautionAccepted;
    private String depot = "Truck 1";

    protected Technician() {}

    public Technician(String name) {
        this.name = name;
    }

    public long id() {
        return java.util.Objects.requireNonNull(id);
    }

    public String name() {
        return name;
    }

    /** The truck this technician drives. */
    public String depot() {
        return depot;
    }

    public void drive(String truck) {
        depot = truck;
    }

    public boolean isCautionAccepted() {
        return cautionAccepted;
    }

    public void acceptCaution() {
        cautionAccepted = true;
    }
}
