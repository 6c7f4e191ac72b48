package zestbench.core.motor;

import java.util.List;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;

/** What a motor's label can say. */
public final class MotorAttributes {
    private static final String RATING_LINE = "on the rating line";
    private static final String SMALL_PRINT = "in the small print";
    private static final String MEASURED = Attribute.MEASURED;

    /** In the order a label is read. */
    public static final List<Attribute> ALL = List.of(
            Attribute.choice(
                    "type",
                    "Kind of motor",
                    "as PSC or SHADED POLE, or told by capacitor and phase",
                    "PSC",
                    "SHADED_POLE",
                    "SPLIT_PHASE",
                    "THREE_PHASE",
                    "CONSTANT_TORQUE",
                    "CONSTANT_AIRFLOW"),
            Attribute.number("horsepower", "Power", "HP", "beside HP, as 1/4")
                    .written(HorsepowerSteps.ALL.stream()
                            .map(HorsepowerSteps::text)
                            .toList())
                    .deciding(),
            Attribute.number("volts", "Voltage", "V", "beside VOLTS, one, a range, or two windings")
                    .as(Type.NUMBER_GROUPS)
                    .deciding(),
            Attribute.number("phase", "Phase", "", "beside PH").deciding(),
            Attribute.number("hertz", "Frequency", "Hz", "beside HZ").as(Type.NUMBERS),
            Attribute.number("fullLoadAmps", "FLA", "A", "beside FLA or AMPS, one for each voltage or speed")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("lockedRotorAmps", "LRA", "A", "beside LRA"),
            Attribute.number("rpm", "Speed", "rpm", "beside RPM, highest first")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("speeds", "Speed taps", "", "as 3 SPD"),
            Attribute.number("poles", "Poles", "", "as 6 POLE; told by the rpm"),
            Attribute.text("frame", "Frame", "beside FR or FRAME, as 48Y"),
            Attribute.choice("rotation", "Rotation", "as CW, CCW or REV", "CW", "CCW", "REVERSIBLE")
                    .deciding(),
            Attribute.choice(
                    "rotationView",
                    "Seen from",
                    "as LE or SE behind the rotation: facing the leads, or facing the shaft",
                    "LEAD_END",
                    "SHAFT_END"),
            Attribute.number("capacitorMicrofarads", "Capacitor wanted", "µF", "beside CAP"),
            Attribute.number("capacitorVolts", "Capacitor volts", "V", "behind its µF"),
            Attribute.number("shaftDiameterInches", "Shaft diameter", "in", MEASURED),
            Attribute.number("shaftLengthInches", "Shaft length", "in", MEASURED),
            Attribute.number("bodyDiameterInches", "Body diameter", "in", MEASURED),
            Attribute.number("ambientCelsius", "Ambient", "°C", "beside AMB"),
            Attribute.choice("enclosure", "Enclosure", "beside ENCL", "OPEN", "TEAO", "TENV", "TEFC", "ODP"),
            Attribute.choice("insulationClass", "Insulation class", "beside INS CL", "A", "B", "F", "H"),
            Attribute.number("serviceFactor", "Service factor", "", "beside SF"),
            Attribute.number("thermallyProtected", "Thermally protected", "", SMALL_PRINT)
                    .as(Type.FLAG),
            Attribute.choice("drive", "Drive", "how the fan hangs on it", "DIRECT", "BELT"),
            Attribute.text("mount", "Mount", "belly band, studs, ring or base"),
            Attribute.choice("bearing", "Bearing", SMALL_PRINT, "SLEEVE", "BALL"),
            Attribute.text("shaftPosition", "Shaft position", RATING_LINE),
            Attribute.number("bladeDiameterInches", "Blade diameter", "in", MEASURED),
            Attribute.number("bladePitchDegrees", "Blade pitch", "°", "on the hub or blade"),
            Attribute.number("bladeDepthInches", "Blade depth", "in", "in its ring; measure it before it comes off"),
            Attribute.rows(
                    MotorLeads.LEADS,
                    "Leads, as printed",
                    "in the table or drawing on it",
                    Attribute.text("terminal", "Lead", "what it is for"),
                    Attribute.text("color", "Colour", "as printed"),
                    Attribute.text("tracer", "Stripe", "as printed")));

    private MotorAttributes() {}
}
