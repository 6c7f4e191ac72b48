package zestbench.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** How commands on this machine find and reach the bench that runs on a data folder. */
@Component
public class Running {
    private final DataFolder folder;

    Running(DataFolder folder) {
        this.folder = folder;
    }

    /** @param address on this machine @param pass the inner one */
    public record Reach(String address, String pass) {}

    /** Says where the bench runs, until it ends. */
    public void say(Reach reach) {
        folder.write(folder.running(), reach.address() + "\n" + reach.pass() + "\n");
        folder.running().toFile().deleteOnExit();
    }

    /** The bench that runs on {@code data}, or did before it was killed. */
    public static Optional<Reach> on(Path data) throws IOException {
        Path file = new DataFolder(data).running();
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        List<String> lines = Files.readAllLines(file);
        return lines.size() == 2 ? Optional.of(new Reach(lines.get(0), lines.get(1))) : Optional.empty();
    }
}
