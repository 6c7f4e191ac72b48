package zestbench.server.unit;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Family;

/** Where a part sits in a unit. */
@Entity
public class Place {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(optional = false)
    @SuppressWarnings("UnusedVariable") // the column that joins it to its unit
    private @Nullable Unit unit;

    private String name = "";
    private String kind = "";
    private String serves = "";

    protected Place() {}

    Place(Unit unit, String name, String kind, String serves) {
        this.unit = unit;
        this.name = name;
        this.kind = kind;
        this.serves = serves;
    }

    void call(String newName) {
        name = newName;
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public String name() {
        return name;
    }

    public String kind() {
        return kind;
    }

    public String serves() {
        return serves;
    }

    /** What the part in it is called: the place's own name where that says what it is. */
    public String title() {
        String family = Families.find(kind).map(Family::title).orElse(name);
        boolean isSaying = name.toLowerCase(Locale.ROOT).contains(family.toLowerCase(Locale.ROOT));
        return isSaying ? name : family + ", " + name.toLowerCase(Locale.ROOT);
    }
}
