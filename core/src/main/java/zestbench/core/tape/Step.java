package zestbench.core.tape;

/** The six steps of a part. */
public enum Step {
    READ("Read"),
    TEST("Test"),
    JUDGE("Judge"),
    MATCH("Match"),
    HOOK_UP("Hook up"),
    PROVE("Prove");

    private final String word;

    Step(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
