package zestbench.server.security;

import java.util.HexFormat;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/**
 * What the bench shows itself when it asks its simulated devices, and what a backup shows it: random at each start, kept
 * in a file that only the owner of the data folder can read.
 */
@Component
public class InnerPass {
    public static final String HEADER = "X-Inner-Pass";
    private static final int BYTES = 32;

    private final String pass =
            HexFormat.of().formatHex(KeyGenerators.secureRandom(BYTES).generateKey());

    public String text() {
        return pass;
    }

    boolean isRight(String given) {
        return Hashes.same(given, pass);
    }
}
