package zestbench.server.vision;

import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.concurrent.CompletableFuture;

/** The two models, loaded once in a process, as the runtime's environment is, and kept as long as that. */
record Models(Finder finder, Recogniser recogniser) {
    private static final String FIND_MODEL = "ch_PP-OCRv4_det_infer.onnx";
    private static final String READ_MODEL = "ch_PP-OCRv4_rec_infer.onnx";

    /** Begins with the first that asks. */
    private static final class Shared {
        static final CompletableFuture<Models> LOADED = begun();

        private static CompletableFuture<Models> begun() {
            CompletableFuture<Models> out = new CompletableFuture<>();
            Thread loader = new Thread(
                    () -> {
                        try {
                            out.complete(load());
                        } catch (OrtException | RuntimeException | UnsatisfiedLinkError problem) {
                            out.completeExceptionally(problem);
                        }
                    },
                    "photo-models");
            loader.setDaemon(true);
            loader.setPriority(Thread.MIN_PRIORITY);
            loader.start();
            return out;
        }
    }

    /** Those of this process, loaded in the background from the first time this is asked. */
    static CompletableFuture<Models> shared() {
        return Shared.LOADED;
    }

    private static Models load() throws OrtException {
        OrtEnvironment environment = OrtEnvironment.getEnvironment();
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.setIntraOpNumThreads(Math.min(2, Runtime.getRuntime().availableProcessors()));
            // what a picture took is given back after it
            options.setCPUArenaAllocator(false);
            options.setMemoryPatternOptimization(false);
            OrtSession find = environment.createSession(model(FIND_MODEL), options);
            OrtSession read = environment.createSession(model(READ_MODEL), options);
            return new Models(new Finder(environment, find), new Recogniser(environment, read, Alphabet.load()));
        }
    }

    private static byte[] model(String name) {
        try (InputStream in = Models.class.getResourceAsStream("/models/" + name)) {
            return in.readAllBytes();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
