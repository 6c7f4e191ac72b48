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

    public boolean isCautionAccepted() {
        return cautionAccepted;
    }

    public void acceptCaution() {
        cautionAccepted = true;
    }
}
