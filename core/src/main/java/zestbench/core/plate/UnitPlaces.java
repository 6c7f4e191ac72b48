package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Letters;

/** The places of a unit that its plate speaks of, and those that every unit of its kind has. */
public final class UnitPlaces {
    /**
     * One place.
     *
     * @param name such as Outdoor fan motor
     * @param kind the family of the part that sits there, or compressor, crankcase-heater, switch, disconnect
     * @param serves what hangs on it; empty where that says nothing
     */
    public record Place(String name, String kind, String serves) {}

    private static final String OUTDOOR_FAN = "outdoor fan";
    private static final String CAPACITOR = "capacitor";

    private UnitPlaces() {}

    /** In the order the power goes through them. */
    public static List<Place> of(Spec plate) {
        boolean threePhase = PlateFacts.of(plate).phase() == 3;
        List<Spec> compressors = plate.rows("compressors");
        int stages = Math.max(1, compressors.size());
        int fans = Math.max(1, plate.rows("outdoorFans").size());
        List<Place> out = new ArrayList<>();
        out.add(new Place("Disconnect and fuses", "fuse", "the whole unit"));
        for (int i = 1; i <= stages; i++) {
            out.add(new Place(numbered("Contactor", i, stages), "contactor", numbered("compressor", i, stages)));
        }
        if (threePhase) {
            out.add(new Place("Outdoor fan capacitor", CAPACITOR, OUTDOOR_FAN));
        } else {
            out.add(new Place("Outdoor unit", CAPACITOR, "compressor and outdoor fan"));
            out.add(new Place("Start device", "start-device", "compressor"));
        }
        for (int i = 1; i <= stages; i++) {
            out.add(new Place(numbered("Compressor", i, stages), "compressor", ""));
        }
        for (int i = 1; i <= fans; i++) {
            out.add(new Place(numbered("Outdoor fan motor", i, fans), "motor", ""));
        }
        out.add(new Place("Outdoor fan relay", "relay", OUTDOOR_FAN));
        out.add(new Place("Crankcase heater", "crankcase-heater", "compressor"));
        out.add(new Place("Pressure switches", "switch", "compressor"));
        out.add(new Place("Control transformer", "transformer", "24 V circuit"));
        out.add(new Place("Indoor blower motor", "motor", ""));
        out.add(new Place("Indoor unit", CAPACITOR, "indoor blower"));
        out.add(new Place("Float switch", "switch", "24 V circuit"));
        out.add(new Place("Thermostat", "thermostat", "24 V circuit"));
        out.add(new Place("Control board", "board", "24 V circuit"));
        if (threePhase) {
            out.add(new Place("Phase monitor", "phase-monitor", "the whole unit"));
            out.add(new Place("Overload relay", "overload", "indoor blower"));
        }
        return out;
    }

    /** What a place is called once {@code plate} is known: the only compressor becomes the first where the plate has two. */
    public static String nameNow(String name, Spec plate) {
        List<String> names = of(plate).stream().map(Place::name).toList();
        return !names.contains(name) && names.contains(name + " 1") ? name + " 1" : name;
    }

    private static String numbered(String name, int at, int of) {
        return of == 1 ? name : name + " " + at;
    }

    /** Whether what {@code serves} names is the motor at {@code place}: an outdoor fan, an indoor blower. */
    public static boolean isServedBy(String place, String serves) {
        String motor = Letters.small(place).replaceAll(" motor.*", "");
        return !motor.isBlank() && Letters.small(serves).contains(motor);
    }
}
