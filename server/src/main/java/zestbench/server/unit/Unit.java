package zestbench.server.unit;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.PrePersist;
import jakarta.persistence.PreUpdate;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.plate.Serial;
import zestbench.core.plate.UnitPlaces;
import zestbench.core.proof.Altitude;
import zestbench.server.json.SpecColumn;

/** A unit at a site: its plates, and the places a part can sit in. */
@Entity
@BatchSize(size = 200)
public class Unit {
    /** Ends each serial in what a unit is found by. */
    static final String SERIAL_END = "|";

    private static final int LONGEST_WORDS = 20_000;
    private static final int LONGEST_SERIALS = 1_000;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String uid = UUID.randomUUID().toString();
    private String site = "";
    private String name = "";
    private double altitudeFeet;
    /** Counts up with each change of what is known of the site. */
    private long version;

    private @Nullable LocalDate partsWarrantyUntil;
    private @Nullable LocalDate compressorWarrantyUntil;
    private @Nullable LocalDate labourWarrantyUntil;

    @Convert(converter = SpecColumn.class)
    @Column(length = 20_000)
    private Spec plate = Spec.EMPTY;

    @Convert(converter = SpecColumn.class)
    @Column(length = 20_000)
    private Spec indoorPlate = Spec.EMPTY;

    /** What it is found by, in small letters; follows from the rest. */
    @SuppressWarnings("UnusedVariable") // asked for by the store's query
    private String words = "";

    /** Its serials, each ended by a stroke. */
    @SuppressWarnings("UnusedVariable") // asked for by the store's query
    private String serials = "";

    @BatchSize(size = 200)
    @OneToMany(mappedBy = "unit", cascade = CascadeType.ALL, fetch = FetchType.EAGER)
    @OrderBy("id")
    private List<Place> places = new ArrayList<>();

    protected Unit() {}

    /** A unit with the places its outdoor plate speaks of. */
    public Unit(String site, String name, Plates plates) {
        this.site = site;
        this.name = name;
        this.plate = plates.outdoor();
        this.indoorPlate = plates.indoor();
        addPlaces();
    }

    /** A unit that came from elsewhere, named there. */
    Unit(String uid) {
        this.uid = uid;
    }

    /** Takes over all that is known of it; places that are here and not there stay, with what was found in them. */
    void become(UnitCopy copy) {
        site = copy.site();
        name = copy.name();
        know(new Altitude(copy.altitudeFeet()), copy.warranty());
        plate = Serial.unmasked(copy.plate(), plate);
        indoorPlate = Serial.unmasked(copy.indoorPlate(), indoorPlate);
        for (UnitCopy.PlaceCopy each : copy.places()) {
            if (places.stream().noneMatch(p -> p.name().equals(each.name()))) {
                places.add(new Place(this, each.name(), each.kind(), each.serves()));
            }
        }
    }

    /** Adds what the plate speaks of and is not there yet; a place once there stays, numbered where there are now several. */
    private void addPlaces() {
        places.forEach(place -> place.call(UnitPlaces.nameNow(place.name(), plate)));
        for (UnitPlaces.Place each : UnitPlaces.of(plate)) {
            if (places.stream().noneMatch(p -> p.name().equals(each.name()))) {
                places.add(new Place(this, each.name(), each.kind(), each.serves()));
            }
        }
    }

    /** Writes down what it is found by: site, name, ratings, places and models, and the serials apart. */
    @PrePersist
    @PreUpdate
    void index() {
        StringBuilder text = new StringBuilder(site + " " + name + " " + facts().line());
        places.forEach(place -> text.append(' ').append(place.name()));
        StringBuilder ends = new StringBuilder();
        for (Spec each : List.of(plate, indoorPlate)) {
            each.text("model").ifPresent(model -> text.append(' ').append(model));
            each.text("serial").ifPresent(serial -> ends.append(serial).append(SERIAL_END));
        }
        words = cut(text, LONGEST_WORDS);
        serials = cut(ends, LONGEST_SERIALS);
    }

    private static String cut(CharSequence text, int most) {
        String small = text.toString().toLowerCase(Locale.ROOT);
        return small.length() > most ? small.substring(0, most) : small;
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    /** The name it has wherever it is carried to. */
    public String uid() {
        return uid;
    }

    /** Of the site over the sea. */
    public Altitude altitude() {
        return new Altitude(altitudeFeet);
    }

    public Warranty warranty() {
        return new Warranty(partsWarrantyUntil, compressorWarrantyUntil, labourWarrantyUntil);
    }

    /** Until when the maker or the shop answers for what; null where it is not known. */
    public record Warranty(
            @Nullable LocalDate parts,
            @Nullable LocalDate compressor,
            @Nullable LocalDate labour) {
        public static final Warranty UNKNOWN = new Warranty(null, null, null);
    }

    /** Takes over what is known of the site and of whose warranty runs. */
    public void know(Altitude altitude, Warranty warranty) {
        altitudeFeet = altitude.feet();
        partsWarrantyUntil = warranty.parts();
        compressorWarrantyUntil = warranty.compressor();
        labourWarrantyUntil = warranty.labour();
        version++;
    }

    long version() {
        return version;
    }

    public String site() {
        return site;
    }

    public String name() {
        return name;
    }

    /** The plates with their serials, which leave the record masked only. */
    public Plates plates() {
        return new Plates(plate, indoorPlate);
    }

    public PlateFacts facts() {
        return PlateFacts.of(plate);
    }

    /** Takes over a plate as read. */
    public void read(Plates.Which which, Spec spec) {
        if (which == Plates.Which.OUTDOOR) {
            plate = spec;
            addPlaces();
        } else {
            indoorPlate = spec;
        }
    }

    public List<Place> places() {
        return places;
    }
}
