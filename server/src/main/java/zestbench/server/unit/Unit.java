package zestbench.server.unit;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A unit at a site, with the places a part can sit in. */
@Entity
public class Unit {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String site = "";
    private String name = "";
    private double tons;
    private String volts = "";
    private int phase = 1;
    private String made = "";
    private double ratedLoadAmps;
    private double fanFullLoadAmps;

    @OneToMany(mappedBy = "unit", cascade = CascadeType.ALL, fetch = FetchType.EAGER)
    @OrderBy("id")
    private List<Place> places = new ArrayList<>();

    protected Unit() {}

    /**
     * @param tons of cooling, 0 where unknown
     * @param volts as on the plate, such as 208/230
     * @param made as on the plate, such as 04/2014; empty where unknown
     * @param ratedLoadAmps of the compressor, 0 where unknown
     * @param fanFullLoadAmps of the outdoor fan, 0 where unknown
     */
    public Unit(
            String site,
            String name,
            double tons,
            String volts,
            int phase,
            String made,
            double ratedLoadAmps,
            double fanFullLoadAmps) {
        this.site = site;
        this.name = name;
        this.tons = tons;
        this.volts = volts;
        this.phase = phase;
        this.made = made;
        this.ratedLoadAmps = ratedLoadAmps;
        this.fanFullLoadAmps = fanFullLoadAmps;
    }

    public Place addPlace(String placeName, String kind, String serves) {
        Place place = new Place(this, placeName, kind, serves);
        places.add(place);
        return place;
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public String site() {
        return site;
    }

    public String name() {
        return name;
    }

    public int phase() {
        return phase;
    }

    public double tons() {
        return tons;
    }

    public String volts() {
        return volts;
    }

    public String made() {
        return made;
    }

    public double ratedLoadAmps() {
        return ratedLoadAmps;
    }

    public double fanFullLoadAmps() {
        return fanFullLoadAmps;
    }

    public List<Place> places() {
        return places;
    }

    /** The highest of the rated volts, 0 where unknown. */
    public double nominalVolts() {
        double highest = 0;
        for (String figure : volts.split("[^0-9.]+", -1)) {
            highest = figure.isEmpty() ? highest : Math.max(highest, Double.parseDouble(figure));
        }
        return highest;
    }
}
