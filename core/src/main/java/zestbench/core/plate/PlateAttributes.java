package zestbench.core.plate;

import java.util.List;
import java.util.stream.Stream;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;

/** What a unit's rating plate can say. */
public final class PlateAttributes {
    private static final String MOTOR_ROW = "in the row of that motor";

    /** In the order a plate is read. */
    /** How plates print the power of small motors. */
    private static final List<String> FRACTIONS =
            List.of("1/12", "1/10", "1/8", "1/6", "1/5", "1/4", "1/3", "1/2", "3/4");

    public static final List<Attribute> ALL = List.of(
            Attribute.text("model", "Model", "beside MODEL or M/N"),
            Attribute.text("serial", "Serial", "beside SERIAL or S/N; private"),
            Attribute.text("manufactured", "Made", "beside MFD or MFG DATE, month and year"),
            Attribute.number("volts", "Rated volts", "V", "beside VOLTS, one or a pair")
                    .as(Type.NUMBERS),
            Attribute.number("phase", "Phase", "", "beside PH"),
            Attribute.number("hertz", "Frequency", "Hz", "beside HZ").as(Type.NUMBERS),
            Attribute.number("minVolts", "Least volts", "V", "permissible voltage, MIN"),
            Attribute.number("maxVolts", "Most volts", "V", "permissible voltage, MAX"),
            Attribute.rows(
                    "compressors",
                    "Compressors",
                    "in the compressor's row",
                    Attribute.number("ratedLoadAmps", "RLA", "A", "in the compressor's row"),
                    Attribute.number("lockedRotorAmps", "LRA", "A", "in the compressor's row")),
            Attribute.number(
                    "circuits", "Circuits", "", "of refrigerant; one for each compressor where it is not said"),
            fans("outdoorFans", "Outdoor fans"),
            fans("indoorFans", "Indoor fans"),
            Attribute.number("heaterAmps", "Electric heat", "A", "in the heater's row"),
            Attribute.number("heaterKilowatts", "Electric heat", "kW", "in the heater's row"),
            Attribute.number("branchCircuitSelectionAmps", "Branch-circuit selection", "A", "beside BCSC"),
            Attribute.number("minimumCircuitAmps", "MCA", "A", "beside MCA or MIN CIRCUIT AMPS"),
            Attribute.number("maximumFuseAmps", "Max fuse", "A", "beside MAX FUSE or MOP"),
            Attribute.number("maximumBreakerAmps", "Max breaker", "A", "beside MAX BREAKER or MOP"),
            Attribute.number("crankcaseHeaterWatts", "Crankcase heater", "W", "beside CRANKCASE HEATER"),
            Attribute.number("shortCircuitKiloamps", "Short-circuit rating", "kA", "beside SCCR"),
            Attribute.text("shortCircuitFuseClass", "Fuse class for it", "beside SCCR, as CLASS RK5"),
            Attribute.text("refrigerant", "Refrigerant", "as R-410A"),
            Attribute.number("refrigerantOnly", "For that refrigerant only", "", "as R-22 ONLY, on indoor coils")
                    .as(Type.FLAG),
            Attribute.number("chargeOunces", "Factory charge", "oz", "beside the refrigerant, pounds and ounces"),
            Attribute.number("targetSubcoolingFahrenheit", "Target subcooling", "°F", "beside SUBCOOLING"),
            Attribute.choice("metering", "Metering", "as TXV or PISTON", "VALVE", "ORIFICE"),
            Attribute.number("highSideDesignPsig", "Design pressure, high", "psig", "beside DESIGN PRESSURE, HIGH"),
            Attribute.number("lowSideDesignPsig", "Design pressure, low", "psig", "beside DESIGN PRESSURE, LOW"),
            Attribute.number("nominalBtuPerHour", "Nominal cooling", "Btu/h", "a digit group of the model number"));

    private PlateAttributes() {}

    /** What the figure at {@code path} is called, such as RLA for {@code compressors[0].ratedLoadAmps}. */
    static String labelOf(String path) {
        String row = path.replaceAll("\\[.*", "");
        String member = path.replaceAll(".*\\.", "");
        return ALL.stream()
                .filter(a -> a.name().equals(row))
                .flatMap(a -> a.rows().isEmpty() ? Stream.of(a) : a.rows().stream())
                .filter(a -> a.name().equals(member))
                .map(Attribute::label)
                .findFirst()
                .orElse(member);
    }

    private static Attribute fans(String name, String label) {
        return Attribute.rows(
                name,
                label,
                MOTOR_ROW,
                Attribute.number("horsepower", "HP", "HP", MOTOR_ROW).written(FRACTIONS),
                Attribute.number("fullLoadAmps", "FLA", "A", MOTOR_ROW));
    }
}
