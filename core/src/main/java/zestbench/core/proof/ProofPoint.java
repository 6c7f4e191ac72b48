package zestbench.core.proof;

import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;

/** Where a running unit is read. Each has the range in which a reading is one of a unit at work. */
public enum ProofPoint {
    RETURN_AIR("Return air", "returnFahrenheit", Quantity.FAHRENHEIT, 20, 130),
    SUPPLY_AIR("Supply air", "supplyFahrenheit", Quantity.FAHRENHEIT, 0, 200),
    OUTDOOR_AIR("Outdoor air", "outdoorFahrenheit", Quantity.FAHRENHEIT, -60, 140),
    SUCTION_PRESSURE("Suction pressure", "suctionPsig", Quantity.PSIG, -14, 500),
    SUCTION_LINE("Suction line", "suctionLineFahrenheit", Quantity.FAHRENHEIT, -60, 200),
    LIQUID_PRESSURE("Liquid pressure", "liquidPsig", Quantity.PSIG, -14, 900),
    LIQUID_LINE("Liquid line", "liquidLineFahrenheit", Quantity.FAHRENHEIT, -60, 200),
    RETURN_WET_BULB("Return wet bulb", "returnWetBulbFahrenheit", Quantity.FAHRENHEIT, 20, 100),
    SUPPLY_WET_BULB("Supply wet bulb", "supplyWetBulbFahrenheit", Quantity.FAHRENHEIT, 0, 100),
    AIRFLOW("Airflow", "airflowCfm", Quantity.CFM, 0, 20_000),
    GAS_INLET("Gas, inlet", "gasInletInchesOfWater", Quantity.INCHES_OF_WATER, 0, 60),
    GAS_MANIFOLD("Gas, manifold", "gasManifoldInchesOfWater", Quantity.INCHES_OF_WATER, 0, 20),
    FLAME_SIGNAL("Flame signal", "flameMicroamps", Quantity.MICROAMPS, 0, 100);

    private final String title;
    private final String field;
    private final Quantity quantity;
    private final double lowest;
    private final double highest;

    ProofPoint(String title, String field, Quantity quantity, double lowest, double highest) {
        this.title = title;
        this.field = field;
        this.quantity = quantity;
        this.lowest = lowest;
        this.highest = highest;
    }

    public String title() {
        return title;
    }

    /** Its name in the open interface. */
    public String field() {
        return field;
    }

    /** Whether each circuit of refrigerant has its own. */
    public boolean isOfCircuit() {
        return switch (this) {
            case SUCTION_PRESSURE, SUCTION_LINE, LIQUID_PRESSURE, LIQUID_LINE -> true;
            default -> false;
        };
    }

    /** Whether it is read of a unit that runs for this. */
    public boolean isReadOf(Running running) {
        return switch (this) {
            case RETURN_AIR, SUPPLY_AIR, OUTDOOR_AIR, AIRFLOW -> true;
            case GAS_INLET, GAS_MANIFOLD, FLAME_SIGNAL -> running == Running.HEAT;
            case RETURN_WET_BULB, SUPPLY_WET_BULB -> running == Running.COOLING;
            default -> running != Running.HEAT;
        };
    }

    public Quantity quantity() {
        return quantity;
    }

    /** The reading itself; throws where it cannot be one. */
    public double checked(double value) {
        InputProblem.require(
                value >= lowest && value <= highest,
                field,
                value,
                "give " + Letters.small(title) + " from " + Math.round(lowest) + " to " + Math.round(highest) + " "
                        + quantity.unit());
        return value;
    }
}
