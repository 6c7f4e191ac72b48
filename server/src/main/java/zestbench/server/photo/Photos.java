package zestbench.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import zestbench.core.quantity.InputProblem;
import zestbench.server.data.DataFolder;
import zestbench.server.problem.NotHere;

/** Photos as files, each under a name of its own that is never given again. */
@Service
public class Photos {
    private static final String NAME = "[0-9a-f-]{36}";

    private final Path folder;

    Photos(DataFolder data) {
        this.folder = data.photos();
    }

    /** Keeps a photo. @return its name */
    public String keep(Picture picture) {
        String name = UUID.randomUUID().toString();
        write(name, picture);
        return name;
    }

    /** Keeps a photo that was carried here under its name; one that is here stays. */
    public void put(String name, Picture picture) {
        check(name);
        if (!has(name)) {
            write(name, picture);
        }
    }

    private void write(String name, Picture picture) {
        Path file = file(name);
        forgetUnlessKept(file);
        try {
            Files.createDirectories(folder);
            Path part = folder.resolve(name + ".part");
            Files.write(part, picture.jpeg());
            Files.move(part, file);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    /** A photo whose change is not kept is not kept either. */
    private static void forgetUnlessKept(Path file) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                if (status != STATUS_COMMITTED && !file.toFile().delete()) {
                    file.toFile().deleteOnExit();
                }
            }
        });
    }

    public byte[] get(String name) {
        if (!has(name)) {
            throw new NotHere("There is no such photo.");
        }
        try {
            return Files.readAllBytes(file(name));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    public boolean has(String name) {
        return name.matches(NAME) && Files.exists(file(name));
    }

    /** Checks the name of a photo that is carried here. */
    public static void check(String name) {
        InputProblem.require(
                name.matches(NAME), "name", name, "a photo is named by 36 signs, 0 to 9, a to f and dashes");
    }

    private Path file(String name) {
        return folder.resolve(name + ".jpg");
    }
}
