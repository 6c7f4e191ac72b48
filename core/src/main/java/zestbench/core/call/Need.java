package zestbench.core.call;

/** What a command looks at beyond its own call, so that nothing else is fetched for it. */
public enum Need {
    /** The places of the unit. */
    UNIT,
    /** What is written up on the unit and not ended. */
    WRITE_UPS,
    /** How the unit is proved: altitude and its refrigerant's table. */
    PROOF
}
