package zestbench.core.help;

/** What help can be asked for: a step of a part, or of a call. */
public enum Topic {
    READ,
    TEST,
    JUDGE,
    MATCH,
    HOOK_UP,
    PROVE,
    ASK,
    SAFE,
    PLATE,
    SUPPLY,
    WINDINGS,
    AMPS,
    FOUND,
    PROOF,
    WRITE_UPS,
    OPTIONS,
    LEAVE
}
