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
    TAKE_OUT("Take the added start device out", "It is out: close this part"),
    LISTED("Ask the unit's maker which parts are listed");

    private final String words;
    private final String done;

    Demand(String words) {
        this(words, "");
    }

    Demand(String words, String done) {
        this.words = words;
        this.done = done;
    }

    /** What is said once it is done, where one tap settles it; empty where a reading or another step does. */
    public String done() {
        return done;
    }

    public String words() {
        return words;
    }
}
