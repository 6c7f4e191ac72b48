package zestbench.core.supply;

/** Where volts are read on the way from the street to the loads. */
public enum SupplyPoint {
    DISCONNECT("Disconnect"),
    LINE("Contactor, line side"),
    LOAD("Contactor, load side"),
    TRANSFORMER("24 V at the transformer"),
    COIL("24 V at the coil"),
    CHAIN("24 V from R to C");

    private final String title;

    SupplyPoint(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** Whether control volts are read here, which stay on from indoors when the outdoor disconnect is pulled. */
    public boolean isControl() {
        return this == TRANSFORMER || this == COIL || this == CHAIN;
    }

    /** Whether several readings are told apart here, by the legs or by where along the circuit they were taken. */
    public boolean isPaired() {
        return this != TRANSFORMER && this != COIL;
    }
}
