package zestbench.core.judgement;

/** What a STOP asks for before anything else goes on; it is the next action wherever the STOP stands. */
public enum Demand {
    FIND_CAUSE("Find why it opened first"),
    LOADS_TO_GROUND("Read each load to ground"),
    PULL_DISCONNECT("Pull the disconnect: a contact is welded"),
    START_PARTS("Power off: test capacitor and start device"),
    STOP_MOTOR("Stop the motor and find out why"),
    PUMPING("Find out why it does not pump"),
    LIQUID("Find out why liquid comes back"),
    UPSTREAM("Go back towards the source, point by point"),
    FUSES("Fuses out: read them by ohms"),
    UNBALANCE("Settle the unbalance at the source"),
    REFRIGERANT("Find out what is in the circuit"),
    SHEAVE("Take a smaller sheave"),
    TAKE_OUT("Take the added start device out"),
    LISTED("Ask the unit's maker which parts are listed");

    private final String words;

    Demand(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
